import { flatSpectrum, type Spectrum } from '../../light/colour/spectrum';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Pixels } from '../picture/pixels';
import {
  glazeField,
  glazeGround,
  glazeGrounds,
  glazeRows,
  passesBrushed,
  type GlazeGround,
} from './glazeLayout';
import { practicePhotograph, type PhotographAsked, type Rgb } from './practicePhotograph';
import { asLight, frameAt, grey, type PracticePot } from './practiceSheet';
import { barePaper, fieldWidth, printedBlack, strokeBand, type Place } from './sheetLayout';

export interface PracticeGlaze {
  pot: PracticePot;
  /** films of neat paint that a pass of the glaze leaves */
  film: number;
}

/** A photograph of a glaze card with a row of each pot; null for a row left empty. */
export function practiceGlazes({
  glazes,
  ...asked
}: PhotographAsked & { glazes: readonly (PracticeGlaze | null)[] }): Pixels {
  const strokes = glazes.map((glaze) => glaze && strokesOf(glaze));
  return practicePhotograph((place) => cardAt(place, strokes), asked);
}

type Strokes = readonly Record<GlazeGround, Rgb>[];

const grounds: Record<GlazeGround, Spectrum> = {
  black: flatSpectrum(printedBlack),
  white: flatSpectrum(barePaper),
  colour: reflectanceFromHex(glazeGround),
};
const bareCard: Record<GlazeGround, Rgb> = {
  black: grey(printedBlack),
  white: grey(barePaper),
  colour: asLight(glazeGround),
};

function strokesOf({ pot, film }: PracticeGlaze): Strokes {
  const optics = opticsOf(pot);
  const over = (ground: GlazeGround, films: number) =>
    asLight(surfaceColour(filmOver(grounds[ground], optics, films)).hex);
  return passesBrushed.map((passes) => {
    const films = passes === 0 ? 1 : passes * film;
    return {
      black: over('black', films),
      white: over('white', films),
      colour: over('colour', films),
    };
  });
}

function cardAt(place: Place, rows: readonly (Strokes | null)[]): Rgb | null {
  const frame = frameAt(place);
  if (frame === 'beside') return null;
  if (frame !== 'inside') return frame;
  for (let row = 1; row <= glazeRows; row++)
    for (const passes of passesBrushed) {
      const box = glazeField(row, passes);
      const [u, v] = [place.x - box.x, place.y - box.y];
      if (u < 0 || v < 0 || u >= box.width || v >= box.height) continue;
      const ground = glazeGrounds[Math.floor((3 * u) / fieldWidth)];
      const strokes = rows.at(row - 1);
      const isStroke = v > strokeBand.from && v < strokeBand.to && u > 0.6 && u < box.width - 0.6;
      return strokes && isStroke ? strokes[passes][ground] : bareCard[ground];
    }
  return bareCard.white;
}
