import fc from 'fast-check';
import { colourDifference } from '../../../../light/colour';
import { predictBuildUp } from '../../../../predicted/buildUp/predictBuildUp';
import { bench, levy, watch, WrittenLog } from '../../../../testing/sampleLog';
import { mixOf, recipeWith, shelf, stepWith } from '../../../../testing/sampleRecipe';
import { placementsOf } from '../../../../written/place/shrinking';
import type { Recipe } from '../../../../written/recipe/recipe';
import type { Step } from '../../../../written/recipe/step';
import type { Unit } from '../../army/army';
import { onEachOther } from '../../army/surfaces/layersOn';
import { paintedCoat } from '../../bench/paintedCoat';
import { brushedOf, mixOfBrushed } from '../mixed/asMixed';
import { onFigures } from './onFigure';
import { stackOn } from './stackOn';

const soft = { softness: 0.1, pull: 'even' } as const;
const up = (from: number) => ({ from, to: 1, ...soft });
const brown = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ brown: 3, bone: 1 }), coats: 2 }),
    stepWith({
      id: 'light',
      technique: 'layer',
      coats: 3,
      mix: mixOf({ bone: 1 }),
      placement: { ...up(0.3), last: { from: 0.8, to: 1 } },
    }),
  ],
  { id: 'brown' },
);
const blue = recipeWith(
  [
    stepWith({ id: 'under', mix: mixOf({ blue: 1 }), coats: 2 }),
    stepWith({ id: 'wash', technique: 'allOverWash', mix: mixOf({ wash: 1 }), coats: 1 }),
  ],
  { id: 'blue' },
);
const recipes = { brown, blue };
const recipeOf = ({ recipeId }: { recipeId: string }) =>
  recipeId === 'brown' ? brown : recipeId === 'blue' ? blue : undefined;

interface Coat {
  by: keyof typeof recipes;
  line: number;
}

/** The log of coats, and the same as one recipe with a line for each coat. @param overs laid as an effect */
function painted(
  coats: readonly Coat[],
  overs?: keyof typeof recipes,
): { log: WrittenLog; plain: Recipe } {
  const log = new WrittenLog();
  const counts = new Map<Step, number>();
  const steps = coats.map(({ by, line }, index): Step => {
    const recipe = recipes[by];
    const step = recipe.steps[line];
    const before = counts.get(step) ?? 0;
    counts.set(step, before + 1);
    const place = { bench, unit: watch, surface: watch.surfaces[0], recipe, version: null };
    const head = log.head(index);
    const entry = paintedCoat({ ...place, models: [1] }, step, before + 1, head, null, []);
    const where = { ...entry.where, ...(by === overs && { surfaceId: 'dust' }) };
    log.entries.push({ ...entry, where });
    const all = placementsOf(step.placement, step.coats);
    const mix = mixOfBrushed(brushedOf(step, recipe.steps.slice(0, line)));
    const placement = all[Math.min(all.length - 1, before)];
    return { ...step, id: `coat-${index}`, coats: 1, mix, placement };
  });
  return { log, plain: { ...brown, steps } };
}

const anyCoats = fc.array(
  fc.record({
    by: fc.constantFrom('brown' as const, 'blue' as const),
    line: fc.integer({ min: 0, max: 1 }),
  }),
  { minLength: 1, maxLength: 8 },
);
const unit: Unit = {
  ...watch,
  surfaces: watch.surfaces.map((surface, index) =>
    index === 0 ? { ...surface, recipe: { recipeId: 'brown', version: null } } : surface,
  ),
};

/** ΔE00 at most between what stands on the cloak by its log and the same coats one by one. */
function apartOn(of: Unit, { log, plain }: ReturnType<typeof painted>): number {
  const figures = onFigures(log.entries);
  const stack = stackOn({ army: levy, unit: of, model: 1, recipeOf, figures }, 'cloak');
  const layers = stack.layers.filter(
    ({ steps }, index) => index === stack.own || steps.some(({ isOut }) => !isOut),
  );
  const own = layers.indexOf(stack.layers[stack.own]);
  const laid = onEachOther(layers, shelf, own);
  const top = predictBuildUp(laid.recipes[layers.length - 1], laid.shelf);
  const stacked = top.steps.at(-1)?.surface ?? [];
  const replayed = predictBuildUp(plain, shelf).steps.at(-1)?.surface ?? [];
  return Math.max(...replayed.map((colour, stop) => colourDifference(colour, stacked[stop])));
}

test('a recipe that was left and gone back to lies there as it was painted, stretch by stretch', () => {
  fc.assert(
    fc.property(anyCoats, (coats) => {
      expect(apartOn(unit, painted(coats))).toBeLessThan(0.5);
    }),
    { numRuns: 300, seed: 38 },
  );
});

test('coats of a surface that went on after an effect lie over it, as the last varnish does', () => {
  const dusted: Unit = {
    ...unit,
    overs: [
      {
        id: 'dust',
        name: 'Dust',
        surfaces: ['cloak'],
        recipe: { recipeId: 'blue', version: null },
      },
    ],
  };
  fc.assert(
    fc.property(anyCoats, (coats) => {
      expect(apartOn(dusted, painted(coats, 'blue'))).toBeLessThan(0.5);
    }),
    { numRuns: 300, seed: 380 },
  );
});
