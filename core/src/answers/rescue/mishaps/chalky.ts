import { mishap } from './mishap';

/** Dry pigment that did not level scatters white from its rough surface: so much of it. */
const chalkScatters = 0.14;

export const chalky = mishap({
  listedAt: 5,
  name: 'chalky',
  leaves: ({ planned, much }) => planned.map((r) => r + (1 - r) * chalkScatters * much),
});
