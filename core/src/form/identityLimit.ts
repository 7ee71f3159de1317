import { readsAs } from './readsAs';
import { areaShares } from './readsAs';
import type { SurfaceColour } from '../colour/surfaceColour';
import type { FormName } from '../recipe/formNames';

/** What a surface is meant to be and no longer is, at arm's length. */
export type IdentityLoss =
  | { kind: 'black reads grey'; /** L* at arm's length */ readsValue: number; limit: number }
  | {
      kind: 'white reads flat';
      /** L* between its dark and its light places */ spread: number;
      limit: number;
    }
  | {
      kind: 'tint reads as a second light';
      /** share of the area, 0–1 */ share: number;
      limit: number;
    };

/** A mid tone up to this L* is meant as a black. */
const blackUpTo = 24;
/** A black that reads lighter than this reads grey. */
const blackReadsUpTo = 30;
/** A mid tone from this L* up is meant as a white. */
const whiteFrom = 82;
/** A white needs at least so much between its dark and its light places to keep its form, L*. */
const whiteSpread = 10;
/** A tint whose hue is further than this from the surface's own, in degrees, is another light. */
const otherHue = 60;
const tintedFrom = 14;
/** A tint on more of the area than this reads as a second light. */
const tintShare = 0.3;

/**
 * Where highlights and tints have carried a surface past what it is meant to be.
 *
 * @param meant the surface's own colour: its mid place after the base
 * @param surface the finished colours at each stop
 */
export function identityLosses(
  meant: SurfaceColour,
  surface: readonly SurfaceColour[],
  stops: readonly number[],
  form: FormName,
): IdentityLoss[] {
  const losses: IdentityLoss[] = [];
  const shares = areaShares(form, stops);
  if (meant.value <= blackUpTo) {
    const { value } = readsAs(surface, stops, form);
    if (value > blackReadsUpTo)
      losses.push({ kind: 'black reads grey', readsValue: value, limit: blackReadsUpTo });
  }
  if (meant.value >= whiteFrom) {
    const spread = spreadOf(surface, shares);
    if (spread < whiteSpread) losses.push({ kind: 'white reads flat', spread, limit: whiteSpread });
  }
  if (meant.chroma >= tintedFrom) {
    const share = surface.reduce((sum, { hue, chroma }, i) => {
      const apart = Math.abs(((hue - meant.hue + 540) % 360) - 180);
      return sum + (chroma >= tintedFrom && apart > otherHue ? shares[i] : 0);
    }, 0);
    if (share > tintShare)
      losses.push({ kind: 'tint reads as a second light', share, limit: tintShare });
  }
  return losses;
}

/** L* between the darkest and the lightest tenth of the area. */
function spreadOf(surface: readonly SurfaceColour[], shares: readonly number[]): number {
  const byValue = surface
    .map(({ value }, i) => ({ value, share: shares[i] }))
    .sort((one, other) => one.value - other.value);
  const meanOf = (places: typeof byValue) => {
    let left = 0.1;
    let sum = 0;
    for (const { value, share } of places) {
      const taken = Math.min(left, share);
      sum += taken * value;
      left -= taken;
    }
    return sum / (0.1 - left);
  };
  return meanOf([...byValue].reverse()) - meanOf(byValue);
}
