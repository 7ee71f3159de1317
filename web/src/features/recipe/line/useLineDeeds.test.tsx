/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, renderHook } from '@testing-library/react';
import { mostSteps, type Recipe, type Step } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { WriterContext } from '../../../data/useWriter';
import { line, pots, recipe } from '../../../testing/levy';
import { recipeScope } from '../../../kit/paint/recipeScope';
import { FakeServer, openPage } from '../../../testing/tryWriter';
import { useLineDeeds, type LineDeeds } from './useLineDeeds';

const notices: string[] = [];
jest.mock('../../../kit/shell/notices', () => ({
  useNotice: () => (words: string) => void notices.push(words),
}));

const base = line('base', 'umber');
const edge = line('edge', 'tallow');
const point = line('point', 'tallow', {
  mix: { parts: [{ from: 'step', stepId: 'edge', parts: 1 }], waterParts: 0, mediumParts: 0 },
});
const drawn = recipe('coat', [base, edge, point]);

/** The deeds of a page that has drawn one state of a recipe, while the recipe is in another by now. */
async function shown(now: Recipe) {
  notices.splice(0);
  const server = new FakeServer();
  server.put('recipes', now);
  const { store, writer } = await openPage(server);
  const around = ({ children }: { children: ReactNode }) => (
    <Provider store={store}>
      <WriterContext.Provider value={writer}>{children}</WriterContext.Provider>
    </Provider>
  );
  const { result } = renderHook(() => useLineDeeds(drawn, pots), { wrapper: around });
  const after = <Said,>(deed: (deeds: LineDeeds) => Said) => {
    let said!: Said;
    act(() => {
      said = deed(result.current);
    });
    return { said, recipe: writer.shown('recipes', 'coat') as Recipe };
  };
  return { after, deeds: result.current, writer };
}

const ids = ({ steps }: Recipe) => steps.map(({ id }) => id);
const stepOf = ({ steps }: Recipe, id: string) => steps.find((step) => step.id === id);

test('a field of a line is changed, and what changed beside it since it was drawn stays', async () => {
  const newer: Step = { ...base, note: 'typed meanwhile', coats: 4 };
  const { after } = await shown({ ...drawn, notes: 'New notes', steps: [newer, edge, point] });
  const { recipe: now } = after((deeds) => deeds.edit({ ...base, dryMinutes: 25 }));
  expect(stepOf(now, 'base')).toEqual({ ...newer, dryMinutes: 25 });
  expect(now.notes).toBe('New notes');
});

test('of a field that both changed, the edit holds', async () => {
  const { after } = await shown({ ...drawn, steps: [{ ...base, coats: 4 }, edge, point] });
  const { recipe: now } = after((deeds) => deeds.edit({ ...base, coats: 3 }));
  expect(stepOf(now, 'base')?.coats).toBe(3);
});

test('several lines are changed at once, and a note that was typed since they were drawn stays', async () => {
  const newer: Step = { ...base, note: 'typed meanwhile' };
  const { after } = await shown({ ...drawn, steps: [newer, edge, point] });
  const thinner = drawn.steps.map((step) => ({ ...step, coats: 5 }));
  const { steps } = after((deeds) => deeds.putAll(thinner)).recipe;
  expect(steps.map(({ coats }) => coats)).toEqual([5, 5, 5]);
  expect(steps[0].note).toBe('typed meanwhile');
});

test('lines are numbered, moved, copied and added as they stand now', async () => {
  const first = line('first', 'coot');
  const { after, deeds } = await shown({ ...drawn, steps: [first, base, edge, point] });
  expect(deeds.numberOf('base')).toBe(2);
  expect(deeds.numberOf('gone')).toBe(0);
  const moved = after((now) => now.move('base', 0));
  expect(moved.said).toBe(true);
  expect(ids(moved.recipe)).toEqual(['base', 'first', 'edge', 'point']);
  const copied = after((now) => now.duplicate('first'));
  expect(ids(copied.recipe)).toEqual(['base', 'first', copied.said, 'edge', 'point']);
  const added = after((now) => now.add());
  expect(ids(added.recipe).at(-1)).toBe(added.said);
});

test.each([
  ['before the first place', 'base', -1],
  ['behind the last place', 'base', 3],
  ['which is gone', 'gone', 1],
])('a line is not moved %s', async (_, id, to) => {
  const { after } = await shown(drawn);
  const { said, recipe: now } = after((deeds) => deeds.move(id, to));
  expect(said).toBe(false);
  expect(ids(now)).toEqual(['base', 'edge', 'point']);
});

test('a line that carries another forward stays below it, and it is said why', async () => {
  const { after } = await shown(drawn);
  expect(after((deeds) => deeds.move('point', 0)).said).toBe(false);
  expect(notices).toEqual(['Line 3 carries the mix of line 2 forward, so it stays below it.']);
});

test('one that is deleted is written out where it was carried, and the next is looked at', async () => {
  const { after } = await shown(drawn);
  const { said, recipe: now } = after((deeds) => deeds.remove('edge'));
  expect(said).toBe('point');
  expect(ids(now)).toEqual(['base', 'point']);
  expect(stepOf(now, 'point')?.mix.parts).toEqual([{ from: 'pot', potId: 'tallow', parts: 1 }]);
  expect(notices[0]).toMatch(/^Line 2 is deleted.*written out where line 3 carried it/);
  expect(after((deeds) => deeds.remove('point')).said).toBe('base');
  expect(after((deeds) => deeds.remove('gone')).said).toBeNull();
});

test('a recipe that is full takes no more', async () => {
  const full = Array.from({ length: mostSteps }, (_, nth) => ({ ...base, id: `s${nth}` }));
  const { after } = await shown({ ...drawn, steps: full });
  const { said, recipe: now } = after((deeds) => deeds.add());
  expect(now.steps).toHaveLength(mostSteps);
  expect(said).toBeNull();
  expect(notices[0]).toMatch(/up to \d+ lines/);
});

test('spots are put with the line that is aimed at one, and go when there is none left', async () => {
  const { after } = await shown({ ...drawn, notes: 'Kept' });
  const spot = { id: 'eye', name: 'Eye', share: 0.01, places: [] } as never;
  const put = after((deeds) => deeds.putSpots([spot], { ...edge, coats: 3 })).recipe;
  expect(put.spots).toEqual([spot]);
  expect(stepOf(put, 'edge')?.coats).toBe(3);
  expect(put.notes).toBe('Kept');
  expect('spots' in after((deeds) => deeds.putSpots([])).recipe).toBe(false);
});

test.each([
  ['in one opening are undone as one, however long it took', 'first', 'first', 2],
  ['in two openings are undone one after the other', 'first', 'second', 5],
])('sentences said of a line %s', async (_, opening, next, left) => {
  const now = jest.spyOn(Date, 'now').mockReturnValue(0);
  const { after, writer } = await shown(drawn);
  after((deeds) => deeds.say({ ...base, coats: 5 }, opening));
  now.mockReturnValue(3_600_000);
  after((deeds) => deeds.say({ ...base, coats: 6 }, next));
  act(() => void writer.undo(recipeScope('coat')));
  expect(after(() => null).recipe.steps[0].coats).toBe(left);
  now.mockRestore();
});
