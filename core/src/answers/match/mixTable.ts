import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfLab } from '../../light/colour/colourOfLab';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Pot } from '../../written/pot/pot';
import { mixMeter } from './screen/mixMeter';
import { wholeParts } from './screen/wholeParts';

/** A mix of whole parts, thick and dry. */
export interface TableMix {
  parts: { potId: string; parts: number }[];
  colour: SurfaceColour;
  /** ΔE00 to what was looked for */
  error: number;
}

const mostParts = 6;
/** Nearest by plain distance, of which the nearest to the eye is taken. */
const looked = 80;
const greyCounts = 1.4;
/** A third pot is tried where two leave so much, ΔE00, those of the nearest pairs first. */
const thirdFrom = 1.5;
const triedForThird = 12;

/**
 * Every mix of one and two pots measured once, for looking up many colours on one shelf; a third pot
 * is tried from case to case. It finds what `nearestByParts` finds or nearly (test), in a fraction of
 * the time from the second colour on.
 *
 * @returns looks up the nearest mix; null where there is no pot
 */
export function mixTable(pots: readonly Pot[]): (target: SurfaceColour) => TableMix | null {
  const meter = mixMeter(pots.map(opticsOf), { as: 'masstone' });
  const ways = wholeParts(2, mostParts);
  const rows: number[] = [];
  const labs: number[] = [];
  const note = (i: number, a: number, j: number, b: number, k: number, c: number) => {
    meter.measure(i, a, j, b, k, c);
    rows.push(i, a, j, b, k, c);
    labs.push(meter.lab[0], meter.lab[1], meter.lab[2]);
  };
  pots.forEach((_, i) => {
    note(i, 1, i, 0, i, 0);
    for (let j = i + 1; j < pots.length; j++) for (const [a, b] of ways) note(i, a, j, b, i, 0);
  });
  const count = rows.length / 6;
  const triples = wholeParts(3, mostParts);

  return (target) => {
    if (count === 0) return null;
    // As ΔE00 has it in the rough: what differs in colour counts most beside grey.
    const weight = (greyCounts / (1 + 0.045 * target.chroma)) ** 2;
    const apart = (l: number, a: number, b: number) =>
      (l - target.value) ** 2 + weight * ((a - target.a) ** 2 + (b - target.b) ** 2);
    const order = nearestFew(count, looked, (at) =>
      apart(labs[3 * at], labs[3 * at + 1], labs[3 * at + 2]),
    );
    let best = order
      .map((at) => mixAt(rows.slice(6 * at, 6 * at + 6), target))
      .reduce((one, other) => (other.error < one.error ? other : one));
    if (best.error <= thirdFrom || pots.length < 3) return best;
    const near = order.flatMap((at) => [rows[6 * at], rows[6 * at + 2]]);
    const among = [...new Set([...near, ...pots.keys()])].slice(0, triedForThird);
    const found: { row: number[]; far: number }[] = [];
    among.forEach((i, one) =>
      among.slice(one + 1).forEach((j, two) =>
        among.slice(one + two + 2).forEach((k) => {
          for (const [a, b, c] of triples) {
            meter.measure(i, a, j, b, k, c);
            const far = apart(meter.lab[0], meter.lab[1], meter.lab[2]);
            found.push({ row: [i, a, j, b, k, c], far });
          }
        }),
      ),
    );
    for (const { row } of found.sort((one, other) => one.far - other.far).slice(0, looked)) {
      const mix = mixAt(row, target);
      if (mix.error < best.error) best = mix;
    }
    return best;
  };

  function mixAt(row: readonly number[], target: SurfaceColour): TableMix {
    const [i, a, j, b, k, c] = row;
    meter.measure(i, a, j, b, k, c);
    const colour = colourOfLab(meter.lab[0], meter.lab[1], meter.lab[2]);
    const parts = [
      { potId: pots[i].id, parts: a },
      { potId: pots[j].id, parts: b },
      { potId: pots[k].id, parts: c },
    ].filter((part) => part.parts > 0);
    return { parts, colour, error: colourDifference(colour, target) };
  }
}

/** Places of the few smallest figures. */
function nearestFew(count: number, few: number, figureAt: (at: number) => number): number[] {
  const best: { at: number; figure: number }[] = [];
  let worst = Infinity;
  for (let at = 0; at < count; at++) {
    const figure = figureAt(at);
    if (figure >= worst) continue;
    best.push({ at, figure });
    if (best.length > 2 * few) {
      best.sort((one, other) => one.figure - other.figure);
      best.length = few;
      worst = best[few - 1].figure;
    }
  }
  return best
    .sort((one, other) => one.figure - other.figure)
    .slice(0, few)
    .map(({ at }) => at);
}
