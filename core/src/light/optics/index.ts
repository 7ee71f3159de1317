export { filmOver } from './filmOver';
export { masstoneOf } from './masstone';
export { mixOptics } from './mixOptics';
