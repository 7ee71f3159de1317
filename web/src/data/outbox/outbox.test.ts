import fc from 'fast-check';
import { coat, levy, skin } from '../../testing/levy';
import { entryOf, FakeServer, openPage, trouble } from '../../testing/tryWriter';
import { runs } from '../../../../core/src/testing/longTests';

let server: FakeServer;
beforeEach(() => {
  jest.useFakeTimers();
  server = new FakeServer();
  server.put('recipes', coat);
  server.put('recipes', skin);
  server.put('armies', levy);
});
afterEach(() => jest.useRealTimers());

const gone = trouble(0, 'no-answer');

test('no answer is tried again after 1, 2, 4 seconds, and typing does not hurry it', async () => {
  const { writer, writing } = await openPage(server);
  server.interrupt = () => gone;
  writer.write('recipes', coat.id, { ...coat, name: 'one' });
  await jest.advanceTimersByTimeAsync(10);
  writer.write('recipes', coat.id, { ...coat, name: 'two' });
  await jest.advanceTimersByTimeAsync(500);
  expect(server.asked).toHaveLength(1);
  const waits = [writing().trouble?.retryInSeconds];
  for (const seconds of [1, 2]) {
    await jest.advanceTimersByTimeAsync(seconds * 1000);
    waits.push(writing().trouble?.retryInSeconds);
  }
  expect(waits).toEqual([1, 2, 4]);
  server.interrupt = () => null;
  await jest.advanceTimersByTimeAsync(4100);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'two' });
  expect(writing().trouble).toBeNull();
});

test('the server gone for ten minutes with a hundred things waiting: each is there once, in order', async () => {
  const { writer, writing } = await openPage(server);
  server.interrupt = () => gone;
  for (let i = 0; i < 100; i++) {
    writer.append([entryOf(`e${i}`, i)]);
    if (i % 10 === 0)
      writer.change('armies', levy.id, 'a name', (now) => ({ ...now, name: `Army ${i}` }));
    await jest.advanceTimersByTimeAsync(6000);
  }
  expect(server.log).toEqual([]);
  expect(writing().entries).toHaveLength(100);
  server.interrupt = () => null;
  await jest.advanceTimersByTimeAsync(31_000);
  expect(server.log.map(({ id }) => id)).toEqual(Array.from({ length: 100 }, (_, i) => `e${i}`));
  expect(server.content('armies', levy.id)).toMatchObject({ name: 'Army 90' });
  expect(writing()).toMatchObject({ entries: [], records: {}, trouble: null });
});

test('the server gone for ever: everything stays, here and in the browser', async () => {
  const { writer, writing, safe } = await openPage(server);
  server.interrupt = () => gone;
  writer.append([entryOf('e1')]);
  writer.write('recipes', coat.id, { ...coat, name: 'Mine' });
  await jest.advanceTimersByTimeAsync(24 * 3_600_000);
  expect(writing().entries).toHaveLength(1);
  expect(writing().records[`recipes ${coat.id}`]).toMatchObject({ mine: { name: 'Mine' } });
  expect([...safe.kept.keys()].map((key) => key.replace(/^\S+ /, '')).sort()).toEqual([
    'entry e1',
    `record recipes ${coat.id}`,
  ]);
});

test('an answer sent but lost is sent again, and counts once', async () => {
  const { writer, writing } = await openPage(server);
  const ask = server.ask.bind(server);
  let isLost = false;
  server.interrupt = (path, init) => {
    if (isLost) return null;
    isLost = true;
    return ask(path, init).then(() => gone);
  };
  writer.append([entryOf('e1')]);
  await jest.advanceTimersByTimeAsync(2000);
  expect(server.log.map(({ id }) => id)).toEqual(['e1']);
  expect(writing()).toMatchObject({ entries: [], trouble: null });
});

test.each([
  ['a 200 of another program', { data: '<html>' }],
  ['an answer of a newer ledger', { data: { pots: [{ strange: true }] } }],
  ['a 403 of a proxy', trouble(403, 'no-answer')],
  ['a 404 of another program', trouble(404, 'no-answer')],
])('%s takes nothing off what waits', async (_what, answer) => {
  const { writer, writing } = await openPage(server);
  server.interrupt = () => answer;
  writer.append([entryOf('e1')]);
  writer.write('recipes', coat.id, { ...coat, name: 'Mine' });
  writer.write('recipes', skin.id, null);
  await jest.advanceTimersByTimeAsync(10_000);
  expect(writing().entries).toMatchObject([{ entry: { id: 'e1' } }]);
  expect(writing().entries[0]).not.toHaveProperty('refused');
  expect(writing().records[`recipes ${coat.id}`]).toMatchObject({ state: { is: 'waiting' } });
  expect(writing().trouble).not.toBeNull();
  server.interrupt = () => null;
  await jest.advanceTimersByTimeAsync(31_000);
  expect(server.log).toHaveLength(1);
  expect(server.content('recipes', coat.id)).toMatchObject({ name: 'Mine' });
  expect(server.content('recipes', skin.id)).toBeUndefined();
});

test('a fault of the page itself is said and does not end the saving', async () => {
  const { writer, writing } = await openPage(server);
  const fault = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  server.interrupt = () => {
    throw new TypeError('No such thing.');
  };
  writer.write('armies', levy.id, { ...levy, name: 'Renamed' });
  await jest.advanceTimersByTimeAsync(10);
  expect(writing().trouble?.message).toMatch(/Something went wrong on this page/);
  server.interrupt = () => null;
  await jest.advanceTimersByTimeAsync(2000);
  expect(server.content('armies', levy.id)).toMatchObject({ name: 'Renamed' });
  expect(fault).toHaveBeenCalled();
  fault.mockRestore();
});

test('an entry that is refused stays, with why; the others of its batch are written', async () => {
  const { writer, writing, safe } = await openPage(server);
  const isBad = ({ body }: RequestInit) => String(body).includes('"bad"');
  server.interrupt = (_path, init) => (isBad(init) ? trouble(400, 'bad-request') : null);
  writer.append([entryOf('one'), entryOf('bad', 1), entryOf('two', 2)]);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.log.map(({ id }) => id)).toEqual(['one', 'two']);
  expect(writing().entries).toMatchObject([{ entry: { id: 'bad' }, refused: 'Trouble 400.' }]);
  expect([...safe.kept.values()]).toMatchObject([
    { entry: { id: 'bad' }, refused: 'Trouble 400.' },
  ]);
  server.interrupt = () => null;
  writer.tryAgain();
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.log.map(({ id }) => id)).toEqual(['one', 'two', 'bad']);
  expect(writing().entries).toEqual([]);
});

test('whatever is written while whatever goes wrong is there in the end, each once', async () => {
  const kinds = fc.constantFrom('entry', 'coat', 'skin', 'army');
  const answers = fc.constantFrom('right', 'gone', 'lost', 'broken', 'html');
  await fc.assert(
    fc.asyncProperty(
      fc.array(kinds, { maxLength: 25 }),
      fc.array(answers),
      async (acts, answered) => {
        const ill = [...answered];
        const own = new FakeServer();
        own.put('recipes', coat);
        own.put('recipes', skin);
        own.put('armies', levy);
        const { writer, writing } = await openPage(own);
        const ask = own.ask.bind(own);
        let depth = 0;
        own.interrupt = (path, init) => {
          const next = depth > 0 ? 'right' : (ill.shift() ?? 'right');
          if (next === 'gone') return gone;
          if (next === 'broken') return trouble(500);
          if (next === 'html') return { data: '<html>' };
          if (next === 'right') return null;
          depth++;
          return ask(path, init).then(() => (depth--, gone));
        };
        for (const [i, act] of acts.entries()) {
          if (act === 'entry') writer.append([entryOf(`e${i}`, i)]);
          else if (act === 'army') writer.write('armies', levy.id, { ...levy, name: `n${i}` });
          else {
            const recipe = act === 'coat' ? coat : skin;
            writer.write('recipes', recipe.id, { ...recipe, name: `n${i}` });
          }
          await jest.advanceTimersByTimeAsync(i % 3 === 0 ? 700 : 1);
        }
        await jest.advanceTimersByTimeAsync(3_600_000);
        expect(writing()).toMatchObject({ entries: [], records: {}, trouble: null });
        const written = acts.flatMap((act, i) => (act === 'entry' ? [`e${i}`] : []));
        expect(own.log.map(({ id }) => id)).toEqual(written);
        for (const [act, name, record] of [
          ['coat', 'recipes', coat],
          ['skin', 'recipes', skin],
          ['army', 'armies', levy],
        ] as const) {
          const last = acts.lastIndexOf(act);
          if (last >= 0) expect(own.content(name, record.id)).toMatchObject({ name: `n${last}` });
        }
      },
    ),
    { numRuns: runs(60) },
  );
});
