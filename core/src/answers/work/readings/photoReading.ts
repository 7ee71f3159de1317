import { convertLrgbToRgb, convertRgbToLrgb, convertRgbToXyz65 } from 'culori/fn';
import { colourOfXyz } from '../../../light/colour/surfaceColour';
import type { Lab } from './controlChart';

/** A photo nothing can be read from, with the reason in a sentence. */
export class PhotoError extends RangeError {
  constructor(message: string) {
    super(message);
    this.name = 'PhotoError';
  }
}

/** L* of the grey card most often laid beside a figure: 18 % of the light comes back. */
export const usualGreyValue = 49.5;

/** Pixels nearer to black or white than this have lost what they held, 0–255. */
const clippedBelow = 6;
const clippedAbove = 250;
/** A patch that varies by more than this share of its mean is no even patch. */
const mostUneven = 0.18;
/** Under any lamp a grey stays within so many times between its channels, in light. */
const mostTinted = 5;

/**
 * The colour of a spot in a photo that shows a grey patch of known value in the same light: every
 * channel is scaled so that the patch comes out grey and as light as it is. Good to a few ΔE00, as
 * cameras bend colours; readings of one camera in one light compare far better with each other.
 *
 * @param patch RGBA bytes of the grey patch, @param spot the same of what is read
 * @throws PhotoError for a patch that is burnt out, too dark, uneven or no grey, and an empty spot
 */
export function readPhoto(
  patch: Uint8ClampedArray,
  spot: Uint8ClampedArray,
  greyValue = usualGreyValue,
): Lab {
  if (patch.length < 16 || spot.length < 4)
    throw new PhotoError('Mark the grey patch, and then the spot to be read.');
  const grey = lightOf(patch);
  if (grey.clipped > 0.02)
    throw new PhotoError(
      'The grey patch is burnt out or black in this photo: its colour is lost. Take it again, darker or lighter.',
    );
  if (Math.max(...grey.spread.map((each, i) => each / grey.mean[i])) > mostUneven)
    throw new PhotoError(
      'What you marked is not one even patch: mark a smaller piece, only of the grey, without shadow or edge.',
    );
  if (Math.max(...grey.mean) / Math.min(...grey.mean) > mostTinted)
    throw new PhotoError(
      'What you marked is no grey under any usual lamp. A photo without a grey patch cannot be read: lay a grey card beside the figure and take it again.',
    );
  const read = lightOf(spot);
  const wanted = greyLight(greyValue);
  const [r, g, b] = read.mean.map((light, i) => (light / grey.mean[i]) * wanted);
  const { value, a, b: yellow } = colourOfXyz(convertRgbToXyz65(convertLrgbToRgb({ r, g, b })));
  return [Math.min(100, value), a, yellow];
}

/** Light a grey of a value sends back, as a share of white: Y of its L*. @source CIE 15 */
function greyLight(value: number): number {
  return value > 8 ? ((value + 16) / 116) ** 3 : value / 903.3;
}

function lightOf(pixels: Uint8ClampedArray) {
  const sum = [0, 0, 0];
  const squares = [0, 0, 0];
  let clipped = 0;
  const count = Math.floor(pixels.length / 4);
  for (let pixel = 0; pixel < count; pixel++) {
    const channels = [0, 1, 2].map((i) => pixels[pixel * 4 + i]);
    if (channels.some((each) => each < clippedBelow || each > clippedAbove)) clipped++;
    const { r, g, b } = convertRgbToLrgb({
      r: channels[0] / 255,
      g: channels[1] / 255,
      b: channels[2] / 255,
    });
    [r, g, b].forEach((light, i) => {
      sum[i] += light;
      squares[i] += light * light;
    });
  }
  const mean = sum.map((each) => each / count);
  const spread = squares.map((each, i) => Math.sqrt(Math.max(0, each / count - mean[i] ** 2)));
  return { mean, spread, clipped: clipped / count };
}
