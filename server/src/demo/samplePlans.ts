import type { Batch } from '@yellow-ledger/core';

/** Thursdays at seven from the first of December on, two hours and a half each. */
const firstEvening = Date.UTC(2026, 11, 3, 18);
const week = 7 * 24 * 60 * 60_000;

const evenings = (count: number): Batch['sessions'] =>
  Array.from({ length: count }, (_, i) => ({
    id: `evening-${i + 1}`,
    startsAt: new Date(firstEvening + i * week).toISOString(),
    minutes: 150,
  }));

/** Saturdays from one o’clock on, six hours each. */
const firstSaturday = Date.UTC(2026, 11, 5, 12);
const saturdays = (count: number): Batch['sessions'] =>
  Array.from({ length: count }, (_, i) => ({
    id: `saturday-${i + 1}`,
    startsAt: new Date(firstSaturday + i * week).toISOString(),
    minutes: 360,
  }));

const painter = (name: string, speed: number, claims: Batch['models'] = []) => ({
  id: name.toLowerCase(),
  name,
  speed,
  claims,
});
const wil = painter('Wil', 1);

const atTheTable = { room: 'usual', keeping: 'damp', hairDryer: false } as const;

/** The whole Levy over a winter’s Saturdays, for one painter and for three, and half a crew in three evenings. */
export const samplePlans: Batch[] = [
  {
    ...atTheTable,
    id: 'alone',
    name: 'All of it, alone',
    models: [],
    painters: [wil],
    sessions: saturdays(48),
  },
  {
    ...atTheTable,
    id: 'club',
    name: 'All of it, three at the club',
    models: [],
    painters: [
      wil,
      painter('Hesper', 1.2, [{ unitId: 'bog-lamp', from: 1, to: 1 }]),
      painter('Odo', 0.8),
    ],
    sessions: saturdays(18),
  },
  {
    ...atTheTable,
    id: 'ferry-evenings',
    name: 'Ferry crew, three evenings',
    models: [{ unitId: 'ferry-crew', from: 1, to: 4 }],
    painters: [wil, painter('Hesper', 1.2)],
    sessions: evenings(3),
  },
];
