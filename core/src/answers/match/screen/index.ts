export { mixMeter, type Looked } from './mixMeter';
export { wholeParts } from './wholeParts';
