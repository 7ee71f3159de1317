import { RibbonCache, type CachedRibbon, type RibbonStore } from './ribbonCache';

const ribbonOf = (hex: string): CachedRibbon => ({
  key: `key of ${hex}`,
  ribbon: { stops: [0, 1], hexes: [hex, hex], isEstimate: false },
});
const umber = ribbonOf('#5b4128');
const tallow = ribbonOf('#e2d6b4');

/** A store that answers when it is told to. */
function slowStore(kept: [string, CachedRibbon][] = []) {
  const ribbons = new Map(kept);
  let answer: () => void = () => undefined;
  const asked = new Promise<void>((now) => (answer = now));
  const store: RibbonStore = {
    all: async () => {
      await asked;
      return [...ribbons];
    },
    set: async (more) => more.forEach(([id, ribbon]) => ribbons.set(id, ribbon)),
    clear: async () => ribbons.clear(),
  };
  return { store, ribbons, answer };
}
const turns = async () => {
  for (let turn = 0; turn < 9; turn++) await Promise.resolve();
};

test('ribbons of an earlier visit are there once they are read, and whoever listens is told', async () => {
  const { store, answer } = slowStore([['coat', umber]]);
  const cache = new RibbonCache(() => store);
  let told = 0;
  cache.listen(() => told++);
  expect(cache.now()).toBeNull();
  answer();
  await turns();
  expect(cache.now()?.get('coat')).toEqual(umber);
  expect(told).toBe(1);
});

test('what was computed while the earlier ones were being read is not lost to them', async () => {
  const { store, answer, ribbons } = slowStore([['coat', umber]]);
  const cache = new RibbonCache(() => store);
  cache.now();
  cache.put([['coat', tallow]]);
  answer();
  await turns();
  expect(cache.now()?.get('coat')).toEqual(tallow);
  expect(ribbons.get('coat')).toEqual(tallow);
});

test('at logout it is emptied, in the browser too', async () => {
  const { store, answer, ribbons } = slowStore([['coat', umber]]);
  const cache = new RibbonCache(() => store);
  cache.now();
  answer();
  await turns();
  await cache.clear();
  expect(cache.now()?.size).toBe(0);
  expect(ribbons.size).toBe(0);
});

test('a browser that keeps nothing still shows what was computed', async () => {
  const refuse = () => Promise.reject(new Error('storage is full'));
  const cache = new RibbonCache(() => ({ all: refuse, set: refuse, clear: refuse }));
  cache.now();
  await turns();
  cache.put([['coat', umber]]);
  await turns();
  expect(cache.now()?.get('coat')).toEqual(umber);
});

test('emptied while the earlier ones were being read, it stays empty', async () => {
  const { store, answer } = slowStore([['coat', umber]]);
  const cache = new RibbonCache(() => ({ ...store, clear: () => Promise.resolve() }));
  cache.now();
  await cache.clear();
  answer();
  await turns();
  expect(cache.now()?.size).toBe(0);
});
