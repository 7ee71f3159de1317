import type { Sitting, Work } from '../work';
import type { Done } from './dispatched';

/** How a plan is cut up for the people who follow it. */
export interface PlanShape {
  /** coats of a line that are taken through in a row by one hand in one sitting */
  runs: number;
  /** runs that do not take all models of their coat */
  broken: number;
  /** times a hand changes to another paint */
  changes: number;
  /** surfaces a hand turns to: one heading on its page each */
  headings: number;
  /** runs begun with a paint that another hand has on its brush */
  together: number;
  /** minutes at the table until a unit is finished, the mean of all units */
  unitMinutes: number;
  /** minutes hands sit and wait between what they paint */
  waiting: number;
}

/**
 * @param done in the order it was begun
 * @param before minutes at the table before each sitting
 */
export function planShape(
  { chains, wishes }: Work,
  sittings: readonly Sitting[],
  before: readonly number[],
  done: readonly Done[],
): PlanShape {
  const shape = { runs: 0, broken: 0, changes: 0, headings: 0, together: 0, waiting: 0 };
  const last = new Map<
    number,
    { run: number; surface: number; sitting: number; mix: number; ends: number }
  >();
  const times = new Map<number, number>();
  const unitEnds = new Map<number, number>();
  for (const { chain, job, hand, sitting, changing, mixing, starts, ends } of done) {
    const { jobs, unit } = chains[chain];
    const { run, mix } = jobs[job];
    const surface = jobs[jobs.length - 1].run;
    const earlier = last.get(hand);
    const isSameSitting = earlier?.sitting === sitting;
    if (!isSameSitting || earlier.run !== run) {
      shape.runs++;
      times.set(run, (times.get(run) ?? 0) + 1);
      for (const [other, at] of last)
        if (other !== hand && at.sitting === sitting && at.mix === mix && at.ends > starts)
          shape.together++;
    }
    if (!isSameSitting || earlier.surface !== surface) shape.headings++;
    if (changing > 0) shape.changes++;
    const free = isSameSitting ? earlier.ends : sittings[sitting].from;
    shape.waiting += Math.max(0, starts - changing - mixing - free);
    last.set(hand, { run, surface, sitting, mix, ends });
    const atTable = before[sitting] + ends - sittings[sitting].from;
    unitEnds.set(unit, Math.max(unitEnds.get(unit) ?? 0, atTable));
  }
  for (const count of times.values()) shape.broken += count - 1;
  return { ...shape, unitMinutes: meanEnd(unitEnds, wishes) };
}

/** Units wanted first count for themselves, where there are any; those wanted last do not count. */
function meanEnd(ends: ReadonlyMap<number, number>, wishes: Work['wishes']): number {
  const firsts = [...ends].filter(([unit]) => wishes?.get(unit)?.when === 'first');
  const counted =
    firsts.length > 0 ? firsts : [...ends].filter(([unit]) => wishes?.get(unit)?.when !== 'last');
  return counted.reduce((sum, [, end]) => sum + end, 0) / Math.max(1, counted.length);
}
