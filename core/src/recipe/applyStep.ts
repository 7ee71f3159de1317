import { bandCount } from '../colour/cieObserver';
import type { Spectrum } from '../colour/spectrum';
import { filmTransfer, throughFilm } from '../paint/filmOver';
import type { Optics } from '../paint/optics';
import { loadOf, waterShareOf } from './mix';
import type { Step } from './step';
import { techniqueOf } from './techniques';

/** What a step lays on one place, ready to go over any ground. Null where it lays nothing. */
export interface Deposit {
  /** share of the area it touches at each application, above 0 and up to 1 */
  share: number;
  applications: number;
  transfer: Spectrum;
}

/** Thickness of one coat where its deposit is 1, in films: the technique’s film × load. */
export const filmOf = ({ technique, mix }: Pick<Step, 'technique' | 'mix'>): number =>
  techniqueOf(technique).film * loadOf(mix);

/** Below this many films there is nothing to see. */
const leastThickness = 1e-6;

/**
 * What a step lays on a place of the tone axis: technique's film × load × deposit there. Coats of
 * a film add up to one thicker film, exactly; a technique that touches a share of the area does so
 * anew at each application.
 *
 * @param paint optics of the mix, unthinned
 * @param at place on the tone axis, 0–1
 * @param lifted share of the last coat that was taken off again while it was wet, 0–1
 */
export function depositOf(step: Step, paint: Optics, at: number, lifted = 0): Deposit | null {
  const technique = techniqueOf(step.technique);
  const deposit = technique.deposit(at, step.placement, waterShareOf(step.mix));
  const film = filmOf(step);
  if (technique.spreads === 'area') {
    if (deposit < leastThickness) return null;
    return {
      share: Math.min(1, deposit),
      applications: step.coats,
      transfer: filmTransfer(paint, film),
    };
  }
  const thickness = film * (step.coats - Math.min(1, step.coats) * lifted) * deposit;
  if (thickness < leastThickness) return null;
  return { share: 1, applications: 1, transfer: filmTransfer(paint, thickness) };
}

/** The surface after a deposit on a ground. @param ground reflectance, 38 bands */
export function layOver(ground: Spectrum, paint: Optics, deposit: Deposit | null): Spectrum {
  if (!deposit) return ground;
  const { share, applications, transfer } = deposit;
  let surface = ground;
  for (let application = 0; application < applications; application++) {
    const painted = throughFilm(surface, paint, transfer);
    if (share < 1)
      for (let band = 0; band < bandCount; band++)
        painted[band] = share * painted[band] + (1 - share) * surface[band];
    surface = painted;
  }
  return surface;
}
