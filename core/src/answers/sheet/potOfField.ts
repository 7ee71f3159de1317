import { convertLrgbToRgb, convertRgbToXyz65 } from 'culori/fn';
import { bandCount } from '../../light/colour/cieObserver';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import { flatSpectrum, type Spectrum } from '../../light/colour/spectrum';
import { colourOfXyz, surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { hidingOf, opticsOfPot } from '../../predicted/paint/opticsOfPot';
import type { SwatchReading } from '../../written/pot/pot';
import type { Light } from './readBox';
import { barePaper, printedBlack } from './sheetLayout';

/** The facts of a paint that a stroke across black and white shows. */
export interface StrokePot {
  swatch: string;
  swatchShows: SwatchReading;
  hiding: number;
}

const black = flatSpectrum(printedBlack);
const paper = flatSpectrum(barePaper);
const white = flatSpectrum(1);

/** A paint that hides less than this was never seen thick: its colour is that of one coat over white. */
const thickFrom = 0.55;
const leastScattering = 1e-4;
const mostScattering = 60;

/**
 * The pot a stroke is of, from what it reflects over printed black and over bare paper. Scattering
 * is taken to be the same in every band at first; what hides is then given the swatch that the
 * ledger predicts to look so.
 *
 * @param overBlack, overWhite linear sRGB, each 0–1
 */
export function potOfStroke(overBlack: Light, overWhite: Light): StrokePot {
  const seen = reflectanceOf(overWhite);
  const optics = opticsOfStroke(lightOf(overBlack), seen);
  const hiding = Math.min(1, hidingOf(optics, 1));
  if (hiding < thickFrom) {
    const swatch = surfaceColour(filmOver(white, optics, 1)).hex;
    return { swatch, swatchShows: 'one coat over white', hiding };
  }
  const swatch = swatchSeenAs(surfaceColour(seen), surfaceColour(masstoneOf(optics)), hiding);
  return { swatch, swatchShows: 'thick and dry', hiding };
}

const fitRounds = 3;

/** The swatch with which the prediction of one coat over paper looks as it was seen. */
function swatchSeenAs(seen: SurfaceColour, first: SurfaceColour, hiding: number): string {
  let swatch = first;
  for (let round = 0; round < fitRounds; round++) {
    const coat = surfaceColour(filmOver(paper, opticsOfPot(swatch.hex, hiding), 1));
    swatch = colourOfLab(
      Math.max(0, swatch.value + seen.value - coat.value),
      swatch.a + seen.a - coat.a,
      swatch.b + seen.b - coat.b,
    );
  }
  return swatch.hex;
}

/** How far two readings of one stroke lie from each other: ΔE00 of the swatch, and hiding. */
export function apartOf(one: StrokePot, other: StrokePot) {
  const colour = ({ swatch }: StrokePot) => surfaceColour(reflectanceFromHex(swatch));
  return {
    colour: colourDifference(colour(one), colour(other)),
    hiding: Math.abs(one.hiding - other.hiding),
  };
}

const inside = (light: number) => Math.max(0.0005, light);

const xyzOf = ([r, g, b]: Light) =>
  convertRgbToXyz65(convertLrgbToRgb({ r: inside(r), g: inside(g), b: inside(b) }));

const lightOf = (light: Light) => Math.min(1, xyzOf(light).y);

const reflectanceOf = (light: Light): Spectrum => reflectanceFromHex(colourOfXyz(xyzOf(light)).hex);

/** The scattering at which a coat that looks so over paper is as light over black as it was seen. */
function opticsOfStroke(lightOverBlack: number, overPaper: Spectrum): Optics {
  let low = Math.log(leastScattering);
  let high = Math.log(mostScattering);
  for (let round = 0; round < 15; round++) {
    const middle = (low + high) / 2;
    const optics = withAbsorption(overPaper, Math.exp(middle));
    if (reflectanceToXyz(filmOver(black, optics, 1)).y < lightOverBlack) low = middle;
    else high = middle;
  }
  return withAbsorption(overPaper, Math.exp((low + high) / 2));
}

/** The absorption in each band with which one film over paper reflects as it was seen. */
function withAbsorption(overPaper: Spectrum, scattering: number): Optics {
  const scatters = new Float64Array(bandCount).fill(scattering);
  let low = new Float64Array(bandCount).fill(Math.log(1e-7));
  let high = new Float64Array(bandCount).fill(Math.log(1e4));
  let absorption = new Float64Array(bandCount);
  for (let round = 0; round < 20; round++) {
    const middle = low.map((from, band) => (from + high[band]) / 2);
    absorption = middle.map(Math.exp);
    const reflected = filmOver(paper, { absorption, scattering: scatters }, 1);
    low = middle.map((log, band) => (reflected[band] > overPaper[band] ? log : low[band]));
    high = middle.map((log, band) => (reflected[band] > overPaper[band] ? high[band] : log));
  }
  return { absorption, scattering: scatters };
}
