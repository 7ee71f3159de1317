import type { Rung } from './bridgeMixes';
import { mostParts, type Mix } from '../../written/mix/mix';
import type { Step } from '../../written/recipe/step';
import { sameTogether, simplestParts } from '../../written/mix/simplestParts';

/**
 * A mix between those of two lines, in whole parts: the lower line's mix is carried forward, the
 * upper one is written out in its own parts, as it is not mixed yet where this stands.
 *
 * @param lower a line above the new one
 * @param upper the line the new one leads to; its thinning is taken over
 * @throws RangeError when the parts would be more than anybody counts out (over 100)
 */
export function mixBetween(
  lower: Step,
  upper: Step,
  { fromParts, toParts }: Pick<Rung, 'fromParts' | 'toParts'>,
): Mix {
  const total = upper.mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  // Multiplied through by the upper mix's total, so that whole parts stay whole.
  const parts = simplestParts(
    sameTogether([
      { from: 'step', stepId: lower.id, parts: fromParts * total },
      ...upper.mix.parts.map((part) => ({ ...part, parts: part.parts * toParts })),
    ]),
  );
  if (parts.some((part) => part.parts > mostParts))
    throw new RangeError(`no mix takes more than ${mostParts} parts of one thing`);
  return { ...upper.mix, parts };
}
