import type { GlazeCard } from './glazeCard';
import { transparentKinds, type Pot } from './pot';

/**
 * A pot with what its glaze card told: swatch, hiding and film, no longer a guess. Its swatch shows
 * what it showed before; that of a wash, an ink or a one-coat paint that never said, one coat over white.
 */
export function withGlazeCard(pot: Pot, card: GlazeCard): Pot {
  const shows =
    pot.swatchShows ??
    (transparentKinds.includes(pot.kind) ? ('one coat over white' as const) : undefined);
  return {
    ...pot,
    swatch: shows === 'one coat over white' ? card.overWhite : card.thick,
    ...(shows && { swatchShows: shows }),
    hiding: card.hiding,
    hidingIsGuess: false,
    glazeCard: card,
  };
}
