import { standing, type LogEntry } from '@yellow-ledger/core';
import { createStore } from '../store';
import {
  bringBack,
  entryHead,
  fetchNewer,
  openLog,
  sendUnsent,
  takeBack,
  writeEntries,
} from './sendLog';
import { outbox } from './outbox';

/** A browser's store of text, as far as it is used. */
function fakeStorage(): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    clear: () => kept.clear(),
    getItem: (key) => kept.get(key) ?? null,
    key: (index) => [...kept.keys()][index] ?? null,
    removeItem: (key) => void kept.delete(key),
    setItem: (key, value) => void kept.set(key, value),
  };
}

const strike = (id: string, order: number, benchId = 'table'): LogEntry => ({
  kind: 'strike',
  id,
  benchId,
  at: '2026-03-01T18:00:00.000Z',
  order,
  of: 'nothing',
});

const tick = (id: string, order: number): LogEntry => ({
  kind: 'tick',
  id,
  benchId: 'table',
  at: '2026-03-01T18:00:00.000Z',
  order,
  armyId: null,
  unitId: 'watch',
  partId: 'buckles',
  models: [1],
  isTicked: true,
});

/** What the server has, whether it answers, and what it refuses. */
let server: { entries: LogEntry[]; isUp: boolean; refuses: string[]; asked: string[] };

beforeEach(() => {
  jest.useFakeTimers();
  Object.defineProperty(globalThis, 'localStorage', { value: fakeStorage(), configurable: true });
  server = { entries: [], isUp: true, refuses: [], asked: [] };
  jest.spyOn(globalThis, 'fetch').mockImplementation((address, init) => {
    server.asked.push(String(address));
    if (!server.isUp) return Promise.reject(new TypeError('no answer'));
    if (init?.method !== 'POST') {
      const items = server.entries.map((entry, index) => ({ sequence: index + 1, entry }));
      return Promise.resolve(Response.json({ items }));
    }
    const { entries } = JSON.parse(String(init.body)) as { entries: LogEntry[] };
    if (entries.some(({ id }) => server.refuses.includes(id))) {
      const error = { code: 'entry-taken', message: 'The log has another entry.' };
      return Promise.resolve(Response.json({ error }, { status: 409 }));
    }
    const known = new Set(server.entries.map(({ id }) => id));
    server.entries.push(...entries.filter(({ id }) => !known.has(id)));
    return Promise.resolve(Response.json({ pots: [] }));
  });
});
afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
});
const settled = () => jest.advanceTimersByTimeAsync(0);
const ids = () => server.entries.map(({ id }) => id);

test('what is written counts at once, and is on the server a moment later', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(openLog('table'));
  dispatch(writeEntries([strike('a', 0)]));
  expect(getState().log.entries.map(({ id }) => id)).toEqual(['a']);
  await settled();
  expect(ids()).toEqual(['a']);
  expect(outbox.all()).toEqual([]);
});

test('with the server gone it waits in its order, and is sent once when it is back', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(openLog('table'));
  server.isUp = false;
  for (let order = 0; order < 5; order++) dispatch(writeEntries([strike(`e${order}`, order)]));
  await settled();
  expect(getState().log).toMatchObject({ unsent: 5, isOffline: true });
  await jest.advanceTimersByTimeAsync(3000);
  server.isUp = true;
  await jest.advanceTimersByTimeAsync(20_000);
  expect(ids()).toEqual(['e0', 'e1', 'e2', 'e3', 'e4']);
  expect(getState().log).toMatchObject({ unsent: 0, isOffline: false });
});

test('a page that was closed loses nothing: the next one sends it', async () => {
  server.isUp = false;
  createStore().dispatch(writeEntries([strike('left', 0)]));
  await settled();
  jest.clearAllTimers();
  server.isUp = true;
  const next = createStore();
  await next.dispatch(sendUnsent());
  expect(ids()).toEqual(['left']);
});

test('an entry that is refused is put aside and told; the others go on', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(openLog('table'));
  server.isUp = false;
  ['a', 'bad', 'c'].forEach((id, order) => dispatch(writeEntries([strike(id, order)])));
  await settled();
  server.refuses = ['bad'];
  server.isUp = true;
  await jest.advanceTimersByTimeAsync(20_000);
  expect(ids()).toEqual(['a', 'c']);
  expect(getState().log.refused).toBe('The log has another entry.');
  expect(getState().log.entries.map(({ id }) => id)).toEqual(['a', 'c']);
  expect(outbox.all()).toEqual([]);
});

test('what another device wrote comes in, once, and only of this bench', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(openLog('table'));
  dispatch(writeEntries([strike('mine', 0)]));
  await settled();
  server.entries.push(strike('theirs', 1));
  await dispatch(fetchNewer('table'));
  await dispatch(fetchNewer('table'));
  expect(getState().log.entries.map(({ id }) => id)).toEqual(['mine', 'theirs']);
  expect(server.asked.at(-1)).toBe('/api/log?bench=table&after=2');
  await dispatch(fetchNewer('another'));
  expect(getState().log.entries).toHaveLength(2);
});

test('the next entry comes after all that is known', () => {
  expect(entryHead([strike('a', 4), strike('b', 9)]).order).toBe(10);
});

test('what cannot be read in the browser’s store is left alone', () => {
  localStorage.setItem('yellow-ledger.entry.broken', '{');
  outbox.put(strike('whole', 1));
  expect(outbox.all().map(({ id }) => id)).toEqual(['whole']);
  expect(localStorage.getItem('yellow-ledger.entry.broken')).toBe('{');
});

test('undo strikes out what was written last, and can be undone itself', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(openLog('table'));
  dispatch(writeEntries([tick('a', 0), tick('b', 1)]));
  const counted = () => standing(getState().log.entries).map(({ id }) => id);
  dispatch(takeBack());
  expect(counted()).toEqual(['a']);
  dispatch(bringBack());
  expect(counted()).toEqual(['a', 'b']);
  dispatch(bringBack());
  dispatch(takeBack());
  dispatch(takeBack());
  dispatch(takeBack());
  expect(counted()).toEqual([]);
});
