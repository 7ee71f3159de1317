import { flatSpectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { clearKinds } from '../../written/pot/pot';
import type { PotShare } from '../../written/recipe/flattenMix';
import { potOn, type Shelf } from './mixedPaint';

const white = flatSpectrum(1);

/**
 * A mix as who owns its pots knows it: of washes and inks one coat over white, where their swatches
 * are that; of all else thick and dry.
 *
 * @param paint optics of the mix, unthinned
 * @throws UnknownPotError
 */
export function knownColour(
  shares: readonly PotShare[],
  paint: Optics,
  shelf: Shelf,
): SurfaceColour {
  const pots = shares.map(({ potId }) => potOn(shelf, potId));
  const isThin =
    pots.length > 0 &&
    pots.every(
      ({ swatchShows, kind }) => swatchShows === 'one coat over white' || clearKinds.includes(kind),
    );
  return surfaceColour(isThin ? filmOver(white, paint, 1) : masstoneOf(paint));
}
