import type { RuleName } from '../../../answers/advice/remark';
import type { Recipe } from '../../../written/recipe/recipe';
import { practiceRecipe, type PracticeRecipe, type ScrapLine } from '../practiceRecipe';

/** A good recipe with one thing done wrong. */
export interface PracticeFault {
  fault: string;
  /** name of the good recipe */
  in: string;
  /** lines written otherwise, by number */
  put?: Record<number, ScrapLine>;
  /** lines put in after a number; 0 before all */
  after?: Record<number, ScrapLine>;
  without?: number[];
  ground?: string;
  more?: Partial<Recipe>;
  /** the remark that should speak */
  rule: RuleName;
}

/** The good recipe with the fault in it. @throws Error when there is no such recipe */
export function withFault(good: readonly PracticeRecipe[], fault: PracticeFault): Recipe {
  const from = good.find(({ name }) => name === fault.in);
  if (!from) throw new Error(`no good recipe is called ${fault.in}`);
  const before = fault.after?.[0];
  const lines = from.lines.flatMap((line, index) => {
    const number = index + 1;
    const kept = fault.without?.includes(number) ? [] : [fault.put?.[number] ?? line];
    const next = fault.after?.[number];
    return next === undefined ? kept : [...kept, next];
  });
  return practiceRecipe({
    ...from,
    name: `${from.name}: ${fault.fault}`,
    ground: fault.ground ?? from.ground,
    lines: before === undefined ? lines : [before, ...lines],
    more: { ...from.more, ...fault.more },
  });
}
