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

/** A step that no recipe has. */
const tidied = stepWith({
  id: 'tidied',
  technique: 'layer',
  mix: mixOf({ blue: 1, bone: 2 }),
  placement: up(0.6),
});

interface Act {
  by: keyof typeof recipes;
  does: 0 | 1 | 'extra' | 'strip' | 'strike';
  /** of a strike: how far back the struck entry is */
  back: number;
}

interface Laid {
  id: string;
  step: Step;
  number: number;
  by: Act['by'];
}

/** The log of what was done, and what is left of it as one recipe with a line for each coat. @param overs laid as an effect */
function painted(acts: readonly Act[], overs?: Act['by']): { log: WrittenLog; plain: Recipe } {
  const log = new WrittenLog();
  let laid: Laid[] = [];
  acts.forEach(({ by, does, back }, index) => {
    const head = log.head(index);
    const surfaceId = by === overs ? 'dust' : 'cloak';
    const where = { armyId: levy.id, unitId: watch.id, surfaceId, models: [1] };
    if (does === 'strip') {
      log.entries.push({ kind: 'stripped', ...head, benchId: bench.id, where });
      laid = laid.filter((each) => (each.by === overs) !== (by === overs));
      return;
    }
    if (does === 'strike') {
      const struck = laid.at(-1 - (back % Math.max(1, laid.length)));
      if (!struck) return;
      log.entries.push({ kind: 'strike', ...head, benchId: bench.id, of: struck.id });
      laid = laid.filter((each) => each !== struck);
      return;
    }
    const recipe = recipes[by];
    const step = does === 'extra' ? { ...tidied, id: `tidied-${index}` } : recipe.steps[does];
    const taken = new Set(laid.flatMap((each) => (each.step === step ? [each.number] : [])));
    let number = 1;
    while (taken.has(number)) number += 1;
    const place = { bench, unit: watch, surface: watch.surfaces[0], recipe, version: null };
    const coat = paintedCoat({ ...place, models: [1] }, step, number, head, null, []);
    const isExtra = does === 'extra';
    log.entries.push({ ...coat, where, ...(isExtra && { line: 0, after: recipe.steps[0].id }) });
    laid.push({ id: coat.id, step, number, by });
  });
  const steps = laid.map(({ step, number, by }, index): Step => {
    const all = placementsOf(step.placement, step.coats);
    const line = recipes[by].steps.indexOf(step);
    const mix = mixOfBrushed(brushedOf(step, recipes[by].steps.slice(0, Math.max(0, line))));
    const placement = all[Math.min(all.length - 1, number - 1)];
    return { ...step, id: `coat-${index}`, coats: 1, mix, placement };
  });
  return { log, plain: { ...brown, steps } };
}

const anyActs = fc.array(
  fc.record({
    by: fc.constantFrom('brown' as const, 'blue' as const),
    does: fc.oneof(
      { weight: 20, arbitrary: fc.constantFrom(0 as const, 1 as const) },
      { weight: 4, arbitrary: fc.constant('extra' as const) },
      { weight: 4, arbitrary: fc.constant('strike' as const) },
      { weight: 1, arbitrary: fc.constant('strip' as const) },
    ),
    back: fc.nat(5),
  }),
  { minLength: 1, maxLength: 9 },
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
    fc.property(anyActs, (acts) => {
      expect(apartOn(unit, painted(acts))).toBeLessThan(0.5);
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
    fc.property(anyActs, (acts) => {
      expect(apartOn(dusted, painted(acts, 'blue'))).toBeLessThan(0.5);
    }),
    { numRuns: 300, seed: 380 },
  );
});
