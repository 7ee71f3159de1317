export { doneAfterAll, putOff, type PutOff } from './putOff';
export { lastTime, lineStories, type LineStory, type LineTime } from './lineTimes';
