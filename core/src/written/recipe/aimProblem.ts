import { aimedShares } from '../place/aimedShares';
import { aimKey, sideWords } from '../place/aim';
import { forms } from '../place/forms';
import type { Shape } from '../place/shape';
import { aimOf } from './aimOf';
import type { Step } from './step';

/**
 * Why nothing on a form is what a line is aimed at, as a sentence; null where something is, or the
 * line is not aimed.
 */
export function aimProblem(
  step: Pick<Step, 'technique' | 'placement' | 'coats'>,
  shape: Shape,
): string | null {
  const aim = aimOf(step);
  if (aimKey(aim) === '' || aimedShares(shape, aim).some((share) => share > 0)) return null;
  const { label, along } = forms[shape.form];
  if (aim.spot !== undefined) {
    const spot = shape.spots?.find(({ id }) => id === aim.spot);
    if (!spot) return 'The spot it is aimed at is no longer there.';
    if (spot.share === 0) return `The spot “${spot.name}” has 0 % of the surface.`;
  }
  if (aim.along && !along) return `A ${label} has no root and no tip to be aimed along.`;
  if (aim.facing?.within === 0)
    return `Nothing faces ${sideWords(aim.facing.side).label} within 0°.`;
  if (aim.facing && Object.keys(step.placement.aim ?? {}).length === 1)
    return `On ${label} nothing faces ${sideWords(aim.facing.side).label} within ${Math.round(aim.facing.within)}°.`;
  return `On ${label} no place is all it is aimed at.`;
}
