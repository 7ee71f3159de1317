import { filmOver } from '../../../light/optics/filmOver';
import { techniqueOf } from '../../../written/technique/techniques';
import { mishap } from './mishap';

export const pooled = mishap({
  listedAt: 6,
  name: 'pooled',
  leaves: ({ planned, paint, step, much }) =>
    filmOver(planned, paint, 2 * much * techniqueOf(step.technique).film),
});
