export { lastTime, lineStories, type LineStory, type LineTime } from './lineTimes';
