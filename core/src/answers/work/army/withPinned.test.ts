import { withPinned } from './withPinned';
import type { Army, Unit } from './army';

const now = (recipeId: string, version: number | null = null) => ({ recipeId, version });
const unit: Unit = {
  id: 'u',
  name: 'Watch',
  models: 4,
  size: 'foot',
  areaCm2: 20,
  surfaces: [
    {
      id: 's1',
      name: 'Coat',
      surface: 'cloth',
      share: 0.7,
      variants: [now('yellow'), now('other')],
    },
    { id: 's2', name: 'Hood', surface: 'cloth', share: 0.3, recipe: now('yellow', 1) },
  ],
  parts: [],
  own: [{ model: 2, surfaceId: 's1', recipe: now('yellow') }],
  overs: [{ id: 'o', name: 'Dust', recipe: now('yellow'), surfaces: 'all' }],
};
const army: Army = {
  id: 'a',
  name: 'Levy',
  scheme: [{ surface: 'cloth', recipe: now('yellow') }],
  units: [unit],
  notes: '',
};

test('what is painted by the recipe as it is, is painted by the version; what has one keeps it', () => {
  const pinned = withPinned(army, 'yellow', 3);
  expect(JSON.stringify(pinned).match(/"recipeId":"yellow","version":null/g)).toBeNull();
  expect(pinned.scheme[0].recipe).toEqual(now('yellow', 3));
  expect(pinned.units[0].surfaces[0].variants).toEqual([now('yellow', 3), now('other')]);
  expect(pinned.units[0].surfaces[1].recipe).toEqual(now('yellow', 1));
});

test('an army that is not painted by it is the same', () => {
  expect(withPinned(army, 'black', 3)).toBe(army);
  expect(withPinned(withPinned(army, 'yellow', 3), 'yellow', 4)).toEqual(
    withPinned(army, 'yellow', 3),
  );
});
