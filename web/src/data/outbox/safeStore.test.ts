/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import fc from 'fast-check';
import { firstThatKeeps, smallStore, type SafeStore } from './safeStore';

/** A place that keeps so many things. */
function place(most = Infinity) {
  const kept = new Map<string, unknown>();
  const state = { most };
  const store: SafeStore = {
    set: async (key, value) => {
      if (!kept.has(key) && kept.size >= state.most) throw new Error('full');
      kept.set(key, value);
    },
    del: async (key) => void kept.delete(key),
    all: async () => [...kept],
  };
  return { kept, state, store };
}

test('what the first place will not have goes into the next', async () => {
  const [one, two, three] = [place(1), place(1), place()];
  const store = firstThatKeeps([one.store, two.store, three.store]);
  for (const key of ['a', 'b', 'c']) await store.set(key, key.toUpperCase());
  expect([one, two, three].map(({ kept }) => [...kept.keys()])).toEqual([['a'], ['b'], ['c']]);
  expect(new Map(await store.all())).toEqual(
    new Map([
      ['a', 'A'],
      ['b', 'B'],
      ['c', 'C'],
    ]),
  );
});

test('where no place will have it, that is thrown', async () => {
  const store = firstThatKeeps([place(0).store, place(0).store]);
  await expect(store.set('a', 1)).rejects.toThrow('full');
});

test('room is made once for what cannot be had again', async () => {
  const one = place(0);
  const store = firstThatKeeps([one.store, place(0).store], async () => void (one.state.most = 1));
  await store.set('a', 1);
  expect(one.kept.get('a')).toBe(1);
});

test('whatever is full when, each thing is there once, as it was written last', async () => {
  const deed = fc.record({
    key: fc.constantFrom('a', 'b', 'c'),
    isDeleted: fc.boolean(),
    most: fc.tuple(fc.nat(3), fc.nat(3)),
  });
  await fc.assert(
    fc.asyncProperty(fc.array(deed), async (deeds) => {
      const [one, two, three] = [place(), place(), place()];
      const store = firstThatKeeps([one.store, two.store, three.store]);
      const expected = new Map<string, number>();
      for (const [nth, { key, isDeleted, most }] of deeds.entries()) {
        [one.state.most, two.state.most] = most;
        if (isDeleted) {
          await store.del(key);
          expected.delete(key);
        } else {
          await store.set(key, nth);
          expected.set(key, nth);
        }
      }
      expect(new Map(await store.all())).toEqual(expected);
      const places = [one, two, three].flatMap(({ kept }) => [...kept.keys()]);
      expect(places.length).toBe(expected.size);
    }),
  );
});

test('a small store keeps what is its own apart from everything else', async () => {
  localStorage.setItem('theme', 'dark');
  const store = smallStore('ledger.waiting', () => localStorage);
  await store.set('entry one', { at: 1 });
  expect(await store.all()).toEqual([['entry one', { at: 1 }]]);
  await store.del('entry one');
  expect(await store.all()).toEqual([]);
  expect(localStorage.getItem('theme')).toBe('dark');
});

test('a store that is forbidden refuses as a full one does', async () => {
  const forbidden = smallStore('ledger.waiting', () => {
    throw new DOMException('no', 'SecurityError');
  });
  const other = place();
  const store = firstThatKeeps([forbidden, other.store]);
  await store.set('a', 1);
  expect(await store.all()).toEqual([['a', 1]]);
});

test('what is still on its way into the store when the page goes is put where it is at once', async () => {
  const slow: SafeStore = { ...place().store, set: () => new Promise(() => undefined) };
  const full = place(0);
  const last = place();
  const store = firstThatKeeps([slow, full.store, last.store]);
  void store.set('a', 1);
  void store.set('a', 2);
  store.rescue?.();
  await Promise.resolve().then(() => undefined);
  await new Promise((then) => setTimeout(then));
  expect([...last.kept]).toEqual([['a', 2]]);
});
