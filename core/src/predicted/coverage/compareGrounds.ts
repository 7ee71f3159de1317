import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOf } from '../paint/opticsOfPot';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import type { Pot } from '../../written/pot/pot';
import { isAtHand } from '../../written/pot/stock';
import { coatsToCover, groundShowing } from '../paint/coatsToCover';
import { groundOf, type Shelf } from '../paint/mixedPaint';

/** A paint over one ground. */
export interface OverGround {
  potId: string;
  /** coats to cover it; null when it still shows after the most anybody paints */
  coats: number | null;
  /** the surface with the coats written */
  surface: SurfaceColour;
  /** what is missing to the paint's own colour with the coats written, ΔE00 */
  missing: number;
}

/** A colour laid under a paint that does not cover, so that fewer coats do. */
export interface UnderColour extends OverGround {
  /** coats of the under-colour itself over what is there now */
  underCoats: number;
}

/** So much difference from the paint's own colour weighs as much as one coat, ΔE00. */
const apartPerCoat = 12;

/** How thin an under-colour is reckoned: 1 paint : ½ water. */
export const underColourLoad = 2 / 3;

/**
 * The paint as it would go over each primer on the shelf, fewest coats first.
 *
 * @param filmPerCoat technique's film × load, above 0
 * @param coatsWritten 1 or more
 */
export function compareGrounds(
  paint: Optics,
  shelf: Shelf,
  filmPerCoat: number,
  coatsWritten: number,
): OverGround[] {
  return [...shelf.values()]
    .filter(({ kind, retired }) => kind === 'primer' && !retired)
    .map((pot) => overGround(pot.id, paint, groundOf(pot), filmPerCoat, coatsWritten))
    .sort((one, other) => coatsOr(one) - coatsOr(other) || one.missing - other.missing);
}

/**
 * The pot that, laid under a paint, saves coats over what is there now, its own coats counted in;
 * among those that do, few coats and a colour near the paint's own. It is looked for among opaque matt paints that are on the shelf and not empty.
 *
 * @param ground what lies below now, 38 bands
 * @param filmPerCoat of the paint that is to cover: technique's film × load, above 0
 * @returns null when nothing saves a coat
 */
export function suggestUnderColour(
  paint: Optics,
  ground: Spectrum,
  shelf: Shelf,
  filmPerCoat: number,
  coatsWritten: number,
): UnderColour | null {
  const direct = coatsToCover(paint, ground, filmPerCoat).coats ?? Infinity;
  const masstone = surfaceColour(masstoneOf(paint));
  let best: UnderColour | null = null;
  let bestScore = Infinity;
  for (const pot of shelf.values()) {
    if (!canLieUnder(pot)) continue;
    const under = opticsOf(pot);
    const underCoats = coatsToCover(under, ground, underColourLoad).coats;
    if (underCoats === null) continue;
    const laid = filmOver(ground, under, underCoats * underColourLoad);
    const over = overGround(pot.id, paint, laid, filmPerCoat, coatsWritten);
    const total = underCoats + coatsOr(over);
    if (total >= direct) continue;
    // The ground under a thin paint shows in its fade, so a colour near its own is worth a coat.
    const score = total + colourDifference(colourOfHex(pot.swatch), masstone) / apartPerCoat;
    if (score < bestScore) {
      best = { ...over, underCoats };
      bestScore = score;
    }
  }
  return best;
}

function canLieUnder(pot: Pot): boolean {
  return pot.kind === 'paint' && pot.finish !== 'metallic' && pot.hiding >= 0.5 && isAtHand(pot);
}

function overGround(
  potId: string,
  paint: Optics,
  ground: Spectrum,
  filmPerCoat: number,
  coatsWritten: number,
): OverGround {
  const surface = surfaceColour(filmOver(ground, paint, filmPerCoat * coatsWritten));
  const missing = groundShowing(surface, surfaceColour(masstoneOf(paint)));
  return { potId, coats: coatsToCover(paint, ground, filmPerCoat).coats, surface, missing };
}

const coatsOr = ({ coats }: OverGround) => coats ?? Infinity;
