import { coat, levy } from '../../testing/levy';
import { entryOf } from '../../testing/tryWriter';
import { KeptUndo } from './keptUndo';
import { undoActions, undoSlice, type UndoState, type UndoStep } from './undoSlice';

function tab(full = Infinity) {
  const held = new Map<string, string>();
  return {
    getItem: (key: string) => held.get(key) ?? null,
    removeItem: (key: string) => void held.delete(key),
    setItem(key: string, value: string) {
      if (value.length > full) throw new Error('the browser is full');
      held.set(key, value);
    },
  };
}

const step = (n: number, notes = ''): UndoStep => ({
  label: `step ${n}`,
  of: `of ${n}`,
  at: n,
  scope: null,
  records: [{ name: 'recipes', before: coat, after: { ...coat, notes } }],
  entries: [entryOf(`e${n}`)],
});
const nothing: UndoState = { done: [], undone: [] };

describe('undo kept over a reload', () => {
  test('is there again, what was undone too', () => {
    const kept = new KeptUndo(tab(), () => 'mine');
    const state = { done: [step(1), step(2)], undone: [step(3)] };
    kept.keep(state);
    expect(kept.last()).toEqual(state);
    kept.keep(nothing);
    expect(kept.last()).toBeNull();
  });

  test('is of one ledger and one member, and of nobody once they are out', () => {
    const browser = tab();
    let who: string | null = 'Wren';
    const kept = new KeptUndo(browser, () => who);
    kept.keep({ ...nothing, done: [step(1)] });
    who = 'Marsh';
    expect(kept.last()).toBeNull();
    who = 'Wren';
    expect(kept.last()?.done).toHaveLength(1);
    who = null;
    kept.keep({ ...nothing, done: [step(1)] });
    expect(kept.last()).toBeNull();
  });

  test('keeps the last steps there is room for, and none before one that is too large', () => {
    const kept = new KeptUndo(tab(), () => 'mine');
    const large = 'x'.repeat(1900);
    kept.keep({ ...nothing, done: Array.from({ length: 900 }, (_, n) => step(n, large)) });
    const { done = [] } = kept.last() ?? {};
    expect(done.length).toBeGreaterThan(50);
    expect(done.length).toBeLessThan(900);
    expect(done.at(-1)?.at).toBe(899);
    expect(done[0].at).toBe(900 - done.length);
  });

  test('a browser that is full, or holds something else, loses undo and nothing else', () => {
    const full = new KeptUndo(tab(10), () => 'mine');
    full.keep({ ...nothing, done: [step(1)] });
    expect(full.last()).toBeNull();
    const browser = tab();
    for (const text of ['{', 'null', '{"done":1}', '{"done":[{"label":"x"}],"undone":[]}']) {
      browser.setItem('mine', text);
      expect(new KeptUndo(browser, () => 'mine').last()).toBeNull();
    }
    const wrong = { ...step(1), records: [{ name: 'armies', before: levy, after: { id: 'no' } }] };
    browser.setItem('mine', JSON.stringify({ done: [wrong], undone: [] }));
    expect(new KeptUndo(browser, () => 'mine').last()).toBeNull();
  });

  test('stands before all that was done since the page opened', () => {
    const { reducer } = undoSlice;
    const since = reducer(undefined, undoActions.done({ deed: step(9), within: 0 }));
    const restored = reducer(since, undoActions.restored({ done: [step(1)], undone: [step(2)] }));
    expect(restored.done.map(({ at }) => at)).toEqual([1, 9]);
    expect(restored.undone.map(({ at }) => at)).toEqual([2]);
  });
});
