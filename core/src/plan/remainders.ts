import type { Work } from './work';

/**
 * For each coat of each chain the minutes from its start to when its model is done, drying counted,
 * waiting for hands not: the longest way, through what is held back on the model as well.
 */
export function remainders({ chains, models }: Work): Float64Array[] {
  const heldBack = new Float64Array(models);
  const tails = chains.map(({ model, jobs }) => {
    let sum = 0;
    for (let i = jobs.length - 1; i >= 0 && jobs[i].isHeldBack; i--)
      sum += jobs[i].handsOn + jobs[i].dry;
    heldBack[model] = Math.max(heldBack[model], sum);
    return new Float64Array(jobs.length);
  });
  chains.forEach(({ model, jobs }, chain) => {
    let held = 0;
    let sum = -1;
    for (let i = jobs.length - 1; i >= 0; i--) {
      const minutes = jobs[i].handsOn + jobs[i].dry;
      if (jobs[i].isHeldBack) {
        held += minutes;
        tails[chain][i] = held;
      } else {
        sum = (sum < 0 ? heldBack[model] : sum) + minutes;
        tails[chain][i] = sum;
      }
    }
  });
  return tails;
}
