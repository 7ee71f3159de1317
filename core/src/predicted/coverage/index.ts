export {
  compareGrounds,
  suggestUnderColour,
  type OverGround,
  type UnderColour,
} from './compareGrounds';
export { coverageByPlace, type PlaceCoverage } from './coverageByPlace';
