import { bandCount } from '../../light/colour/cieObserver';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import { flatSpectrum, type Spectrum } from '../../light/colour/spectrum';
import { filmOver } from '../../light/optics/filmOver';
import { kOverSOfMasstone } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import type { Pot, SwatchReading } from '../../written/pot/pot';

const black = flatSpectrum(0);
const white = flatSpectrum(1);

/** Scattering per film is looked for between these; hiding beyond what they give is held there. */
const mostHiding = 0.9995;
const leastScattering = 1e-7;
const mostScattering = 1e4;

/**
 * Absorption and scattering of a pot from what its owner can see: the swatch and the hiding.
 * A swatch shows the masstone, or one neat coat over white.
 * S is taken to be the same in every band; its size is the one at which a single neat brushed coat
 * has the pot's hiding. K follows from the masstone.
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
  if (opticsKept.size >= 5000) opticsKept.clear();
  opticsKept.set(key, optics);
  return optics;
}

/** `opticsOfPot` of a pot as it stands on the shelf. */
export const opticsOf = ({
  swatch,
  hiding,
  swatchShows,
}: Pick<Pot, 'swatch' | 'hiding' | 'swatchShows'>): Optics =>
  opticsOfPot(swatch, hiding, swatchShows);

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

/**
 * `opticsOfPot` worked out anew each time.
 *
 * @param masstone reflectance, 38 bands
 * @param hiding 0 to 0.9995
 */
export function solveOptics(masstone: Spectrum, hiding: number): Optics {
  if (hiding === 0) return { absorption: flatSpectrum(0), scattering: flatSpectrum(0) };
  const ratio = masstone.map(kOverSOfMasstone);
  const withScattering = (s: number): Optics => ({
    absorption: ratio.map((kOverS) => kOverS * s),
    scattering: new Float64Array(bandCount).fill(s),
  });
  // Hiding rises steadily with S, so halving the interval (of its logarithm) always finds it.
  let low = Math.log(leastScattering);
  let high = Math.log(mostScattering);
  for (let round = 0; round < 50; round++) {
    const middle = (low + high) / 2;
    if (hidingOf(withScattering(Math.exp(middle)), 1) < hiding) low = middle;
    else high = middle;
  }
  return withScattering(Math.exp((low + high) / 2));
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
