import type { Spectrum } from '../../../light/colour/spectrum';
import { surfaceColour } from '../../../light/colour/surfaceColour';
import { mishap } from './mishap';
import { withValue } from './withValue';

/** A line that lightens stands out by being lighter still. */
const isLighter = (planned: Spectrum, below: Spectrum) =>
  surfaceColour(planned).value >= surfaceColour(below).value;

export const tooStark = mishap({
  listedAt: 3,
  name: 'too stark',
  leaves: ({ planned, below, off }) => withValue(planned, isLighter(planned, below) ? off : -off),
});
