import { wetFilmOf } from '../../../../written/technique/wetFilm';
import { roomFactor, type Room } from '../../../palette/staysUsable';
import { loadOf, waterShareOf } from '../../../../written/mix/mix';
import { depositAt } from '../../../../written/recipe/depositAt';
import type { Step } from '../../../../written/recipe/step';
import { lifts, techniqueOf } from '../../../../written/technique/techniques';
import { ribbonStops } from '../../../../written/place/toneAxis';

/** Medium keeps hold of its water: all medium takes so much longer than all water. */
const mediumHolds = 0.5;
/** Moving warm air takes the water off about three times as fast. */
const dryerFactor = 1 / 3;
/** Even the thinnest film is left alone for a moment, minutes. */
const shortest = 1;

/** To be heeded by who uses a hair dryer. */
export const hairDryerCaution =
  'Warm air only, at arm’s length: heat lifts paint and softens plastic. Never near solvents, ' +
  'spray or anything that has just been sprayed or varnished, as the vapour catches fire. Keep ' +
  'to the maker’s sheets and the local rules.';

export interface DryingPlace {
  room: Room;
  /** a hair dryer is used between coats */
  hairDryer: boolean;
}

/** Minutes one film dries until another coat goes on, where it runs and where it is brushed out. */
const minutesOfFilm = { run: 4, brushed: 2.4 };
/** Twice as deep takes more than twice as long, as the water below has to come up through it. */
const depthPower = 2.2;
/** Paint from this load on stands on the surface in a thick coat; neat it dries so much longer. */
const thickFrom = 0.6;
const neatTakes = 3.5;
/** A glaze is left alone so long, however little of it there is. */
const shortestGlaze = 2;

/**
 * How long one coat takes to dry where it lies thickest until another goes on: by the depth of the
 * film, longer where it runs together or goes on thick. Real coats differ with draught and damp.
 *
 * @returns minutes in a usual room, without a hair dryer
 */
export function reckonedDryMinutes(step: Pick<Step, 'technique' | 'placement' | 'mix'>): number {
  const { spreads, runs, isThinned, film } = techniqueOf(step.technique);
  const deepest =
    spreads === 'area' ? 1 : Math.max(...ribbonStops.map((at) => depositAt(step, at)));
  const load = loadOf(step.mix);
  const isBrushedOut = !runs && film <= 1;
  const thick = isBrushedOut ? Math.max(0, (load - thickFrom) / (1 - thickFrom)) : 0;
  const depth = wetFilmOf(step) * deepest;
  const minutes =
    (runs ? minutesOfFilm.run : minutesOfFilm.brushed) *
    depth ** depthPower *
    (1 + (neatTakes - 1) * thick);
  const medium = load < 1 ? 1 - waterShareOf(step.mix) : 0;
  return Math.max(isThinned ? shortestGlaze : shortest, minutes) * (1 + mediumHolds * medium);
}

/**
 * How long one coat dries: what its line says, or what is reckoned where it says nothing, as the
 * room and a hair dryer change it.
 *
 * @returns minutes
 */
export function dryMinutesOf(
  step: Pick<Step, 'technique' | 'placement' | 'mix' | 'dryMinutes'>,
  { room, hairDryer }: DryingPlace,
): number {
  const minutes = step.dryMinutes > 0 ? step.dryMinutes : reckonedDryMinutes(step);
  return (minutes / roomFactor[room]) * (hairDryer ? dryerFactor : 1);
}

/**
 * The wait after each coat of the painted lines of a surface. Nobody waits before what goes on wet;
 * what lifts leaves the coat before it to dry.
 *
 * @param painted in the order they are painted
 * @returns minutes, one for each coat of each line
 */
export function waitsOf(painted: readonly Step[], place: DryingPlace): number[][] {
  let wet: Step | null = null;
  return painted.map((step, index) => {
    const isLift = lifts(step.technique);
    if (!isLift) wet = step;
    const dries = isLift && wet && step.dryMinutes === 0 ? wet : step;
    const next = painted[index + 1];
    const each = dryMinutesOf(dries, place);
    return Array.from({ length: step.coats }, (_, coat) => {
      const isLast = coat === step.coats - 1;
      const isFollowedWet = isLast ? next && techniqueOf(next.technique).goesOnWet : isLift;
      return isFollowedWet ? 0 : each;
    });
  });
}
