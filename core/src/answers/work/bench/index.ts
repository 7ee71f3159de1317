export {
  armyOnBench,
  benchSchema,
  looseFigure,
  looseUnit,
  recipesOnBench,
  type Bench,
} from './bench';
export { benchStep, type BenchStep } from './benchStep';
export { benchTasks, type BenchState, type BenchTask } from './benchTasks';
export type { Drying } from './drying';
export { broughtOver, firstUnticked, withoutNotes } from './olderArmies';
export { oneMoreLike } from './oneMoreLike';
export { extraStep, forModels, paintedCoat, type EntryHead } from './paintedCoat';
export { planNotes, type NotedCoat } from './planNotes';
export { wetMixes, type WetMix } from './wetMixes';
