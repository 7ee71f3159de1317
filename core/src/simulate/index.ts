export { paintPast } from './paintPast';
export type { Past, PastAsked, PastPainter } from './past';
