import {
  colourDifference,
  colourOfHex,
  masstoneOf,
  matchColour,
  mixMeter,
  mixOptics,
  opticsOfPot,
  surfaceColour,
  wholeParts,
  type MatchPot,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { ms, times } from './measure';

const mostParts = 6;

/** Evenly spread figures, the same in every run. */
function figures(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

const anyHex = (next: () => number) =>
  `#${Math.floor(next() * 0xffffff)
    .toString(16)
    .padStart(6, '0')}`;

function anyShelf(count: number, next: () => number): MatchPot[] {
  return Array.from({ length: count }, (_, i) => ({
    potId: `p${i}`,
    optics: opticsOfPot(anyHex(next), 0.05 + 0.9 * next()),
  }));
}

/** Time per mix when each is stirred and looked at plainly, from a sample of them. */
function plainMsPerMix(pots: MatchPot[], target: SurfaceColour): number {
  const sampled = 20_000;
  const started = performance.now();
  for (let n = 0; n < sampled; n++) {
    const mix = mixOptics([
      { optics: pots[n % pots.length].optics, parts: 1 },
      { optics: pots[(n * 7) % pots.length].optics, parts: 2 },
      { optics: pots[(n * 13) % pots.length].optics, parts: 1 },
    ]);
    colourDifference(surfaceColour(masstoneOf(mix)), target);
  }
  return (performance.now() - started) / sampled;
}

/** The least ΔE00 of all mixes of up to three pots, every one measured in full. */
function exhaustiveLeast(pots: MatchPot[], target: SurfaceColour): number {
  const meter = mixMeter(
    pots.map(({ optics }) => optics),
    { as: 'masstone' },
  );
  const ways = [...wholeParts(3, mostParts)];
  const pairs = wholeParts(2, mostParts);
  let least = Infinity;
  const look = (i: number, a: number, j: number, b: number, k: number, c: number) => {
    meter.measure(i, a, j, b, k, c);
    const [value, aStar, bStar] = meter.lab;
    // ΔE00 is never under an eighth of the plain distance at the chroma paints have.
    if (Math.hypot(value - target.value, aStar - target.a, bStar - target.b) > 8 * least) return;
    least = Math.min(least, colourDifference({ value, a: aStar, b: bStar }, target));
  };
  for (let i = 0; i < pots.length; i++) {
    look(i, 1, i, 0, i, 0);
    for (let j = i + 1; j < pots.length; j++) {
      for (const [a, b] of pairs) look(i, a, j, b, i, 0);
      for (let k = j + 1; k < pots.length; k++)
        for (const [a, b, c] of ways) look(i, a, j, b, k, c);
    }
  }
  return least;
}

/** One search on one core, and the two halves of it as two cores would do them. */
function search(pots: MatchPot[], target: SurfaceColour) {
  const matcher = matchColour(target, pots, {
    mostPots: 3,
    mostParts,
    looked: { as: 'masstone' },
  });
  const busy = [0, 0];
  let first = 0;
  for (let slice = 0; slice < matcher.slices; slice++) {
    const core = busy[0] <= busy[1] ? 0 : 1;
    const started = performance.now();
    matcher.run(slice);
    busy[core] += performance.now() - started;
    if (slice === 0) first = busy[0];
  }
  // Each core looks around what it found itself; here one looks around all of it.
  const started = performance.now();
  matcher.refine();
  const refining = performance.now() - started;
  busy[0] += refining;
  busy[1] += refining;
  return {
    error: matcher.best()[0].error,
    first,
    oneCore: busy[0] + busy[1] - refining,
    twoCores: Math.max(...busy),
  };
}

/** 300 pots, three at a time, whole parts to a sum of 6: about 85 million mixes. */
export function benchMatch(): void {
  const next = figures(300);
  const pots = anyShelf(300, next);
  const mixes = ((300 * 299 * 298) / 6) * wholeParts(3, mostParts).length;
  console.log(`\nMatching a colour from 300 pots: ${(mixes / 1e6).toFixed(0)} million mixes`);
  const plainMs = plainMsPerMix(pots, colourOfHex('#a07040')) * mixes;
  console.log(`  plain search, from a sample of 20,000 mixes  ${(plainMs / 1000).toFixed(0)} s`);
  let worst = 0;
  for (let round = 0; round < 5; round++) {
    const target = colourOfHex(anyHex(next));
    const { error, first, oneCore, twoCores } = search(pots, target);
    const least = exhaustiveLeast(pots, target);
    worst = Math.max(worst, error - least);
    console.log(
      `  ${target.hex}: ${ms(twoCores)} dealt to two cores (${ms(oneCore)} on one, first answer ${ms(first)})   ${times(plainMs / twoCores)} the plain; ΔE00 ${error.toFixed(3)}, exhaustive ${least.toFixed(3)}`,
    );
  }
  console.log(`  furthest from the exhaustive best: ${worst.toFixed(3)} ΔE00`);
  let small = 0;
  for (let round = 0; round < 50; round++) {
    const shelf = anyShelf(30, next);
    const target = colourOfHex(anyHex(next));
    small = Math.max(small, search(shelf, target).error - exhaustiveLeast(shelf, target));
  }
  console.log(
    `  50 targets on shelves of 30, searched mix by mix: ${small.toFixed(3)} ΔE00 at most`,
  );
}
