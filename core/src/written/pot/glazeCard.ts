import { z } from 'zod';
import { hexSchema } from '../../light/colour/hex';
import { numberWithin } from '../record/fields';

/** The readings of a pot that was brushed neat and as a glaze over white, black and a colour. */
export const glazeCardSchema = z.strictObject({
  thick: hexSchema.describe('the paint in a thick dry layer, sRGB'),
  overWhite: hexSchema.describe('one neat coat over white, sRGB'),
  hiding: numberWithin(0, 1).describe('Y over black / Y over white of one neat coat'),
  film: numberWithin(0.05, 20).describe(
    'what a pass of glaze by this hand leaves, as a multiple of what is assumed of anybody',
  ),
  filmError: numberWithin(0, 10).describe('standard error of the film, as a share of it'),
  colourError: numberWithin(0, 100).describe('standard error of the thin colour, ΔE'),
});

export type GlazeCard = z.infer<typeof glazeCardSchema>;

interface CardedPot {
  swatch: string;
  swatchShows?: string | undefined;
  hiding: number;
  glazeCard?: GlazeCard | undefined;
}

/** The glaze card of a pot; null once its swatch or hiding were set otherwise by hand. */
export function countedCard({
  swatch,
  swatchShows,
  hiding,
  glazeCard,
}: CardedPot): GlazeCard | null {
  if (!glazeCard) return null;
  const shown = swatchShows === 'one coat over white' ? glazeCard.overWhite : glazeCard.thick;
  return shown === swatch && glazeCard.hiding === hiding ? glazeCard : null;
}
