export { bringBack, type AddedDrops, type BroughtBack } from './bringBack';
export { amountsOfDrops, puddleStudy, withDrops, type PuddleStudy } from './dropByDrop';
export {
  brushedOfAmounts,
  countDrops,
  makeAgain,
  mixOfWell,
  mixWanted,
  thinningOf,
} from './makeAgain';
export { mixedByEye, type MixedByEye } from './mixedByEye';
export {
  WellError,
  loadOfAmounts,
  moreOf,
  paintMl,
  pour,
  putIn,
  sharesIn,
  takeSome,
  volumeMlOf,
  wantedOf,
  type Amounts,
} from './puddle';
export { rooms, staysUsableMinutes, type Room } from './staysUsable';
export {
  keepings,
  mostWells,
  paletteSchema,
  potIdsInPalette,
  wantedMixSchema,
  type Palette,
  type WantedMix,
  type Well,
} from './well';
