import { loadOf, type Mix } from '../mix/mix';
import { techniqueOf, type TechniqueName } from './techniques';

/** A brush that is wiped leaves all of its technique's film from this load on, and less below. */
const wipedBelow = 1 / 3;

/**
 * Wet thickness of one coat where its deposit is 1, in films of about 40 µm. Most of a glaze is
 * wiped off the brush, and the runnier it is, the less of it stays: in proportion to its load.
 *
 * @example wetFilmOf({ technique: 'placedGlaze', mix: 1 paint : 11 water }) // → 0.45 × ¼
 */
export function wetFilmOf({ technique, mix }: { technique: TechniqueName; mix: Mix }): number {
  const { film, isThinned } = techniqueOf(technique);
  return isThinned ? film * Math.min(1, loadOf(mix) / wipedBelow) : film;
}
