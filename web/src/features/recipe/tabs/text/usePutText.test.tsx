/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, renderHook } from '@testing-library/react';
import type { Recipe, SurfaceOfText } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { WriterContext } from '../../../../data/useWriter';
import { recipeScope } from '../../../../kit/paint/recipeScope';
import { line, recipe } from '../../../../testing/levy';
import { FakeServer, openPage } from '../../../../testing/tryWriter';
import { usePutText } from './usePutText';

const surfaces: SurfaceOfText[] = [
  { name: 'Straps', surface: 'leather', steps: [line('one', 'umber')], waiting: 0 },
  { name: 'Old bone', surface: 'bone', steps: [line('two', 'tallow')], waiting: 0 },
  { name: 'Odds', steps: [line('three', 'tallow')], waiting: 0 },
];

async function put(now: Recipe, what: SurfaceOfText[]) {
  const server = new FakeServer();
  server.put('recipes', now);
  const { store, writer } = await openPage(server);
  const around = ({ children }: { children: ReactNode }) => (
    <Provider store={store}>
      <WriterContext.Provider value={writer}>{children}</WriterContext.Provider>
    </Provider>
  );
  const { result } = renderHook(() => usePutText(now), { wrapper: around });
  let made: string[] = [];
  act(() => {
    made = result.current(what);
  });
  const written = () =>
    store
      .getState()
      .deeds.done.flatMap(({ records }) => records.map(({ after }) => after as Recipe));
  return { made, written, writer, shown: () => writer.shown('recipes', now.id) as Recipe };
}

test('the first surface goes into the open recipe, each other into one of its own', async () => {
  const open = recipe('coat', [line('base', 'umber')]);
  const { made, written, shown } = await put(open, surfaces);
  expect(made).toEqual(['Old bone', 'Odds']);
  expect(shown().steps).toHaveLength(2);
  expect(shown().name).toBe(open.name);
  const [, bone, odds] = written();
  expect(bone).toMatchObject({ name: 'Old bone', surface: 'bone', groundPotId: open.groundPotId });
  expect(odds).toMatchObject({ name: 'Odds', surface: open.surface, archived: false });
  expect(
    new Set([shown(), bone, odds].flatMap(({ steps }) => steps.map(({ id }) => id))).size,
  ).toBe(4);
});

test('all of it is undone as one', async () => {
  const { writer, shown } = await put(recipe('coat', []), surfaces);
  expect(shown().steps).toHaveLength(1);
  act(() => void writer.undo(recipeScope('coat')));
  expect(shown().steps).toEqual([]);
});

test('a recipe just begun takes the name and kind of the first heading', async () => {
  const { shown } = await put(recipe('coat', [], { name: 'New recipe' }), surfaces.slice(0, 1));
  expect(shown()).toMatchObject({ name: 'Straps', surface: 'leather' });
});
