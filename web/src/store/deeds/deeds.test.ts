import type { Kept, Pot } from '@yellow-ledger/core';
import { createStore } from '../store';
import { doDeed, redoDeed, undoDeed } from './doDeeds';

const peat: Pot = {
  id: 'peat',
  name: 'Peat',
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: '#33261d',
  hiding: 0.92,
  hidingIsGuess: false,
  volumeMl: 17,
  notes: '',
  retired: false,
};
const retired = { ...peat, retired: true };

/** The server's shelf of one pot. */
let shelf: Kept<Pot> | null;

beforeEach(() => {
  shelf = null;
  jest.spyOn(globalThis, 'fetch').mockImplementation((_address, init) => {
    if (init?.method === 'PUT') {
      const write = JSON.parse(String(init.body)) as { content: Pot; revision: number };
      expect(write.revision).toBe(shelf?.revision ?? 0);
      shelf = keptAs(write.content, write.revision + 1);
      return Promise.resolve(Response.json(shelf));
    }
    if (init?.method === 'DELETE') {
      shelf = null;
      return Promise.resolve(new Response(null, { status: 204 }));
    }
    if (shelf) return Promise.resolve(Response.json(shelf));
    const error = { code: 'not-found', message: 'There is no pot here.' };
    return Promise.resolve(Response.json({ error }, { status: 404 }));
  });
});
afterEach(() => jest.restoreAllMocks());

const keptAs = (content: Pot, revision: number): Kept<Pot> => ({
  content,
  revision,
  savedAt: '2026-11-24T10:00:00.000Z',
});
const add = { kind: 'pots', label: 'add Peat', of: '1', before: null, after: peat } as const;
const retire = {
  kind: 'pots',
  label: 'retire Peat',
  of: '2',
  before: peat,
  after: retired,
} as const;

test('a pot is added, retired, and both are undone and done again in their order', async () => {
  const { dispatch } = createStore();
  await dispatch(doDeed(add));
  await dispatch(doDeed(retire));
  expect(shelf?.content.retired).toBe(true);
  await dispatch(undoDeed());
  expect(shelf?.content).toEqual(peat);
  await dispatch(undoDeed());
  expect(shelf).toBeNull();
  await dispatch(redoDeed());
  await dispatch(redoDeed());
  expect(shelf?.content).toEqual(retired);
});

test('a deed is not undone over what somebody else wrote since, and can be tried later', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(doDeed(add));
  shelf = keptAs({ ...peat, notes: 'Theirs' }, 9);
  const problem = await dispatch(undoDeed());
  expect(problem?.message).toContain('“add Peat” was not done');
  expect(shelf.content.notes).toBe('Theirs');
  expect(getState().deeds.done).toHaveLength(1);
});

test('a new deed closes the way back to what was undone', async () => {
  const { dispatch, getState } = createStore();
  await dispatch(doDeed(add));
  await dispatch(undoDeed());
  await dispatch(doDeed({ ...add, of: '3' }));
  expect(getState().deeds.undone).toEqual([]);
  expect(await dispatch(redoDeed())).toBeNull();
  expect(shelf?.content).toEqual(peat);
});

test('with nothing done there is nothing to undo', async () => {
  const { dispatch } = createStore();
  expect(await dispatch(undoDeed())).toBeNull();
  expect(fetch).not.toHaveBeenCalled();
});
