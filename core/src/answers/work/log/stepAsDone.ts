import { coatsOf, reaches } from '../../../written/recipe/includedSteps';
import type { Placement } from '../../../written/place/placement';
import { placementsOf } from '../../../written/place/shrinking';
import type { Step } from '../../../written/recipe/step';
import type { Recipe } from '../../../written/recipe/recipe';
import { mixOfBrushed } from './mixed/asMixed';
import type { CoatEntry } from './entry';

/** A line with so many coats at a level; untouched where that is what it says already. */
export function withCoats(step: Step, coats: number, level: Recipe['finishLevel']): Step {
  const { isOut: _wasOut, coatsAt, coatsUpTo, ...rest } = step;
  // A coat that went on went on, whatever level it was written for.
  const kept = reaches(step, level) ? rest : { ...rest, level };
  const isRange = coatsUpTo !== undefined && coatsAt?.[level] === undefined;
  if (coats === coatsOf(step, level) && !isRange) return { ...kept, ...(coatsAt && { coatsAt }) };
  if (!coatsAt?.[level]) return { ...kept, coats, ...(coatsAt && { coatsAt }) };
  return { ...kept, coatsAt: { ...coatsAt, [level]: coats } };
}

/** A step that no recipe has, as it was done once. */
export function extraStep(extra: CoatEntry): Step {
  return {
    id: extra.stepId,
    stage: extra.stage,
    technique: extra.technique,
    mix: mixOfBrushed(extra.brushed),
    coats: 1,
    placement: extra.placement,
    dryMinutes: Math.min(2880, Math.round(extra.dryMinutes)),
    level: 'field',
    note: extra.note ?? '',
  };
}

/**
 * Of coats that each go on less than the one before, some of them.
 *
 * @param planned coats of the line in all
 * @param before coats that went on before them
 */
export function someCoats(
  placement: Placement,
  planned: number,
  before: number,
  coats: number,
): Placement {
  if (!placement.last || (before === 0 && coats >= planned)) return placement;
  const all = placementsOf(placement, planned);
  const at = (coat: number) => all[Math.min(all.length - 1, coat)];
  const [first, end] = [at(before), at(before + coats - 1)];
  const { within, along, height } = placement.last;
  return {
    ...first,
    last: {
      from: end.from,
      to: end.to,
      ...(within !== undefined && { within: end.aim?.facing?.within }),
      ...(along && end.aim?.along && { along: endsOf(end.aim.along) }),
      ...(height && end.aim?.height && { height: endsOf(end.aim.height) }),
    },
  };
}

/** Whether a coat is the first beyond those planned, of a line whose coats each go on less. */
export const isSplit = ({ placement }: Step, planned: number, coat: number): boolean =>
  placement.last !== undefined && coat === planned + 1;

const endsOf = ({ from, to }: { from: number; to: number }) => ({ from, to });
