import { filmOver } from '../../../light/optics/filmOver';
import type { Step } from '../../../written/recipe/step';
import { techniqueOf } from '../../../written/technique/techniques';
import { mishap } from './mishap';

/** The edge a puddle dries to is thicker than what was put on, but no thicker than its paint. */
const loadLeft = (step: Step) => 0.3 * techniqueOf(step.technique).film;

export const tideMark = mishap({
  listedAt: 7,
  name: 'tide mark',
  leaves: ({ planned, paint, step, much }) => filmOver(planned, paint, 3 * much * loadLeft(step)),
});
