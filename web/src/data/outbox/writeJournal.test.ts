import { coat, levy, skin } from '../../testing/levy';
import { entryOf, FakeSafe, FakeServer, openPage, trouble } from '../../testing/tryWriter';

/** Locks of a browser: held by a page until it is closed. */
class FakeLocks {
  private readonly held = new Map<string, () => void>();
  private readonly waiting = new Map<string, (() => unknown)[]>();

  request = (name: string, then: () => unknown) => {
    if (this.held.has(name)) {
      this.waiting.set(name, [...(this.waiting.get(name) ?? []), then]);
      return Promise.resolve();
    }
    this.held.set(name, () => this.held.delete(name));
    return Promise.resolve(then());
  };
  query = () => Promise.resolve({ held: [...this.held.keys()].map((name) => ({ name })) });
  /** Every page is closed. */
  closeAll() {
    this.held.clear();
    for (const each of [...this.waiting.values()].flat()) each();
    this.waiting.clear();
  }
}

let server: FakeServer;
let safe: FakeSafe;
let locks: FakeLocks;
const stored = new Map<string, string>();
beforeEach(() => {
  jest.useFakeTimers();
  server = new FakeServer();
  safe = new FakeSafe();
  locks = new FakeLocks();
  stored.clear();
  for (const record of [coat, skin]) server.put('recipes', record);
  server.put('armies', levy);
  const storage = {
    getItem: (key: string) => stored.get(key) ?? null,
    removeItem: (key: string) => stored.delete(key),
  };
  const asObject = new Proxy(storage, {
    ownKeys: () => [...stored.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  });
  Object.defineProperty(globalThis, 'localStorage', { value: asObject, configurable: true });
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true });
});
afterEach(() => jest.useRealTimers());

test('what a closed page has left is sent by the next, once, and then kept no longer', async () => {
  const first = await openPage(server, safe);
  await first.writer.takeOver();
  server.interrupt = () => trouble(0, 'no-answer');
  first.writer.write('recipes', coat.id, { ...coat, name: 'Left behind' });
  first.writer.append([entryOf('e1'), entryOf('e2', 1)]);
  await jest.advanceTimersByTimeAsync(10);
  locks.closeAll();
  server.interrupt = () => null;

  const second = await openPage(server, safe);
  await second.writer.takeOver();
  await jest.advanceTimersByTimeAsync(10);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Left behind' });
  expect(server.log.map(({ id }) => id)).toEqual(['e1', 'e2']);
  expect(safe.kept.size).toBe(0);
});

test('what an open page waits with is its own, until that is closed', async () => {
  const first = await openPage(server, safe);
  await first.writer.takeOver();
  server.interrupt = () => trouble(0, 'no-answer');
  first.writer.append([entryOf('e1')]);
  await jest.advanceTimersByTimeAsync(10);
  const second = await openPage(server, safe);
  await second.writer.takeOver();
  expect(second.writing().entries).toEqual([]);
  locks.closeAll();
  await jest.advanceTimersByTimeAsync(10);
  expect(second.writing().entries).toMatchObject([{ entry: { id: 'e1' } }]);
});

test('an entry that was refused is still there, with why, on the next visit', async () => {
  const first = await openPage(server, safe);
  server.interrupt = () => trouble(400, 'bad-request');
  first.writer.append([entryOf('bad')]);
  await jest.advanceTimersByTimeAsync(10);
  server.asked.length = 0;
  const second = await openPage(server, safe);
  await second.writer.takeOver();
  await jest.advanceTimersByTimeAsync(10);
  expect(second.writing().entries).toMatchObject([{ refused: 'Trouble 400.' }]);
  expect(server.asked).toEqual([]);
});

test('a browser that keeps nothing is said, and everything is sent all the same', async () => {
  safe.isFull = true;
  const { writer, writing } = await openPage(server, safe);
  await writer.takeOver();
  writer.append([entryOf('e1')]);
  writer.write('recipes', coat.id, { ...coat, name: 'Sent' });
  await jest.advanceTimersByTimeAsync(10);
  expect(writing().isUnkept).toBe(true);
  expect(server.log.map(({ id }) => id)).toEqual(['e1']);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Sent' });
});

test('what the release before kept elsewhere is taken over once; what is not its own stays', async () => {
  const base = { content: coat, revision: 1, savedAt: '2026-11-24T10:00:00.000Z' };
  const put = (key: string, value: unknown) => stored.set(key, JSON.stringify(value));
  put(`yellow-ledger.unsaved.${coat.id}`, { base, recipe: { ...coat, name: 'Old page' } });
  put('yellow-ledger.unsaved.army', { before: levy, after: { ...levy, name: 'Old army' } });
  put('yellow-ledger.entry.e1', entryOf('e1'));
  put('yellow-ledger.entry.odd', { kind: 'unheard' });
  put('yellow-ledger.light', 'dark');
  const { writer } = await openPage(server, safe);
  await writer.takeOver();
  await jest.advanceTimersByTimeAsync(10);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Old page' });
  expect(server.content('armies', levy.id)).toMatchObject({ name: 'Old army' });
  expect(server.log.map(({ id }) => id)).toEqual(['e1']);
  expect([...stored.keys()].sort()).toEqual(['yellow-ledger.entry.odd', 'yellow-ledger.light']);
});

test('what a newer page kept and this one cannot read is left alone', async () => {
  await safe.set('other record pots p1', { name: 'pots', strange: true });
  const { writer, writing } = await openPage(server, safe);
  await writer.takeOver();
  expect(writing().records).toEqual({});
  expect(safe.kept.has('other record pots p1')).toBe(true);
});
