import { filmOf } from '../../predicted/buildUp/applyStep';
import { filmOver } from '../../light/optics/filmOver';
import type { Optics } from '../../light/optics/optics';
import { reckonedDryMinutes } from '../work/plan/minutes/dryingTime';
import { handsOnMinutes } from '../work/plan/minutes/handsOn';
import { aspectOfLine } from '../../predicted/buildUp/aspectsOfRecipe';
import { coatsToCover } from '../../predicted/paint/coatsToCover';
import { flattenMix } from '../../written/recipe/flattenMix';
import { shapeOf } from '../../written/recipe/shapeOf';
import { includedSteps } from '../../written/recipe/includedSteps';
import { laidPaint } from '../../predicted/paint/laidPaint';
import { type Shelf } from '../../predicted/paint/mixedPaint';
import type { Step } from '../../written/recipe/step';
import { laidOver } from '../../predicted/buildUp/surfaceBelow';
import { techniqueOf } from '../../written/technique/techniques';
import { ribbonStops } from '../../written/place/toneAxis';
import type { Attempt, Mishap } from './mishap';

/** A place is covered by a line that lays at least so much of a coat on it. */
const covers = 0.7;

/**
 * Going back to a covering line: its paint over the place until what is there no longer shows, then
 * the lines after it as written. The latest such line is the least work; the base brings back all.
 */
export function restores(mishap: Mishap, shelf: Shelf, stops: readonly number[]): Attempt[] {
  const { recipe, stepId } = mishap;
  const last = recipe.steps.findIndex(({ id }) => id === stepId);
  const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
  return recipe.steps.slice(0, last + 1).flatMap((written, index) => {
    const step = painted.get(written.id);
    if (!step || !coversPlace(step, stops)) return [];
    const paint = laidPaint(
      step.technique,
      flattenMix(step.mix, recipe.steps.slice(0, index)),
      shelf,
    );
    if (paint.scattering.every((each) => each === 0)) return [];
    return restoreFrom(mishap, step, index, paint, shelf, stops) ?? [];
  });
}

function coversPlace(step: Step, stops: readonly number[]): boolean {
  const { covers: isCover, deposit, spreads } = techniqueOf(step.technique);
  if (!isCover || spreads !== 'film') return false;
  return stops.every((stop) => deposit(ribbonStops[stop], step.placement, 1) >= covers);
}

function restoreFrom(
  mishap: Mishap,
  step: Step,
  index: number,
  paint: Optics,
  shelf: Shelf,
  stops: readonly number[],
): Attempt | null {
  const { recipe, stepId, now, wetMixes } = mishap;
  const film = filmOf(step);
  const needed = stops.map((stop) => coatsToCover(paint, now[stop], film).coats);
  if (needed.some((coats) => coats === null)) return null;
  const coats = Math.max(...needed.map((each) => each ?? 0), step.coats);
  const flat = now.map((ground, stop) =>
    stops.includes(stop) ? filmOver(ground, paint, coats * film) : ground,
  );
  const last = recipe.steps.findIndex(({ id }) => id === stepId);
  const following = includedSteps(recipe).filter(({ id }) => {
    const place = recipe.steps.findIndex((each) => each.id === id);
    return place > index && place <= last;
  });
  // The lines after it, up to the one that was being painted.
  const upTo = recipe.steps.at(last + 1)?.id;
  const goneOn = laidOver(recipe, shelf, flat, {
    after: step.id,
    upTo,
    aspect: aspectOfLine(recipe, shelf, stepId),
  });
  const surface = goneOn.map((spectrum, stop) => (stops.includes(stop) ? spectrum : now[stop]));
  return {
    kind: 'restore',
    sentence:
      following.length > 0
        ? `${coats} ${coats === 1 ? 'coat' : 'coats'} of line ${index + 1} over the place, then on from line ${index + 2} as written.`
        : `${coats} ${coats === 1 ? 'coat' : 'coats'} of line ${index + 1} over the place.`,
    minutes: minutesOf([{ ...step, coats }, ...following], mishap),
    isWet: [step, ...following].every(({ id }) => wetMixes.has(id)),
    surface,
  };
}

function minutesOf(steps: readonly Step[], { areaCm2, recipe, place }: Mishap): number {
  const shape = shapeOf(recipe);
  return steps.reduce((sum, step) => {
    const there = { ...step, placement: { ...step.placement, ...place } };
    const dry = step.dryMinutes > 0 ? step.dryMinutes : reckonedDryMinutes(step);
    return sum + step.coats * (handsOnMinutes(there, areaCm2, shape, recipe.finishLevel) + dry);
  }, 0);
}
