import { bandCount } from '../light/colour/cieObserver';
import type { Spectrum } from '../light/colour/spectrum';
import { filmTransfer, throughFilm } from '../light/optics/filmOver';
import type { Optics } from '../light/optics/optics';
import { flattenMix } from '../written/recipe/flattenMix';
import { waterShareOf } from '../written/mix/mix';
import { groundOf, mixedPaint, potOn, type Shelf } from '../predicted/paint/mixedPaint';
import type { Recipe } from '../written/recipe/recipe';
import { coatsOf, reaches } from '../written/recipe/includedSteps';
import type { Step } from '../written/recipe/step';
import { techniqueOf } from '../written/technique/techniques';
import { filmOf } from '../predicted/buildUp/applyStep';
import { ribbonStops } from '../written/place/toneAxis';

interface Wet {
  step: Step;
  paint: Optics;
  below: Spectrum[];
  lifted: number[];
}

/**
 * The prediction as it was before lines could be aimed, kept to the letter: what recipes without
 * aims have to be predicted as.
 *
 * @returns reflectances at each of `ribbonStops`, after every line; as before it where it is left out
 */
export function predictionWithoutAims(recipe: Recipe, shelf: Shelf): Spectrum[][] {
  const ground = groundOf(potOn(shelf, recipe.groundPotId));
  let surface = ribbonStops.map(() => ground);
  let wet: Wet | null = null;
  const painted = new Set<string>();
  return recipe.steps.map((written, index) => {
    const isPainted =
      reaches(written, recipe.finishLevel) &&
      !written.isOut &&
      (written.restores === undefined || painted.has(written.restores));
    if (!isPainted) return surface;
    painted.add(written.id);
    const step = { ...written, coats: coatsOf(written, recipe.finishLevel) };
    const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
    const { lifts, driesAtOnce, spreads } = techniqueOf(step.technique);
    if (lifts === undefined) {
      const below = surface;
      surface = below.map((each, i) => laid(each, step, paint, ribbonStops[i], 0));
      wet =
        driesAtOnce || spreads !== 'film'
          ? null
          : { step, paint, below, lifted: below.map(() => 0) };
      return surface;
    }
    if (!wet) return surface;
    const before: Wet = wet;
    wet = { ...before, lifted: before.lifted.map((so, i) => liftedOf(so, step, lifts, i)) };
    const { lifted } = wet;
    surface = before.below.map((each, i) =>
      laid(each, before.step, before.paint, ribbonStops[i], lifted[i]),
    );
    return surface;
  });
}

function liftedOf(so: number, step: Step, most: number, stop: number): number {
  const { deposit } = techniqueOf(step.technique);
  const at = ribbonStops[stop];
  const stroke = Math.min(1, most * deposit(at, step.placement, waterShareOf(step.mix)));
  return 1 - (1 - so) * (1 - stroke) ** step.coats;
}

function laid(ground: Spectrum, step: Step, paint: Optics, at: number, lifted: number): Spectrum {
  const { deposit: depositOf, spreads } = techniqueOf(step.technique);
  const deposit = depositOf(at, step.placement, waterShareOf(step.mix));
  const filmOfCoat = filmOf(step);
  if (spreads === 'film') {
    const thickness = filmOfCoat * (step.coats - Math.min(1, step.coats) * lifted) * deposit;
    return thickness < 1e-6 ? ground : throughFilm(ground, paint, filmTransfer(paint, thickness));
  }
  if (deposit < 1e-6) return ground;
  const share = Math.min(1, deposit);
  const transfer = filmTransfer(paint, filmOfCoat);
  let surface = ground;
  for (let application = 0; application < step.coats; application++) {
    const painted = throughFilm(surface, paint, transfer);
    if (share < 1)
      for (let band = 0; band < bandCount; band++)
        painted[band] = share * painted[band] + (1 - share) * surface[band];
    surface = painted;
  }
  return surface;
}
