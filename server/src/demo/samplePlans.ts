import type { Batch } from '@yellow-ledger/core';

const day = 24 * 60 * 60_000;
const week = 7 * day;

/** The first day of a week that comes after today, at an hour: a plan of the sample is never over. */
function firstComing(weekday: number, hour: number): number {
  const today = new Date();
  const midnight = Date.UTC(today.getUTCFullYear(), today.getUTCMonth(), today.getUTCDate());
  const ahead = (weekday - today.getUTCDay() + 6) % 7;
  return midnight + (ahead + 1) * day + hour * 60 * 60_000;
}

/** Thursdays in the evening, two hours and a half each. */
const firstEvening = firstComing(4, 18);

const evenings = (count: number): Batch['sessions'] =>
  Array.from({ length: count }, (_, i) => ({
    id: `evening-${i + 1}`,
    startsAt: new Date(firstEvening + i * week).toISOString(),
    minutes: 150,
  }));

/** Saturdays from noon on, six hours each. */
const firstSaturday = firstComing(6, 12);
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
