import type { Recipe } from '@yellow-ledger/core';
import { coat, skin } from '../../testing/levy';
import { FakeServer, openPage, trouble } from '../../testing/tryWriter';
import { shownRecord } from '../ledgerData';

let server: FakeServer;
beforeEach(() => {
  jest.useFakeTimers();
  server = new FakeServer();
  server.put('recipes', coat);
  server.put('recipes', skin);
});
afterEach(() => jest.useRealTimers());

const named = (recipe: Recipe, name: string): Recipe => ({ ...recipe, name });
const puts = () => server.asked.filter((asked) => asked.startsWith('PUT'));

test('what is written shows at once, and a run of typing is sent once, as the newest', async () => {
  const { store, writer, writing } = await openPage(server);
  for (const typed of ['S', 'St', 'Storm'])
    writer.write('recipes', coat.id, named(coat, typed), { restMs: 600 });
  expect(shownRecord(store.getState(), 'recipes', coat.id)).toMatchObject({ name: 'Storm' });
  expect(puts()).toEqual([]);
  await jest.advanceTimersByTimeAsync(700);
  expect(puts()).toHaveLength(1);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Storm' });
  expect(writing().records).toEqual({});
});

test('what is written while a save is under way goes next, on the new revision', async () => {
  const { writer } = await openPage(server);
  writer.write('recipes', coat.id, named(coat, 'one'));
  const saving = writer.flush();
  writer.write('recipes', coat.id, named(coat, 'two'));
  await saving;
  await jest.advanceTimersByTimeAsync(60_000);
  expect(puts()).toHaveLength(2);
  expect(server.records.get(`recipes ${coat.id}`)).toMatchObject({
    revision: 3,
    content: { name: 'two' },
  });
});

test('records go in the order they were first written', async () => {
  const { writer } = await openPage(server);
  writer.write('recipes', skin.id, named(skin, 'first'));
  writer.write('recipes', coat.id, named(coat, 'second'));
  writer.write('recipes', skin.id, named(skin, 'first again'));
  await jest.advanceTimersByTimeAsync(60_000);
  expect(puts()).toEqual([`PUT /api/recipes/${skin.id}`, `PUT /api/recipes/${coat.id}`]);
});

test('written back to what the server has, nothing is sent', async () => {
  const { writer, writing } = await openPage(server);
  writer.write('recipes', coat.id, named(coat, 'one'), { restMs: 600 });
  writer.write('recipes', coat.id, coat, { restMs: 600 });
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.asked).toEqual([]);
  expect(writing().records).toEqual({});
});

test('changes of two pages to different things are both kept', async () => {
  const { writer, notices } = await openPage(server);
  server.put('recipes', { ...coat, notes: 'Theirs.' });
  writer.write('recipes', coat.id, named(coat, 'Mine'));
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.content('recipes', coat.id)).toEqual({ ...coat, name: 'Mine', notes: 'Theirs.' });
  expect(notices).toEqual(['It was changed elsewhere too; both changes are kept.']);
});

test('of two changes to one thing theirs stands, said, and “do again” puts mine there', async () => {
  const { writer, notices } = await openPage(server);
  server.put('recipes', named(coat, 'Theirs'));
  writer.write('recipes', coat.id, named(coat, 'Mine'));
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Theirs' });
  expect(notices[0]).toMatch(/theirs stands/);
  expect(writer.redo(null)).not.toBeNull();
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Mine' });
});

describe('where the writer asks what is to stand', () => {
  const ask = { whenStale: 'ask' } as const;

  test('both are kept until somebody chooses, and nothing more of it is sent', async () => {
    const { writer, writing } = await openPage(server);
    const theirs = server.put('recipes', named(coat, 'Theirs'));
    writer.write('recipes', coat.id, named(coat, 'Mine'), ask);
    await jest.advanceTimersByTimeAsync(60_000);
    writer.write('recipes', coat.id, named(coat, 'Mine, longer'), { ...ask, restMs: 500 });
    await jest.advanceTimersByTimeAsync(60_000);
    expect(puts()).toHaveLength(1);
    expect(writing().records[`recipes ${coat.id}`]).toMatchObject({
      mine: { name: 'Mine, longer' },
      state: { is: 'stale', theirs },
    });
    writer.settle('recipes', coat.id, named(coat, 'Mine, longer'));
    await jest.advanceTimersByTimeAsync(60_000);
    expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Mine, longer' });
  });

  test('a late answer to one recipe never lands on another', async () => {
    const { store, writer, writing } = await openPage(server);
    server.put('recipes', named(coat, 'Theirs'));
    let answer!: () => void;
    const late = new Promise<void>((done) => (answer = done));
    server.interrupt = (path) => (path.endsWith(coat.id) ? late.then(() => null as never) : null);
    writer.write('recipes', coat.id, named(coat, 'Mine'), ask);
    await jest.advanceTimersByTimeAsync(10);
    writer.write('recipes', skin.id, named(skin, 'Opened meanwhile'), ask);
    server.interrupt = () => null;
    answer();
    await jest.advanceTimersByTimeAsync(60_000);
    expect(writing().records[`recipes ${coat.id}`].state.is).toBe('stale');
    writer.settle('recipes', coat.id, named(coat, 'Mine'));
    await jest.advanceTimersByTimeAsync(60_000);
    expect(server.content('recipes', coat.id)).toEqual(named(coat, 'Mine'));
    expect(server.content('recipes', skin.id)).toEqual(named(skin, 'Opened meanwhile'));
    expect(shownRecord(store.getState(), 'recipes', skin.id)).toMatchObject({ id: skin.id });
  });

  test('deleted elsewhere, it is only written again when somebody says so', async () => {
    const { writer, writing } = await openPage(server);
    server.records.delete(`recipes ${coat.id}`);
    writer.write('recipes', coat.id, named(coat, 'Mine'), ask);
    await jest.advanceTimersByTimeAsync(60_000);
    expect(writing().records[`recipes ${coat.id}`].state).toEqual({ is: 'stale', theirs: null });
    expect(server.content('recipes', coat.id)).toBeUndefined();
    writer.tryAgain();
    await jest.advanceTimersByTimeAsync(60_000);
    expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Mine' });
  });
});

test('what the server will not take stays, is said, and does not hold up the others', async () => {
  const { writer, writing } = await openPage(server);
  server.interrupt = (path) => (path.endsWith(coat.id) ? trouble(400, 'bad-request') : null);
  writer.write('recipes', coat.id, named(coat, 'Refused'));
  writer.write('recipes', skin.id, named(skin, 'Taken'));
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.content('recipes', skin.id)).toMatchObject({ name: 'Taken' });
  expect(writing().records[`recipes ${coat.id}`]).toMatchObject({
    mine: { name: 'Refused' },
    state: { is: 'refused', message: 'Trouble 400.' },
  });
  server.interrupt = () => null;
  writer.write('recipes', coat.id, named(coat, 'Right now'));
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Right now' });
});

test('a deleting that is refused shows the record again and says why', async () => {
  const { store, writer, notices } = await openPage(server);
  server.interrupt = () => trouble(409, 'in-use');
  writer.write('recipes', coat.id, null);
  expect(shownRecord(store.getState(), 'recipes', coat.id)).toBeNull();
  await jest.advanceTimersByTimeAsync(60_000);
  expect(shownRecord(store.getState(), 'recipes', coat.id)).toEqual(coat);
  expect(notices).toEqual(['Trouble 409.']);
});

test('a new record that is taken back before it went is never sent', async () => {
  const { writer, writing } = await openPage(server);
  writer.create('recipes', 'a recipe', { ...coat, id: 'new' });
  writer.undo(null);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.asked).toEqual([]);
  expect(writing().records).toEqual({});
});

test('settled says what is in the way, and null once it is on the server', async () => {
  const { writer } = await openPage(server);
  server.interrupt = () => trouble(400);
  writer.write('recipes', coat.id, named(coat, 'Mine'));
  expect(await writer.settled('recipes', coat.id)).toMatchObject({ message: 'Trouble 400.' });
  server.interrupt = () => null;
  writer.write('recipes', coat.id, named(coat, 'Mine, mended'));
  expect(await writer.settled('recipes', coat.id)).toBeNull();
});
