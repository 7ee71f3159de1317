import type { Work } from '../work';
import type { Done } from './dispatched';

/** How a plan is cut up for the people who follow it. */
export interface PlanShape {
  /** coats of a line that are taken through in a row by one hand in one sitting */
  runs: number;
  /** runs that do not take all models of their coat */
  broken: number;
  /** times a hand takes up another paint */
  changes: number;
  /** surfaces a hand turns to: one heading on its page each */
  headings: number;
}

/** @param done in the order it was begun */
export function planShape({ chains }: Work, done: readonly Done[]): PlanShape {
  const shape: PlanShape = { runs: 0, broken: 0, changes: 0, headings: 0 };
  const last = new Map<number, { run: number; surface: number; sitting: number }>();
  const times = new Map<number, number>();
  for (const { chain, job, hand, sitting, changing } of done) {
    const { jobs } = chains[chain];
    const { run } = jobs[job];
    const surface = jobs[jobs.length - 1].run;
    const before = last.get(hand);
    const isSameSitting = before?.sitting === sitting;
    if (!isSameSitting || before.run !== run) {
      shape.runs++;
      times.set(run, (times.get(run) ?? 0) + 1);
    }
    if (!isSameSitting || before.surface !== surface) shape.headings++;
    if (changing > 0) shape.changes++;
    last.set(hand, { run, surface, sitting });
  }
  for (const count of times.values()) shape.broken += count - 1;
  return shape;
}
