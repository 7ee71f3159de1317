import { bandCount } from '../../light/colour/cieObserver';
import type { Spectrum } from '../../light/colour/spectrum';
import { filmTransfer, throughFilm } from '../../light/optics/filmOver';
import type { Optics } from '../../light/optics/optics';
import { depositAt, depositsAt } from '../../written/recipe/depositAt';
import { loadOf } from '../../written/mix/mix';
import type { PaintedStep } from '../../written/recipe/paintedSteps';
import type { Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';
import { wetFilmOf } from '../../written/technique/wetFilm';

/** The film of a step on one place, ready to go over any ground. Null where it lays nothing. */
export interface Deposit {
  /** share of the area it touches at each application, above 0 and up to 1 */
  shares: readonly number[];
  transfer: Spectrum;
}

/** Paint in one coat where its deposit is 1, in films of neat paint: its wet film × load. */
export const filmOf = (step: Pick<Step, 'technique' | 'mix'>): number =>
  wetFilmOf(step) * loadOf(step.mix);

/** Below this many films there is nothing to see. */
const leastThickness = 1e-6;

/**
 * The thickness of a step on a place of the tone axis: technique's film × load × deposit there. Coats of
 * a film add up to one thicker film, exactly; a technique that touches a share of the area does so
 * anew at each application.
 *
 * @param paint optics of the mix, unthinned
 * @param at place on the tone axis, 0–1
 * @param lifted share of the last coat that was taken off again while it was wet, 0–1
 */
export function depositOf(
  step: PaintedStep,
  paint: Optics,
  at: number,
  lifted = 0,
): Deposit | null {
  const film = filmOf(step);
  if (techniqueOf(step.technique).spreads === 'area') {
    const shares = depositsAt(step, at).flatMap((deposit, coat) => {
      // Of half a coat, half the area it would touch.
      const share = Math.min(1, deposit) * Math.min(1, step.coats - coat);
      return share < leastThickness ? [] : [share];
    });
    return shares.length === 0 ? null : { shares, transfer: filmTransfer(paint, film) };
  }
  const { coats, placement } = step;
  const deposit = depositAt(step, at);
  const last = placement.last ? (depositsAt(step, at).at(-1) ?? 0) : deposit;
  const thickness =
    last === deposit
      ? film * (coats - Math.min(1, coats) * lifted) * deposit
      : film * (coats * deposit - Math.min(1, coats) * lifted * last);
  if (thickness < leastThickness) return null;
  return { shares: once, transfer: filmTransfer(paint, thickness) };
}

const once: readonly number[] = [1];

/** The surface after a deposit on a ground. @param ground reflectance, 38 bands */
export function layOver(ground: Spectrum, paint: Optics, deposit: Deposit | null): Spectrum {
  if (!deposit) return ground;
  const surface = ground.slice();
  layInto(surface, paint, deposit);
  return surface;
}

/** As `layOver`, written into the surface itself. @param surface reflectance, 38 bands */
export function layInto(surface: Spectrum, paint: Optics, { shares, transfer }: Deposit): void {
  for (const share of shares) {
    if (share === 1) {
      throughFilm(surface, paint, transfer, surface);
      continue;
    }
    throughFilm(surface, paint, transfer, painted);
    for (let band = 0; band < bandCount; band++)
      surface[band] = share * painted[band] + (1 - share) * surface[band];
  }
}

/** Used by `layInto` alone, so that a layer on many places makes no garbage. */
const painted = new Float64Array(bandCount);
