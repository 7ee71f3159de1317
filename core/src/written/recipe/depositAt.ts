import { placementsOf } from '../place/shrinking';
import type { TonePlacement } from '../place/placement';
import { waterShareOf } from '../mix/mix';
import type { PaintedStep } from './paintedSteps';
import { techniqueOf } from '../technique/techniques';

type Laid = Pick<PaintedStep, 'technique' | 'placement' | 'mix'> &
  Partial<Pick<PaintedStep, 'coats' | 'density' | 'weight' | 'tool'>>;

/** Ends drawn out with a damp brush are at least so soft, on the tone axis. */
const featheredTo = 0.15;

/**
 * How much one coat of a step lays on a place: a multiple of its film, or a share of the area. Of
 * coats that each go on less than the one before, the mean.
 *
 * @param at place on the tone axis, 0–1
 */
export function depositAt(step: Laid, at: number): number {
  if (!step.placement.last) return depositOfCoat(step, step.placement, at);
  const deposits = depositsAt(step, at);
  return deposits.reduce((sum, each) => sum + each, 0) / deposits.length;
}

/** The deposit of each coat on a place, the first one first; of half a coat that of a whole one. */
export function depositsAt(step: Laid, at: number): number[] {
  const coats = Math.max(1, Math.ceil(step.coats ?? 1));
  if (!step.placement.last)
    return new Array<number>(coats).fill(depositOfCoat(step, step.placement, at));
  return placementsOf(step.placement, coats).map((place) => depositOfCoat(step, place, at));
}

function depositOfCoat(step: Laid, placement: TonePlacement, at: number): number {
  const { deposit, spreads } = techniqueOf(step.technique);
  const least = step.tool?.feathers ? featheredTo : 0;
  const place = placement.softness < least ? { ...placement, softness: least } : placement;
  const laid = deposit(at, place, waterShareOf(step.mix));
  const touched = spreads === 'area' ? Math.min(1, laid * (step.density ?? 1)) : laid;
  return touched * (step.weight ?? 1);
}
