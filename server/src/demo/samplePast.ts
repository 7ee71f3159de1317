import {
  paintPast,
  shelfOf,
  type Army,
  type Batch,
  type Palette,
  type PastPainter,
  type Pot,
} from '@yellow-ledger/core';
import { sampleArmy } from './sampleArmy';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';

const weeks = 8;
const seed = 17;
const dayMs = 86_400_000;
const minuteMs = 60_000;
const tableDay = 4;

const club = { day: tableDay, hour: 19, minutes: 165 };

/** Three at the club on Thursdays, and each at home besides. */
const painters: PastPainter[] = [
  {
    name: 'Wil',
    speed: 0.85,
    film: 1.25,
    unitIds: ['dike-watch', 'lantern-bearers'],
    evenings: [club, { day: 0, hour: 10, minutes: 240 }, { day: 2, hour: 20, minutes: 120 }],
  },
  {
    name: 'Hesper',
    speed: 1.2,
    film: 0.95,
    unitIds: ['reed-cutters', 'heron-riders'],
    evenings: [club, { day: 6, hour: 14, minutes: 240 }, { day: 3, hour: 20, minutes: 120 }],
  },
  {
    name: 'Odo',
    speed: 0.75,
    film: 1.1,
    unitIds: ['ferry-crew', 'sluice-divers'],
    evenings: [club, { day: 1, hour: 20, minutes: 150 }, { day: 0, hour: 15, minutes: 180 }],
  },
];

const ranOutAt = 0.62;

/** The pot that ran out, the bottle that took its place, and the rest as they stood when looked over. */
function potsAt(now: number): Pot[] {
  const lookedOver = new Date(now - 2 * dayMs).toISOString();
  const ranOut = new Date(now - (1 - ranOutAt) * weeks * 7 * dayMs);
  return samplePots.flatMap((pot): Pot[] => {
    if (pot.id !== 'oilskin')
      return [pot.volumeMl === null ? pot : { ...pot, measuredAt: lookedOver }];
    return [
      {
        ...pot,
        volumeMl: 0,
        measuredAt: ranOut.toISOString(),
        notes: 'Ran out in the middle of the watch; the second bottle is a shade cooler.',
      },
      {
        ...pot,
        id: 'oilskin-second',
        name: 'Oilskin Yellow, second bottle',
        swatch: '#e5b928',
        volumeMl: 15,
        measuredAt: lookedOver,
        openedOn: ranOut.toISOString().slice(0, 10),
      },
    ];
  });
}

/** The winter’s plan, half worked off: the Thursdays that were are over, those to come are not. */
function planAt(now: number): Batch {
  const thursday = new Date(now - weeks * 7 * dayMs);
  while (thursday.getDay() !== tableDay) thursday.setDate(thursday.getDate() + 1);
  const sessions = Array.from({ length: 2 * weeks }, (_, week) => {
    const at = new Date(thursday.getFullYear(), thursday.getMonth(), thursday.getDate() + 7 * week);
    at.setHours(club.hour);
    const isOver = at.getTime() + club.minutes * minuteMs < now;
    return {
      id: `muster-${week + 1}`,
      startsAt: at.toISOString(),
      minutes: club.minutes,
      ...(isOver && { isOver }),
    };
  });
  return {
    id: 'winter-muster',
    name: 'Winter muster, Thursdays at the club',
    models: [],
    room: 'usual',
    keeping: 'damp',
    hairDryer: false,
    painters: painters.map(({ name, speed, unitIds }) => ({
      id: name.toLowerCase(),
      name,
      speed,
      claims: sampleArmy.units
        .filter(({ id }) => unitIds.includes(id))
        .map(({ id, models }) => ({ unitId: id, from: 1, to: models })),
    })),
    sessions,
  };
}

/** The mixes on the palette since an hour ago. */
const paletteAt = (now: number): Palette => ({
  id: 'past-dish',
  name: 'Wil’s dish',
  keeping: 'damp',
  wells: [
    well('first', 'Coat, mid', { marigold: 0.9, ditchochre: 0.3 }, 0.6, now - 55 * minuteMs),
    well(
      'second',
      'Coat, light',
      { 'oilskin-second': 0.8, marigold: 0.2 },
      0.5,
      now - 40 * minuteMs,
    ),
    well('third', 'Shade', { fenumber: 0.4 }, 1.2, now - 20 * minuteMs),
  ],
});

const well = (
  id: string,
  name: string,
  parts: Record<string, number>,
  waterMl: number,
  at: number,
): Palette['wells'][number] => ({
  id: `past-well-${id}`,
  name,
  pots: Object.entries(parts).map(([potId, ml]) => ({ potId, ml })),
  waterMl,
  mediumMl: 0,
  freshAt: new Date(at).toISOString(),
});

/** Two months at the table before `now`, milliseconds since 1970: what a ledger becomes. */
export function samplePast(now: number) {
  const pots = potsAt(now);
  const army: Army = { ...sampleArmy, plans: [planAt(now), ...(sampleArmy.plans ?? [])] };
  const past = paintPast({
    army,
    recipeOf: ({ recipeId }) => sampleRecipes.find(({ id }) => id === recipeId),
    shelf: shelfOf(pots),
    painters,
    ranOut: { potId: 'oilskin', byPotId: 'oilskin-second', at: ranOutAt },
    drift: { unitId: 'dike-watch', surfaceId: 'dike-watch-1', fromModel: 9 },
    weeks,
    now,
    seed,
  });
  return { pots, army, palettes: [paletteAt(now)], ...past };
}
