import type { Pot } from '../../written/pot/pot';
import type { Thinning } from '../../written/mix/mix';
import type { Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';

/** Which of a pot’s habits goes for a technique: one for coats, another for what is wiped off. */
const habitOf = ({ technique }: Pick<Step, 'technique'>) =>
  techniqueOf(technique).isThinned ? 'usualGlaze' : 'usualThinner';

/** How a pot’s owner likes to thin it for such a line; undefined where nothing is remembered. */
export const thinningHabit = (pot: Pot, step: Pick<Step, 'technique'>): Thinning | undefined =>
  pot[habitOf(step)];

/** The pot with a thinning remembered for lines of this kind. */
export const withThinningHabit = (
  pot: Pot,
  step: Pick<Step, 'technique'>,
  { waterParts, mediumParts }: Thinning,
): Pot => ({ ...pot, [habitOf(step)]: { waterParts, mediumParts } });
