export { armyProgress, tickedOn, type UnitProgress } from './armyProgress';
export { asDone } from './asDone';
export {
  holderOf,
  entrySchema,
  type Brushed,
  type CoatEntry,
  type Deviation,
  type EntryOf,
  type LogEntry,
} from './entry';
export { handsOnTable, type HandsOnRow } from './handsOnTable';
export { enoughRecords, learnFigures, type Learned, type LearnedFigures } from './learnFigures';
export { modelRecord, type RecordedLine, type RecordedSurface } from './modelRecord';
export { entriesOf, onTop, partedBy } from './ownPart';
export { notedCoatsOf, paintTaken, paintUsed, type PaintUsed } from './paintTaken';
export { paintToCome, type PotToCome } from './paintToCome';
export { sessionsOf, type LoggedSession } from './sessions';
export { inOrder, nextOrder, standing } from './standing';
