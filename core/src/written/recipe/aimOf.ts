import { aimKey, type Aim } from '../place/aim';
import { aimedShares } from '../place/aimedShares';
import type { Shape } from '../place/shape';
import { atTone } from '../place/toneCount';
import { placementsOf, shrinksInAim } from '../place/shrinking';
import type { Step } from './step';
import { techniqueOf } from '../technique/techniques';

type Aimed = Pick<Step, 'technique' | 'placement'> & Partial<Pick<Step, 'coats'>>;

/**
 * The conditions of the places a line goes on, beside their tone: as written, and as its
 * technique has by itself. Where its coats shrink in that, one aim a coat.
 */
export function aimOf({ technique, placement, coats = 1 }: Aimed): Aim {
  const own = techniqueOf(technique).rim ? { rim: true as const } : {};
  if (!placement.aim) return own;
  if (!shrinksInAim(placement)) return { ...placement.aim, ...own };
  const ofCoats = placementsOf(placement, coats).map(({ aim }) => aim ?? {});
  return { ...ofCoats[0], ...own, ofCoats };
}

/** How far the places of a tone fulfil what a line is aimed at, in the mean: 0–1, 1 for no aim. */
export function aimedShareAt(step: Aimed, shape: Shape): (tone: number) => number {
  const aim = aimOf(step);
  if (aimKey(aim) === '') return () => 1;
  const shares = aimedShares(shape, aim);
  return (tone) => atTone(shares, tone);
}

/** Key of a line's aim: '' where it has none. */
export const aimKeyOf = (step: Aimed): string => aimKey(aimOf(step));
