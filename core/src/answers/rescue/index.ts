export { layLine } from './layLine';
export type { Mend, Mishap } from './mishap';
export { mishapKinds, mishapOf, type MishapKind } from './mishapKinds';
export { mishapDegrees, mishapSurface, type MishapDegree } from './mishapSurface';
export { plannedAfter, rescue } from './rescue';
