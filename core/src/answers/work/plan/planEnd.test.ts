import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { armyOf, batchOf, pinTo, surfaceOf, unitOf } from '../../../testing/sampleLevy';
import { usualHand } from '../army/ownFigures';
import { batchWith, planEnd, sessionsBy, waysOut } from './planEnd';

const coat = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2 }),
    stepWith({ id: 'edge', technique: 'edgeLine', level: 'display', mix: mixOf({ bone: 1 }) }),
  ],
  { id: 'coat', finishLevel: 'display' },
);
const known = { recipeOf: () => coat, shelf, painted: new Map(), own: usualHand };
const army = armyOf([
  unitOf({ id: 'watch', models: 12, surfaces: [surfaceOf({ recipe: pinTo('coat') })] }),
  unitOf({ id: 'crew', models: 6, surfaces: [surfaceOf({ id: 'cape', recipe: pinTo('coat') })] }),
]);
const sessions = Array.from({ length: 12 }, (_, i) => ({
  id: `evening-${i}`,
  startsAt: new Date(Date.UTC(2026, 11, 1 + i, 18)).toISOString(),
  minutes: 60,
}));
const batch = batchOf({ sessions });
const painter = { id: 'more', name: 'More', speed: 1, claims: [] };

test('every way out is a plan of its own that ends no later', () => {
  const now = planEnd(army, batch, known);
  expect(now.endsAt).not.toBeNull();
  const ways = waysOut(army, batch, known);
  expect(ways.map(({ kind }) => kind)).toEqual(
    expect.arrayContaining(['leaveOut', 'standard', 'morePainter']),
  );
  for (const way of ways) {
    const taken = batchWith(way, army, batch, painter);
    const then = planEnd(army, taken, known);
    expect(then.endsAt ?? Infinity).toBeLessThanOrEqual((now.endsAt ?? 0) + 60 * 60_000);
    if (way.kind !== 'morePainter') expect(then.minutes).toBeLessThanOrEqual(now.minutes + 1e-6);
  }
});

test('where the sessions cannot hold it there is no end, and what is left is said', () => {
  const {
    endsAt,
    left,
    sessions: used,
  } = planEnd(army, batchOf({ sessions: sessions.slice(0, 1) }), known);
  expect(endsAt).toBeNull();
  expect(left).toBeGreaterThan(0);
  expect(used).toBe(1);
});

test('sessions by a day are those that end by it and are not over', () => {
  const some = batchOf({ sessions: [{ ...sessions[0], isOver: true }, ...sessions.slice(1)] });
  expect(sessionsBy(some, Date.UTC(2026, 11, 4, 12)).map(({ id }) => id)).toEqual([
    'evening-1',
    'evening-2',
  ]);
  expect(sessionsBy(some, null)).toHaveLength(11);
});
