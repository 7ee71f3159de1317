export type { Rule } from './dispatched';
export { lowerBound } from './lowerBound';
export { slipOf, spillRisk, type OrderEntry } from './spillRisk';
export {
  changedSince,
  madeFrom,
  timetableSchema,
  type MadeFrom,
  type Timetable,
} from './timetable';
export { tryRules, type Schedule } from './tryRules';
