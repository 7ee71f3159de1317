import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { Deposit } from '../../predicted/buildUp/applyStep';
import { depositsOf, putOn, type Laid } from '../../predicted/buildUp/lift';
import { toneStops, type ToneStopName } from '../../written/place/toneAxis';
import type { AdviceContext, PaintedLine } from './adviceContext';

/** The finished surface at the named stops. */
export type FinishedStops = Record<ToneStopName, SurfaceColour>;

/**
 * The finished surface if one line were painted otherwise, or not at all: what an objection to the
 * line has to change.
 *
 * @param coats of the line; 0 leaves it out
 */
export function finishedWith(
  { lines }: AdviceContext,
  line: PaintedLine,
  coats: number,
  stop: (name: ToneStopName) => number,
): FinishedStops {
  const from = lines.indexOf(line);
  const above = lines.slice(coats > 0 ? from : from + 1);
  const finished = toneStops.map(({ name, at }, place) => {
    let laid: Laid = { surface: [reflectanceFromHex(line.below[stop(name)].hex)], wet: null };
    for (const each of above) {
      laid =
        each === line
          ? putOn(laid, { ...each.step, coats }, each.paint, [at])
          : putOn(laid, each.step, each.paint, [at], [depositsAtStops(each)[place] ?? null]);
    }
    return [name, surfaceColour(laid.surface[0])] as const;
  });
  return Object.fromEntries(finished) as FinishedStops;
}

const depositsKept = new WeakMap<PaintedLine, (Deposit | null)[]>();

/** The paint of a line at the named stops; asked for again and again while lines are left out in turn. */
function depositsAtStops(line: PaintedLine): (Deposit | null)[] {
  const known = depositsKept.get(line);
  if (known) return known;
  const deposits = depositsOf(
    line.step,
    line.paint,
    toneStops.map(({ at }) => at),
  );
  depositsKept.set(line, deposits);
  return deposits;
}
