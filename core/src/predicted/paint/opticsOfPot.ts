import { bandCount } from '../../light/colour/cieObserver';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { flatSpectrum, type Spectrum } from '../../light/colour/spectrum';
import { filmOver } from '../../light/optics/filmOver';
import { kOverSOfMasstone } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { countedCard } from '../../written/pot/glazeCard';
import type { Pot, SwatchReading } from '../../written/pot/pot';
import { opticsOfTwoColours } from './opticsOfTwoColours';

const black = flatSpectrum(0);
const white = flatSpectrum(1);

/** Scattering per film is looked for between these; hiding beyond what they give is held there. */
const mostHiding = 0.9995;
const leastScattering = 1e-7;
const mostScattering = 1e4;

/**
 * Absorption and scattering of a pot from what its owner can see: the swatch and the hiding.
 * A swatch shows the masstone, or one neat coat over white.
 * Their size is the one at which a single neat brushed coat has the pot's hiding.
 *
 * @param swatch sRGB hex
 * @param hiding contrast ratio of one neat coat, 0 (clear) to 1 (covers outright; held at 0.9995)
 * @throws RangeError when the swatch is no colour or hiding is outside 0–1
 */
export function opticsOfPot(
  swatch: string,
  hiding: number,
  shows: SwatchReading = 'thick and dry',
): Optics {
  if (!(hiding >= 0 && hiding <= 1)) throw new RangeError(`hiding ${hiding} is not from 0 to 1`);
  const key = `${swatch} ${hiding} ${shows}`;
  const known = opticsKept.get(key);
  if (known) return known;
  const reflectance = reflectanceFromHex(swatch);
  const held = Math.min(hiding, mostHiding);
  const optics =
    shows === 'thick and dry'
      ? solveOptics(reflectance, held)
      : solveOpticsOverWhite(reflectance, held);
  return keep(key, optics);
}

function keep(key: string, optics: Optics): Optics {
  if (opticsKept.size >= 5000) opticsKept.clear();
  opticsKept.set(key, optics);
  return optics;
}

/** K and S of a pot as it stands on the shelf: by its glaze card, where there is one, and else by `opticsOfPot`. */
export function opticsOf(
  pot: Pick<Pot, 'swatch' | 'hiding' | 'swatchShows' | 'glazeCard'>,
): Optics {
  const card = countedCard(pot);
  if (!card) return opticsOfPot(pot.swatch, pot.hiding, pot.swatchShows);
  const key = `${card.thick} ${card.overWhite}`;
  const known = opticsKept.get(key);
  if (known) return known;
  const optics = opticsOfTwoColours(
    reflectanceFromHex(card.thick),
    reflectanceFromHex(card.overWhite),
  );
  return keep(key, optics);
}

const opticsKept = new Map<string, Optics>();

/**
 * Hiding of a film: Y over black divided by Y over white.
 *
 * @param thickness in films, above 0
 * @returns 0 (nothing hidden) to 1
 */
export function hidingOf(paint: Optics, thickness: number): number {
  const overBlack = reflectanceToXyz(filmOver(black, paint, thickness)).y;
  const overWhite = reflectanceToXyz(filmOver(white, paint, thickness)).y;
  return overBlack / overWhite;
}

/** Absorption of a neat film that no band of a hobby paint goes beyond. */
const mostAbsorption = 5.5;
/** Mean absorption of a neat film that no such paint goes beyond: over white it hides all but outright. */
export const mostMeanAbsorption = 3.5;

/**
 * `opticsOfPot` without its cache: K and S whose ratio in each band is the masstone's, so
 * that the swatch is met whatever is assumed, in a size at which one coat has the pot's hiding. Of a
 * dark pot a contrast tells little: its size ends where paints of its kind do.
 *
 * @param masstone reflectance, 38 bands
 * @param hiding 0 to 0.9995
 */
export function solveOptics(masstone: Spectrum, hiding: number): Optics {
  if (hiding === 0) return { absorption: flatSpectrum(0), scattering: flatSpectrum(0) };
  const ratio = masstone.map(kOverSOfMasstone);
  const black = blackIn(masstone);
  const evened = geometricMean(ratio) ** black;
  const ofSize = (size: number): Optics => {
    const absorption = ratio.map((kOverS) => {
      const own = size * evened * kOverS ** (1 - black);
      return own / (1 + own / mostAbsorption);
    });
    return { absorption, scattering: absorption.map((k, band) => k / ratio[band]) };
  };
  // Hiding rises steadily with the size, so halving the interval (of its logarithm) always finds it.
  let low = Math.log(leastScattering);
  let high = Math.log(mostScattering);
  for (let round = 0; round < 50; round++) {
    const middle = (low + high) / 2;
    const tried = ofSize(Math.exp(middle));
    const isTooSmall = hidingOf(tried, 1) < hiding && meanOf(tried.absorption) < mostMeanAbsorption;
    if (isTooSmall) low = middle;
    else high = middle;
  }
  return ofSize(Math.exp((low + high) / 2));
}

const meanOf = (spectrum: Spectrum) => spectrum.reduce((sum, each) => sum + each, 0) / bandCount;
const geometricMean = (spectrum: Spectrum) => Math.exp(meanOf(spectrum.map(Math.log)));

/** A pot holds black the more the darker and the duller it is: between these L* and these C. */
const dark = { wholly: 25, notFrom: 55 };
const dull = { wholly: 20, notFrom: 55 };
/** How far the absorption of a pot that is wholly dark and dull is evened out over the spectrum. */
const mostBlack = 0.65;

/**
 * How much of a pot's absorption is black's, which takes from every band alike, 0 to `mostBlack`.
 * A dull dark is a colour with black or grey in it, and thinned it goes grey; a strong single
 * pigment goes bright. Not measured: fitted to painters' truths about thin paint.
 */
function blackIn(masstone: Spectrum): number {
  const { value, chroma } = surfaceColour(masstone);
  const within = (figure: number, { wholly, notFrom }: typeof dark) =>
    Math.min(1, Math.max(0, (notFrom - figure) / (notFrom - wholly)));
  return mostBlack * within(value, dark) * within(chroma, dull);
}

/**
 * Absorption and scattering of a pot whose swatch is one neat coat over white: in each band the K
 * that makes a film of thickness 1 over white reflect what the swatch does, for the S at which the
 * coat has the pot's hiding.
 *
 * @param overWhite reflectance of one coat over white, 38 bands
 * @param hiding 0 to 0.9995
 */
export function solveOpticsOverWhite(overWhite: Spectrum, hiding: number): Optics {
  let low = Math.log(leastScattering);
  let high = Math.log(mostScattering);
  let optics = withAbsorption(overWhite, Math.exp(low));
  // Over white the coat looks the same whatever S is, so hiding rises with what S gives over black.
  for (let round = 0; round < 22; round++) {
    const middle = (low + high) / 2;
    optics = withAbsorption(overWhite, Math.exp(middle));
    if (hidingOf(optics, 1) < hiding) low = middle;
    else high = middle;
  }
  return optics;
}

/** The absorption in each band with which one film over white reflects as asked. */
function withAbsorption(overWhite: Spectrum, scattering: number): Optics {
  let low = new Float64Array(bandCount).fill(Math.log(1e-9));
  let high = new Float64Array(bandCount).fill(Math.log(1e6));
  const scatters = new Float64Array(bandCount).fill(scattering);
  let absorption = new Float64Array(bandCount);
  for (let round = 0; round < 30; round++) {
    const middle = low.map((from, band) => (from + high[band]) / 2);
    absorption = middle.map(Math.exp);
    const reflected = filmOver(white, { absorption, scattering: scatters }, 1);
    low = middle.map((log, band) => (reflected[band] > overWhite[band] ? log : low[band]));
    high = middle.map((log, band) => (reflected[band] > overWhite[band] ? high[band] : log));
  }
  return { absorption, scattering: scatters };
}
