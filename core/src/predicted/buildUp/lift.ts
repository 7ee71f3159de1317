import type { Spectrum } from '../../light/colour/spectrum';
import type { Optics } from '../../light/optics/optics';
import { depositOf, layOver, type Deposit } from './applyStep';
import { depositAt } from '../../written/recipe/depositAt';
import type { PaintedStep } from '../../written/recipe/paintedSteps';
import { lifts, techniqueOf } from '../../written/technique/techniques';

/** A line as long as its last coat is wet: what it is, what it lies on, what was taken off. */
export interface WetLine {
  step: PaintedStep;
  paint: Optics;
  /** reflectance before it, one a stop */
  below: readonly Spectrum[];
  /** share of its last coat that is off again, 0–1, one a stop */
  lifted: readonly number[];
}

/** A surface and what of it can still be taken off. */
export interface Laid {
  surface: readonly Spectrum[];
  wet: WetLine | null;
}

/**
 * A line put on: its paint laid over the surface, or, where its technique lifts, a share of the
 * coat just before taken off. Nothing else can be: what lies deeper is dry.
 *
 * @param paint optics of its mix, unthinned
 * @param stops places on the tone axis, 0–1, one for each spectrum
 * @param deposits what it lays on each of them, where that is known
 */
export function putOn(
  { surface, wet }: Laid,
  step: PaintedStep,
  paint: Optics,
  stops: readonly number[],
  deposits: readonly (Deposit | null)[] = depositsOf(step, paint, stops),
): Laid {
  if (!lifts(step.technique))
    return {
      surface: surface.map((below, i) => layOver(below, paint, deposits[i])),
      wet: wetLine(step, paint, surface),
    };
  if (!wet) return { surface, wet };
  const left = liftedBy(step, wet, stops);
  return { surface: asLeft(left, stops), wet: step.isDry ? null : left };
}

/** The film of a line on each of some places; nothing where its technique lifts. */
export const depositsOf = (
  step: PaintedStep,
  paint: Optics,
  stops: readonly number[],
): (Deposit | null)[] =>
  lifts(step.technique) ? [] : stops.map((at) => depositOf(step, paint, at));

/** A line just painted; null where what it leaves is dry before a brush is rinsed. */
export function wetLine(
  step: PaintedStep,
  paint: Optics,
  below: readonly Spectrum[],
): WetLine | null {
  const { driesAtOnce, spreads } = techniqueOf(step.technique);
  if (driesAtOnce || step.isDry || spreads !== 'film') return null;
  return { step, paint, below, lifted: below.map(() => 0) };
}

/** A wet line after a lifting one: each stroke takes its share of what is left of the coat. */
export function liftedBy(step: PaintedStep, wet: WetLine, stops: readonly number[]): WetLine {
  const { lifts: most = 0 } = techniqueOf(step.technique);
  const lifted = wet.lifted.map((so, i) => {
    const stroke = Math.min(1, most * depositAt(step, stops[i]));
    return 1 - (1 - so) * (1 - stroke) ** step.coats;
  });
  return { ...wet, lifted };
}

/** The surface with what is left of a wet line. */
export const asLeft = ({ step, paint, below, lifted }: WetLine, stops: readonly number[]) =>
  below.map((ground, i) => layOver(ground, paint, depositOf(step, paint, stops[i], lifted[i])));
