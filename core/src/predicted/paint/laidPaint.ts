import type { Optics } from '../../light/optics/optics';
import { clearKinds } from '../../written/pot/pot';
import { countedCard } from '../../written/pot/glazeCard';
import type { PotShare } from '../../written/recipe/flattenMix';
import { techniqueOf, type TechniqueName } from '../../written/technique/techniques';
import { mixedPaint, potOn, type Shelf } from './mixedPaint';

/**
 * The film a pass of glaze leaves, as a multiple of what is assumed of anybody: of each pot what its
 * glaze card says, of a pot without one the median of the cards on the shelf, as the hand is the
 * same; 1 where nobody has brushed a card.
 *
 * @throws UnknownPotError
 */
export function glazeFilm(shares: readonly PotShare[], shelf: Shelf): number {
  const usual = medianFilm(shelf);
  let sum = 0;
  let paint = 0;
  for (const { potId, share } of shares) {
    const pot = potOn(shelf, potId);
    if (clearKinds.includes(pot.kind)) continue;
    sum += share * (countedCard(pot)?.film ?? usual);
    paint += share;
  }
  return paint > 0 ? sum / paint : usual;
}

function medianFilm(shelf: Shelf): number {
  const films: number[] = [];
  for (const pot of shelf.values()) {
    const card = pot.glazeCard && countedCard(pot);
    if (card) films.push(card.film);
  }
  if (films.length === 0) return 1;
  films.sort((one, other) => one - other);
  const middle = films.length >> 1;
  return films.length % 2 === 1 ? films[middle] : (films[middle - 1] + films[middle]) / 2;
}

/**
 * `mixedPaint` as a technique lays it: of a glaze as much K and S more as the painter's own film is
 * thicker, which is the same as that thicker film.
 *
 * @throws UnknownPotError
 */
export function laidPaint(
  technique: TechniqueName,
  shares: readonly PotShare[],
  shelf: Shelf,
): Optics {
  const paint = mixedPaint(shares, shelf);
  if (!techniqueOf(technique).isThinned) return paint;
  const film = glazeFilm(shares, shelf);
  if (film === 1) return paint;
  return {
    absorption: paint.absorption.map((each) => each * film),
    scattering: paint.scattering.map((each) => each * film),
  };
}
