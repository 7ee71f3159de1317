import { surfaceColour } from '../../../light/colour/surfaceColour';
import { potOn, type Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import { mostThinner, loadOf } from '../../../written/mix/mix';
import { mostCoats, type Step } from '../../../written/recipe/step';
import { aspectOfLine, aspectsOfRecipe } from '../../../predicted/buildUp/aspectsOfRecipe';
import { surfaceBelow } from '../../../predicted/buildUp/surfaceBelow';
import { nearestAspect, restOf } from '../../../written/place/aspects';
import { lineOfPlace, placeKey, toneOf, type ReadPlace } from './readPlace';
import { includedSteps } from '../../../written/recipe/includedSteps';
import type { Lab } from './controlChart';

/** One thing done otherwise that would make what was read. */
export interface DriftCause {
  stepId: string;
  kind: 'load' | 'coats' | 'pot';
  sentence: string;
  /** share of the change it accounts for, up to 1 */
  explains: number;
}

/** Paint on the brush, as multiples of what is written. */
const loads = [0.25, 0.4, 0.55, 0.7, 1.4, 1.8, 2.5];
/** Pots are many, so one of them always fits a little: it has to fit so much better than the rest. */
const potHasToExplain = 0.1;

/**
 * Which single change to a recipe would best make what has changed on the figures: a line loaded
 * otherwise, a coat too few or too many, another pot of the shelf in its mix.
 *
 * @param places where the change was read
 * @param change what was read now less what was read before, Lab, by place
 * @param candidates pots that might have been taken by mistake
 * @returns the best first; none that explains less than a third
 * @throws CarryError, UnknownPotError
 */
export function explainDrift(
  recipe: Recipe,
  shelf: Shelf,
  places: readonly ReadPlace[],
  change: readonly Lab[],
  candidates: readonly string[],
): DriftCause[] {
  const usual = labsOf(recipe, shelf, places);
  const whole = squared(change.flat());
  const painted = includedSteps(recipe);
  const causes = painted.flatMap((step): DriftCause[] => {
    const number = recipe.steps.findIndex(({ id }) => id === step.id) + 1;
    return [
      ...changedLoads(step, number),
      ...changedCoats(step, number),
      ...changedPots(step, number, shelf, candidates),
    ].map(({ as, kind, sentence }) => {
      const made = labsOf(withStep(recipe, step.id, as), shelf, places);
      const left = change.flatMap((lab, place) =>
        lab.map((figure, i) => figure - (made[place][i] - usual[place][i])),
      );
      return { stepId: step.id, kind, sentence, explains: 1 - squared(left) / whole };
    });
  });
  const worth = ({ explains, kind }: DriftCause) =>
    explains - (kind === 'pot' ? potHasToExplain : 0);
  return causes
    .filter(({ explains }) => explains > 1 / 3)
    .sort((one, other) => worth(other) - worth(one));
}

interface Change {
  as: Step | null;
  kind: DriftCause['kind'];
  sentence: string;
}

function changedLoads(step: Step, number: number): Change[] {
  const load = loadOf(step.mix);
  return loads.flatMap((factor): Change[] => {
    const thinner = 1 / (load * factor) - 1;
    if (thinner < 0 || thinner > mostThinner) return [];
    const waterParts = Math.max(0, thinner - step.mix.mediumParts);
    const mix = { ...step.mix, waterParts, mediumParts: thinner - waterParts };
    const how = factor < 1 ? 'thinner' : 'thicker';
    const percent = Math.round(load * factor * 100);
    return [
      {
        as: { ...step, mix },
        kind: 'load',
        sentence: `Line ${number} went on ${how}: about ${percent} % paint instead of ${Math.round(load * 100)} %.`,
      },
    ];
  });
}

function changedCoats(step: Step, number: number): Change[] {
  const fewer: Change =
    step.coats > 1
      ? {
          as: { ...step, coats: step.coats - 1 },
          kind: 'coats',
          sentence: `A coat of line ${number} is missing.`,
        }
      : { as: null, kind: 'coats', sentence: `Line ${number} was left out.` };
  if (step.coats >= mostCoats) return [fewer];
  const more = { ...step, coats: step.coats + 1 };
  return [
    fewer,
    { as: more, kind: 'coats', sentence: `Line ${number} got a coat more than it should.` },
  ];
}

function changedPots(
  step: Step,
  number: number,
  shelf: Shelf,
  candidates: readonly string[],
): Change[] {
  return step.mix.parts.flatMap((part, index) =>
    part.from !== 'pot'
      ? []
      : candidates
          .filter((potId) => potId !== part.potId)
          .map((potId): Change => {
            const parts = step.mix.parts.map((each, i) =>
              i === index ? { ...part, potId } : each,
            );
            return {
              as: { ...step, mix: { ...step.mix, parts } },
              kind: 'pot',
              sentence: `Line ${number} was mixed with ${potOn(shelf, potId).name} in place of ${potOn(shelf, part.potId).name}.`,
            };
          }),
  );
}

/**
 * The predicted colours of a recipe at places that are read.
 *
 * @param aimed the recipe whose lines the places name, where it lies below this one
 * @throws CarryError, UnknownPotError
 */
export function labsOf(
  recipe: Recipe,
  shelf: Shelf,
  places: readonly ReadPlace[],
  aimed = recipe,
): Lab[] {
  const labs = new Map<string, Lab>();
  const lines = new Set(places.map(lineOfPlace));
  for (const line of lines) {
    const here = places.filter((place) => lineOfPlace(place) === line);
    const [main, ...others] = aspectsOfRecipe(recipe, shelf);
    const aspect =
      line === null
        ? restOf([main, ...others])
        : nearestAspect([main, ...others], aspectOfLine(aimed, shelf, line));
    const part = { stops: here.map(toneOf), aspect };
    surfaceBelow(recipe, shelf, '', part).forEach((spectrum, i) => {
      const { value, a, b } = surfaceColour(spectrum);
      labs.set(placeKey(here[i]), [value, a, b]);
    });
  }
  return places.flatMap((place) => {
    const lab = labs.get(placeKey(place));
    return lab ? [lab] : [];
  });
}

/** A recipe with one line as given, or left out; the coats given are those at the recipe's level. */
function withStep(recipe: Recipe, stepId: string, as: Step | null): Recipe {
  const steps = recipe.steps.map((step) => {
    if (step.id !== stepId) return step;
    if (!as) return { ...step, isOut: true };
    const { coatsAt: _atLevels, coatsUpTo: _most, ...changed } = as;
    return changed;
  });
  return { ...recipe, steps };
}

const squared = (figures: readonly number[]) => figures.reduce((sum, each) => sum + each ** 2, 0);
