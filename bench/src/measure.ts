/** Median time of a piece of work, ms, over `rounds` after a third as many to warm up. */
export function medianMs(work: (round: number) => void, rounds: number): number {
  for (let round = 0; round < Math.ceil(rounds / 3); round++) work(round);
  return middle(Array.from({ length: rounds }, (_, round) => timeOf(() => work(round))));
}

/** As `medianMs`, for work that is waited for. */
export async function medianMsOf(work: () => Promise<unknown>, rounds: number): Promise<number> {
  for (let round = 0; round < Math.ceil(rounds / 3); round++) await work();
  const times: number[] = [];
  for (let round = 0; round < rounds; round++) {
    const started = performance.now();
    await work();
    times.push(performance.now() - started);
  }
  return middle(times);
}

function timeOf(work: () => void): number {
  const started = performance.now();
  work();
  return performance.now() - started;
}

function middle(times: number[]): number {
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
}

export const ms = (figure: number) => `${figure.toFixed(2)} ms`;
export const times = (ratio: number) => `${ratio.toFixed(1)} ×`;

/** The value below which this share of the values lies, 0–1. */
export function percentile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((one, other) => one - other);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;
}
