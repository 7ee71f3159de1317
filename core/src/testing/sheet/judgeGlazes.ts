import { colourDifference } from '../../light/colour/colourDifference';
import { flatSpectrum } from '../../light/colour/spectrum';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import type { Optics } from '../../light/optics/optics';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import { opticsOfTwoColours } from '../../predicted/paint/opticsOfTwoColours';
import { glazeRows } from '../../answers/sheet/glazeLayout';
import { practiceGlazes, type PracticeGlaze } from '../../answers/sheet/practiceGlazes';
import type { PracticeFault } from '../../answers/sheet/practicePhotograph';
import { practicePots } from '../../answers/sheet/practicePots';
import { openGlazeCard, type GlazeRowReading } from '../../answers/sheet/readGlazes';
import { randomFrom } from '../../written/record/randomFrom';

/** A pass of glaze is taken to leave so many films of neat paint. */
export const assumedFilm = 0.06;

export interface JudgedGlaze extends GlazeRowReading {
  /** ΔE00 of a film of half a coat over white between what was read and what was brushed */
  thinError: number;
  /** film read over film brushed */
  filmRatio: number;
  /** ΔE00 of three passes of the glaze over white and over black, the larger */
  glazeError: number;
}

/** A practice card of ten pots, each with a film of its own, photographed, read and held against what was brushed. */
export function judgeGlazes(faults: readonly PracticeFault[], seed: number, longest = 1800) {
  const random = randomFrom(seed);
  const glazes = practicePots(seed, 0)
    .slice(0, glazeRows)
    .map(
      (pot): PracticeGlaze | null =>
        pot && { pot, film: assumedFilm * Math.exp(1.2 * (random() - 0.5)) },
    );
  const picture = practiceGlazes({ glazes, faults, seed, longest });
  const started = performance.now();
  const read = openGlazeCard(picture);
  const rows = glazes.map((glaze, index) => judged(read(index + 1, assumedFilm), glaze));
  return { rows, ms: performance.now() - started };
}

function judged(reading: GlazeRowReading, glaze: PracticeGlaze | null): JudgedGlaze {
  const { fit } = reading;
  if (!fit || !glaze) return { ...reading, thinError: 0, filmRatio: 1, glazeError: 0 };
  const brushed = opticsOf(glaze.pot);
  const found = opticsOfTwoColours(
    reflectanceFromHex(fit.thick),
    reflectanceFromHex(fit.overWhite),
  );
  const apart = (ground: number, one: number, other: number) =>
    colourDifference(over(ground, brushed, one), over(ground, found, other));
  const film = assumedFilm * fit.film;
  return {
    ...reading,
    thinError: apart(1, 0.5, 0.5),
    filmRatio: film / glaze.film,
    glazeError: Math.max(apart(1, 3 * glaze.film, 3 * film), apart(0, 3 * glaze.film, 3 * film)),
  };
}

const over = (ground: number, paint: Optics, films: number) =>
  surfaceColour(filmOver(flatSpectrum(ground), paint, films));
