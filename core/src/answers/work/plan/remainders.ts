import type { Work } from './work';

/**
 * For each coat of each chain the minutes from its start to when its model is done, drying counted,
 * waiting for hands not: the longest way, through what has a later turn on the model as well.
 */
export function remainders({ chains, models }: Work): Float64Array[] {
  const turns = 1 + Math.max(0, ...chains.map(({ jobs }) => jobs.at(-1)?.turn ?? 0));
  /** the longest way through each turn on a model, and from the start of the one after it */
  const through = new Float64Array(models * turns);
  const after = new Float64Array(models * turns);
  for (const { model, jobs } of chains) {
    const sums = new Float64Array(turns);
    for (const { turn, handsOn, dry } of jobs) sums[turn] += handsOn + dry;
    sums.forEach((sum, turn) => {
      through[model * turns + turn] = Math.max(through[model * turns + turn], sum);
    });
  }
  for (let model = 0; model < models; model++)
    for (let turn = turns - 2; turn >= 0; turn--) {
      const next = model * turns + turn + 1;
      after[next - 1] = after[next] + through[next];
    }
  return chains.map(({ model, jobs }) => {
    const tails = new Float64Array(jobs.length);
    let sum = 0;
    for (let i = jobs.length - 1; i >= 0; i--) {
      const { turn, handsOn, dry } = jobs[i];
      const isLastOfTurn = jobs.at(i + 1)?.turn !== turn;
      if (isLastOfTurn) sum = after[model * turns + turn];
      sum += handsOn + dry;
      tails[i] = sum;
    }
    return tails;
  });
}
