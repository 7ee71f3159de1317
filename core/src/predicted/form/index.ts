export { drawForm } from './drawForm';
export { drawGuide } from './drawGuide';
export { views } from './formView';
export { gradientBands, type GradientBand } from './gradientBands';
export { guideMarks, type GuideMark } from './guideMarks';
export { paintedForm, type PaintedRibbon } from './paintedForm';
export { areaPainted, readsAs, readsAsWhole } from './readsAs';
