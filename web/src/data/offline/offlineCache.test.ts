import fc from 'fast-check';
import { OfflineCache, type CacheStore } from './offlineCache';

function memory() {
  const kept = new Map<string, unknown>();
  const written: string[][] = [];
  const store: CacheStore = {
    keys: async () => [...kept.keys()],
    all: async () => [...kept].sort(([one], [other]) => (one < other ? -1 : 1)),
    set: async (all) => {
      written.push(all.map(([key]) => key));
      all.forEach(([key, value]) => kept.set(key, value));
    },
    del: async (keys) => keys.forEach((key) => kept.delete(key)),
  };
  return { kept, written, store };
}
const had = (...keys: string[]) => keys.map((key) => ({ key, thing: `thing ${key}` }));

test('a part comes back in its order, whatever it is called', async () => {
  const { store } = memory();
  const last = new OfflineCache<'pots'>(() => store);
  expect(await last.read('pots')).toBeNull();
  last.keep('pots', () => had('z', 'a', 'm'));
  await last.write();
  expect(await new OfflineCache<'pots'>(() => store).read('pots')).toEqual([
    'thing z',
    'thing a',
    'thing m',
  ]);
});

test('an empty part is known to be empty', async () => {
  const { store } = memory();
  const last = new OfflineCache<'pots'>(() => store);
  last.keep('pots', () => []);
  await last.write();
  expect(await last.read('pots')).toEqual([]);
});

test('only what has changed is written, a little at a time', async () => {
  const { store, written } = memory();
  const last = new OfflineCache<'pots'>(() => store);
  const many = Array.from({ length: 100 }, (_, i) => `${i}`);
  last.keep('pots', () => had(...many));
  await last.write();
  expect(written.every((part) => part.length <= 40)).toBe(true);
  written.length = 0;
  last.keep('pots', () => had(...many.slice(1), 'new'));
  await last.write();
  expect(written).toEqual([['new']]);
  expect(await last.read('pots')).toHaveLength(100);
});

test('whatever comes in turn, what is there at last is what is read', async () => {
  const lists = fc.array(fc.uniqueArray(fc.constantFrom(...'abcdef')), { minLength: 1 });
  await fc.assert(
    fc.asyncProperty(lists, fc.boolean(), async (all, isWrittenEach) => {
      const { store } = memory();
      const last = new OfflineCache<'pots'>(() => store);
      for (const keys of all) {
        last.keep('pots', () => had(...keys));
        if (isWrittenEach) await last.write();
      }
      await last.write();
      const read = await last.read('pots');
      expect([...(read ?? [])].sort()).toEqual(
        had(...(all.at(-1) ?? []))
          .map(({ thing }) => thing)
          .sort(),
      );
    }),
  );
});

test('what changes while another part is written is kept as it is then', async () => {
  const stores = { pots: memory(), recipes: memory() };
  const last = new OfflineCache<'pots' | 'recipes'>((part) => stores[part].store);
  const { set } = stores.pots.store;
  stores.pots.store.set = async (all) => {
    last.keep('recipes', () => had('old', 'new'));
    await set(all);
  };
  last.keep('pots', () => had('pot'));
  last.keep('recipes', () => had('old'));
  await last.write();
  await last.write();
  expect(await last.read('recipes')).toEqual(['thing old', 'thing new']);
});

test('what waits to be sent gets its room, and nothing more is kept', async () => {
  const { store, kept } = memory();
  let refused = 0;
  const last = new OfflineCache<'pots'>(
    () => store,
    () => refused++,
  );
  last.keep('pots', () => had('a'));
  await last.write();
  await last.letGo(['pots']);
  expect(kept.size).toBe(0);
  last.keep('pots', () => had('b'));
  await last.write();
  expect(kept.size).toBe(0);
  expect(refused).toBe(1);
});

test('a browser that keeps no more is told of, and the next part is tried all the same', async () => {
  const full: CacheStore = { ...memory().store, set: () => Promise.reject(new Error('full')) };
  const { store } = memory();
  let refused = 0;
  const last = new OfflineCache<'pots' | 'log'>(
    (part) => (part === 'pots' ? full : store),
    () => refused++,
  );
  last.keep('pots', () => had('a'));
  last.keep('log', () => had('b'));
  await last.write();
  expect(refused).toBe(1);
  expect(await last.read('log')).toEqual(['thing b']);
});
