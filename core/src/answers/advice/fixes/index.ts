export { bridgeFix, evenedFix } from './bridgeFix';
export { applyFix, type Fix } from './fix';
export { repairFix } from './repairStep';
export { underColourFix } from './underColourFix';
