import type { Placement } from '../../place/placement';

export const everywhere: Placement = { from: 0, to: 1, softness: 0, pull: 'even' };
