export {
  lastTime,
  lineStories,
  type LineStory,
  type LineTime,
  type ModelSurface,
  type RecipeLine,
} from './lineTimes';
