import { claimantsOf, type Hand, type Work } from './work';

/** How far every surface of every model is: what is next on it, and when it may begin. */
export interface Progress {
  left: () => number;
  mayTake: (chain: number, hand: number) => boolean;
  /** nothing else on its model has to be done before */
  mayBegin: (chain: number) => boolean;
  /** when the next coat may begin: what lies below is dry, and nothing on the body is wet or in a hand */
  dryAt: (chain: number) => number;
  /** of the next coat of each chain: arrays, as they are looked up millions of times */
  mixOf: Int32Array;
  handsOn: Float64Array;
  /** minutes from the start of the next coat to the end of its model, by the longest way */
  tail: Float64Array;
  rank: Int32Array;
  /** The next coat of a chain has been painted. */
  paint: (chain: number, ends: number) => { job: number; driesAt: number };
}

/** @param tails the remainders of the work */
export function progressOf(
  work: Work,
  hands: readonly Hand[],
  tails: readonly Float64Array[],
): Progress {
  const { chains, models, bodies, bodyFreeAt } = work;
  const claimant = claimantsOf(hands);
  const owner = Int32Array.from(chains, ({ model }) => claimant.get(model) ?? -1);
  const onlyBase = hands.map((hand) => hand.onlyBase === true);
  const modelOf = Int32Array.from(chains, ({ model }) => model);
  const bodyOf = Int32Array.from(chains, ({ body }) => body);
  const rankOf = Int32Array.from(chains, ({ rank }) => rank);
  const at = new Int32Array(chains.length);
  const ready = Float64Array.from(chains, ({ readyAt }) => readyAt);
  const bodyFree = Float64Array.from({ length: bodies }, (_, body) => bodyFreeAt[body] ?? 0);
  const turns = 1 + Math.max(0, ...chains.map(({ jobs }) => jobs.at(-1)?.turn ?? 0));
  /** for each turn on a model: when what came before it is dry, and how much of that is still open */
  const dryBefore = new Float64Array(models * turns);
  const openBefore = new Int32Array(models * turns);
  const nextMix = new Int32Array(chains.length);
  const nextHandsOn = new Float64Array(chains.length);
  const nextTail = new Float64Array(chains.length);
  const nextTurn = new Uint8Array(chains.length);
  const isNextBase = new Uint8Array(chains.length);
  let left = 0;

  chains.forEach(({ model, jobs, readyAt }, chain) => {
    for (const { turn } of jobs) countOpen(model, turn, 1);
    isDryAt(model, 0, readyAt);
    left += jobs.length;
    lookAtNext(chain);
  });

  const mayBegin = (chain: number) => openBefore[modelOf[chain] * turns + nextTurn[chain]] === 0;

  return {
    left: () => left,
    mayTake: (chain, hand) =>
      (owner[chain] < 0 || owner[chain] === hand) &&
      (!onlyBase[hand] || isNextBase[chain] === 1) &&
      mayBegin(chain),
    mayBegin,
    dryAt(chain) {
      const from = Math.max(ready[chain], bodyFree[bodyOf[chain]]);
      return Math.max(from, dryBefore[modelOf[chain] * turns + nextTurn[chain]]);
    },
    mixOf: nextMix,
    handsOn: nextHandsOn,
    tail: nextTail,
    rank: rankOf,
    paint(chain, ends) {
      const { jobs, model, body } = chains[chain];
      const job = at[chain];
      const { dry, blocks, turn } = jobs[job];
      const driesAt = ends + dry;
      ready[chain] = driesAt;
      bodyFree[body] = Math.max(bodyFree[body], blocks ? driesAt : ends);
      countOpen(model, turn, -1);
      isDryAt(model, turn, driesAt);
      at[chain]++;
      left--;
      lookAtNext(chain);
      return { job, driesAt };
    },
  };

  function countOpen(model: number, turn: number, by: 1 | -1): void {
    for (let later = turn + 1; later < turns; later++) openBefore[model * turns + later] += by;
  }

  function isDryAt(model: number, turn: number, minute: number): void {
    for (let later = turn + 1; later < turns; later++) {
      const at = model * turns + later;
      dryBefore[at] = Math.max(dryBefore[at], minute);
    }
  }

  function lookAtNext(chain: number): void {
    const job = chains[chain].jobs.at(at[chain]);
    if (!job) return;
    nextMix[chain] = job.mix;
    nextHandsOn[chain] = job.handsOn;
    nextTail[chain] = tails[chain][at[chain]];
    nextTurn[chain] = job.turn;
    isNextBase[chain] = job.isBase ? 1 : 0;
  }
}
