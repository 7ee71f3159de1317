import type { Mix } from '../mix/mix';
import type { Placement } from '../place/placement';
import type { Recipe } from '../recipe/recipe';
import type { Step } from '../recipe/step';
import { techniqueOf, type TechniqueName } from '../technique/techniques';

export type LineDetails = Partial<Omit<Step, 'placement' | 'mix'>> & {
  placement?: Partial<Placement>;
};

/**
 * A line in short: stage and technique, then the mix as it would be written down, parts
 * of pots by their ids and of earlier lines by their number; `water` for a brush without paint.
 * @example ['highlight layer', '1 @4 + 4 oilskin : 0.5 water', { coats: 3 }]
 */
export type WrittenLine = [
  how: `${Step['stage']} ${TechniqueName}`,
  mix: string,
  details?: LineDetails,
];

export type WrittenRecipe = Omit<Recipe, 'models' | 'archived' | 'steps'> & {
  models?: number;
  lines: WrittenLine[];
};

/** A recipe from its lines in short, for samples and tests: not checked, so write it right. */
export function writtenRecipe({ lines, ...head }: WrittenRecipe): Recipe {
  const idOf = (number: number) => `${head.id}-${number}`;
  const steps = lines.map(([how, mix, { placement, ...details } = {}], index): Step => {
    const [stage, technique] = how.split(' ') as [Step['stage'], TechniqueName];
    return {
      id: idOf(index + 1),
      stage,
      technique,
      mix: mixFrom(mix, idOf),
      coats: 1,
      dryMinutes: 15,
      level: 'field',
      note: '',
      ...details,
      placement: { ...techniqueOf(technique).usualPlacement, ...placement },
    };
  });
  return { models: 6, archived: false, ...head, steps };
}

function mixFrom(written: string, idOf: (number: number) => string): Mix {
  const [paint, ...thinners] = written.split(' : ');
  const thinner = (kind: string) =>
    Number(thinners.find((each) => each.endsWith(kind))?.split(' ')[0] ?? 0);
  return {
    parts:
      paint === 'water'
        ? []
        : paint.split(' + ').map((part) => {
            const [count, source] = part.split(' ');
            return source.startsWith('@')
              ? { from: 'step', stepId: idOf(Number(source.slice(1))), parts: Number(count) }
              : { from: 'pot', potId: source, parts: Number(count) };
          }),
    waterParts: thinner('water'),
    mediumParts: thinner('medium'),
  };
}
