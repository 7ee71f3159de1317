import type { Placement } from '../placement';

export const everywhere: Placement = { from: 0, to: 1, softness: 0, pull: 'even' };
