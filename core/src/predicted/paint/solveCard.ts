import { bandCount } from '../../light/colour/cieObserver';
import { colourDifference } from '../../light/colour/colourDifference';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { hidingOf } from './opticsOfPot';

/** Four readings of a card half black and half white with one neat coat across it, 38 bands each. */
export interface CardReadings {
  black: Spectrum;
  white: Spectrum;
  overBlack: Spectrum;
  overWhite: Spectrum;
}

/** The measured facts of a pot. */
export interface MeasuredPot {
  optics: Optics;
  /** the masstone, sRGB */
  swatch: string;
  /** 0–1 */
  hiding: number;
  /** ΔE00 between the readings and the solution played forward over the same card, the worse half */
  playedForward: number;
}

/** Readings no coat of paint can have given. */
export class CardError extends RangeError {
  constructor(message: string) {
    super(message);
    this.name = 'CardError';
  }
}

/** The two halves of a card have to be this far apart in Y to tell anything. */
const leastContrast = 0.2;
const most = 0.9995;
const least = 1e-9;

/**
 * K and S of a pot from one neat coat over black and over white.
 *
 * With y = b·coth(bS), the film equation R = (1 − G(a − y)) / (a − G + y) over a ground G is a
 * straight line in a and y: a(R + G) + y(R − G) = 1 + RG. The two halves of the card give two lines,
 * band by band; where they cross are a and y, and from them b = √(a² − 1), S = artanh(b / y) / b and
 * K = S(a − 1).
 *
 * @throws CardError when the card's white is not lighter than its black, or the coat turns it about
 * @source P. Kubelka, J. Opt. Soc. Am. 38 (1948) 448, solved for a and S
 */
export function solveCard({ black, white, overBlack, overWhite }: CardReadings): MeasuredPot {
  const brightness = (spectrum: Spectrum) => reflectanceToXyz(spectrum).y;
  if (brightness(white) - brightness(black) < leastContrast)
    throw new CardError(
      'The card’s white should be much lighter than its black; these two are the wrong way round or the same.',
    );
  if (brightness(overWhite) < brightness(overBlack) - 0.005)
    throw new CardError(
      'The coat over white should not be darker than over black; perhaps the two were swapped.',
    );
  const optics: Optics = {
    absorption: new Float64Array(bandCount),
    scattering: new Float64Array(bandCount),
  };
  for (let band = 0; band < bandCount; band++) {
    const [k, s] = solveBand(black[band], white[band], overBlack[band], overWhite[band]);
    optics.absorption[band] = k;
    optics.scattering[band] = s;
  }
  const halves = [
    [black, overBlack],
    [white, overWhite],
  ] as const;
  return {
    optics,
    swatch: surfaceColour(masstoneOf(optics)).hex,
    hiding: Math.min(1, hidingOf(optics, 1)),
    playedForward: Math.max(
      ...halves.map(([ground, read]) =>
        colourDifference(surfaceColour(filmOver(ground, optics, 1)), surfaceColour(read)),
      ),
    ),
  };
}

function solveBand(
  black: number,
  white: number,
  overBlack: number,
  overWhite: number,
): [number, number] {
  const inside = (figure: number) => Math.min(most, Math.max(least, figure));
  const lines = [
    [inside(black), inside(overBlack)],
    [inside(white), inside(overWhite)],
  ].map(([ground, read]) => ({
    ofA: read + ground,
    ofY: read - ground,
    right: 1 + read * ground,
  }));
  const [one, other] = lines;
  const crossing = one.ofA * other.ofY - other.ofA * one.ofY;
  // The coat left both halves as they were: there is nothing there.
  if (Math.abs(crossing) < 1e-12) return [0, 0];
  const a = Math.max(1 + 1e-9, (one.right * other.ofY - other.right * one.ofY) / crossing);
  const y = (one.ofA * other.right - other.ofA * one.right) / crossing;
  const b = Math.sqrt(a * a - 1);
  // A coat that hides outright has y = b; noise can push it below.
  const s = Math.min(mostScattering, Math.atanh(Math.min(1 - 1e-9, b / Math.max(y, b))) / b);
  return [s * (a - 1), s];
}

/** Beyond this one coat hides whatever is below. */
const mostScattering = 1e4;
