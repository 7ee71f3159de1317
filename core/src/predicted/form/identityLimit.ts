import { areasOf, colourOfAreas, type SurfaceArea, type SurfacePart } from './readsAs';
import { hueApart } from '../../light/colour/hueApart';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { FormName } from '../../written/place/forms';

/** The intended look of a surface that it no longer has, at arm's length. */
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

/** A mid tone up to this L* and this weak is meant as a black. */
const black = { value: 26, chroma: 10 };
/** A black that reads lighter than this reads grey. */
const blackReadsUpTo = 30;
/** Read in colour, lights on black are not grey. */
const greyUpTo = 12;
/** A mid tone from this L* up and this weak is meant as a white. */
const white = { value: 82, chroma: 8 };
/** A white needs at least so much between its dark and its light places to keep its form, L*. */
const whiteSpread = 8;
/** A tint whose hue is further than this from the surface's own, in degrees, is another light. */
const otherHue = 60;
const tintedFrom = 22;
/** A tint of the lights on more of the area than this reads as a second light; on most, it is the colour. */
const tintShare = 0.3;
const mostOfIt = 0.5;
/** Lights begin here on the tone axis. */
const lightsFrom = 0.5;

/**
 * Where highlights and tints have carried a surface past what it is meant to be. What it is meant
 * to be is what it ends as, at its mid place as most of it looks: a dark first coat is no failed
 * black. A tint that is aimed at a side is meant as another light; one that is not is looked at.
 *
 * @param parts the finished colours of every aspect at each stop, the main one first
 * @param meantAs what its painter says it is meant to read as
 */
export function identityLosses(
  parts: readonly SurfacePart[],
  stops: readonly number[],
  form: FormName,
  meantAs?: SurfaceColour,
): IdentityLoss[] {
  const losses: IdentityLoss[] = [];
  const areas = areasOf(parts, stops, form);
  const plain = areas.filter(({ aspect }) => aspect.aims.length === 0);
  const meant = meantAs ?? parts[0].surface[stops.findIndex((at) => at >= lightsFrom)];
  if (meant.value <= black.value && meant.chroma <= black.chroma) {
    const { value, chroma } = colourOfAreas(areas);
    if (value > blackReadsUpTo && chroma <= greyUpTo)
      losses.push({ kind: 'black reads grey', readsValue: value, limit: blackReadsUpTo });
  }
  if (meant.value >= white.value && meant.chroma <= white.chroma) {
    const spread = spreadOf(areas);
    if (spread < whiteSpread) losses.push({ kind: 'white reads flat', spread, limit: whiteSpread });
  }
  if (meant.chroma >= tintedFrom) {
    const share = plain.reduce((sum, { colour: { hue, chroma }, at, share }) => {
      const isOther = chroma >= tintedFrom && Math.abs(hueApart(meant.hue, hue)) > otherHue;
      return sum + (isOther && at >= lightsFrom ? share : 0);
    }, 0);
    if (share > tintShare && share <= mostOfIt)
      losses.push({ kind: 'tint reads as a second light', share, limit: tintShare });
  }
  return losses;
}

/** L* between the darkest and the lightest tenth of the area. */
function spreadOf(areas: readonly SurfaceArea[]): number {
  const byValue = areas
    .map(({ colour, share }) => ({ value: colour.value, share }))
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
