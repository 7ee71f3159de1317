import type { Recipe } from './recipe';
import { finishLevels, type FinishLevel, type Step } from './step';

/** Whether a finish level takes a line in. @example reaches({ …step, level: 'display' }, 'table') // → false */
export function reaches(step: Pick<Step, 'level'>, finishLevel: FinishLevel): boolean {
  return finishLevels.indexOf(step.level) <= finishLevels.indexOf(finishLevel);
}

type Coats = Pick<Step, 'coats' | 'coatsAt' | 'coatsUpTo'>;

/** The fewest and the most coats of a line at a finish level: the same where it says one figure. */
export function rangeOfCoats(
  { coats, coatsAt, coatsUpTo }: Coats,
  finishLevel: FinishLevel,
): readonly [least: number, most: number] {
  const own = coatsAt?.[finishLevel];
  if (own !== undefined) return [own, own];
  return [coats, Math.max(coats, coatsUpTo ?? coats)];
}

/**
 * The most coats of a line that was written as a range; null where it says one figure. Of a line
 * whose `coats` are what is reckoned with by now, too.
 */
export const mostOfRange = (
  { coatsAt, coatsUpTo }: Coats,
  finishLevel: FinishLevel,
): number | null => (coatsAt?.[finishLevel] === undefined ? (coatsUpTo ?? null) : null);

/** The middle of a line's range of coats, which may be a half. */
export function middleCoats(step: Coats, finishLevel: FinishLevel): number {
  const [least, most] = rangeOfCoats(step, finishLevel);
  return (least + most) / 2;
}

/** Coats of a line at a finish level that are reckoned with: of a range its middle, a half as one. */
export const coatsOf = (step: Coats, finishLevel: FinishLevel): number => {
  const [least, most] = rangeOfCoats(step, finishLevel);
  return least === most ? least : Math.ceil((least + most) / 2);
};

/**
 * The lines that are painted at a recipe's finish level, in order, each with its coats at that
 * level. A line that is switched out is left out, and with it whatever repairs its dulling.
 */
export function includedSteps({
  steps,
  finishLevel,
}: Pick<Recipe, 'steps' | 'finishLevel'>): Step[] {
  const painted = new Set<string>();
  return steps.flatMap((step) => {
    const isPainted =
      reaches(step, finishLevel) &&
      !step.isOut &&
      (step.restores === undefined || painted.has(step.restores));
    if (!isPainted) return [];
    painted.add(step.id);
    return [{ ...step, coats: coatsOf(step, finishLevel) }];
  });
}
