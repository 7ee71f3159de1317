import { randomFrom } from '../written/record/randomFrom';
import type { Hand, Sitting, Work } from '../answers/work/plan/work';
import { plainWork } from './plainWork';

/** A batch to be planned, from one model to sixty. */
export interface PlanCase {
  name: string;
  work: Work;
  hands: Hand[];
  sittings: Sitting[];
}

interface Shape {
  models: number;
  surfaces: number;
  steps: number;
  painters: number;
  /** minutes of each sitting, one a week */
  sitting: number;
  seed: number;
  speeds?: number[];
  /** the last surface is held back */
  holdsBack?: boolean;
  claims?: boolean;
}

const week = 7 * 24 * 60;

/** Twelve committed batches. Their figures are drawn once and for all by their seeds. */
export const planCases: PlanCase[] = [
  caseOf({ models: 1, surfaces: 2, steps: 4, painters: 1, sitting: 240, seed: 11 }),
  caseOf({ models: 1, surfaces: 3, steps: 3, painters: 1, sitting: 240, seed: 12 }),
  caseOf({ models: 2, surfaces: 2, steps: 2, painters: 1, sitting: 40, seed: 13 }),
  caseOf({ models: 2, surfaces: 1, steps: 4, painters: 1, sitting: 240, seed: 14 }),
  caseOf({ models: 1, surfaces: 8, steps: 6, painters: 1, sitting: 180, seed: 15 }),
  caseOf({ models: 5, surfaces: 4, steps: 5, painters: 1, sitting: 120, seed: 16 }),
  caseOf({
    models: 10,
    surfaces: 6,
    steps: 6,
    painters: 1,
    sitting: 120,
    seed: 17,
    holdsBack: true,
  }),
  caseOf({ models: 20, surfaces: 5, steps: 6, painters: 2, sitting: 150, seed: 18 }),
  caseOf({ models: 30, surfaces: 8, steps: 6, painters: 3, sitting: 180, seed: 19, claims: true }),
  caseOf({
    models: 30,
    surfaces: 8,
    steps: 7,
    painters: 3,
    sitting: 180,
    seed: 20,
    speeds: [1, 1.25, 0.8],
  }),
  caseOf({ models: 40, surfaces: 10, steps: 8, painters: 4, sitting: 120, seed: 21 }),
  caseOf({
    models: 60,
    surfaces: 12,
    steps: 8,
    painters: 4,
    sitting: 180,
    seed: 22,
    holdsBack: true,
  }),
];

function caseOf(shape: Shape): PlanCase {
  const { models, surfaces, steps, painters, sitting, seed, speeds, claims } = shape;
  const random = randomFrom(seed);
  const within = (least: number, most: number) => least + (most - least) * random();
  const mixes: Work['mixes'] = [];
  const made = Array.from({ length: surfaces }, (_, surface) =>
    Array.from({ length: steps }, (__, step) => {
      const isWash = step === 1 && surface % 3 === 0;
      mixes.push({
        mixMinutes: Math.round(within(1, 3)),
        usableMinutes: 600,
        isMixed: random() < 0.6,
      });
      return {
        handsOn: Math.round(within(0.3, isWash ? 0.8 : 2) * 10) / 10,
        dry: Math.round(within(5, isWash ? 25 : 15)),
        mix: mixes.length - 1,
        blocks: isWash,
        turn: shape.holdsBack && surface === surfaces - 1 ? 1 : 0,
        run: surface * steps + step,
        isBase: step === 0,
      };
    }),
  );
  const chains = Array.from({ length: models }, (_, model) =>
    made.map((jobs, rank) => ({ model, unit: 0, body: model, rank, jobs, readyAt: 0 })),
  ).flat();
  const hands = Array.from({ length: painters }, (_, hand): Hand => ({
    speed: speeds?.[hand] ?? 1,
    claims: new Set(
      claims
        ? Array.from({ length: models }, (__, i) => i).filter((i) => i % painters === hand)
        : [],
    ),
  }));
  const everybody = hands.map((_, hand) => hand);
  const sittings = Array.from({ length: 60 }, (_, index) => ({
    from: index * week,
    to: index * week + sitting,
    hands: everybody,
  }));
  const name = `${models} × ${surfaces} × ${steps}, ${painters} painting`;
  return {
    name,
    work: plainWork(chains, mixes, models),
    hands,
    sittings,
  };
}
