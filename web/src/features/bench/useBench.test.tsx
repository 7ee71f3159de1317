/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { benchSchema, type Bench, type CoatEntry, type LogEntry } from '@yellow-ledger/core';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { WriterContext } from '../../data/useWriter';
import { coat, levy, pots, skin } from '../../testing/levy';
import { FakeServer, openPage, trouble } from '../../testing/tryWriter';
import { benchWork } from './benchWork';
import { setLedgerData, type PartChange } from '../../workers/shared/ledgerData';
import { useBench } from './useBench';

// The worker’s own work, on this side of the browser’s wall.
jest.mock('../../workers/ledgerWorker', () => {
  const { WorkerSync } = jest.requireActual<typeof import('../../workers/workerSync')>(
    '../../workers/workerSync',
  );
  const worker = {
    setLedgerData: async (changes: PartChange[]) => setLedgerData(changes),
    benchView: async (asked: BenchAsked) => benchWork.benchView(asked),
  };
  return { ledgerWorker: worker, workerSync: new WorkerSync(worker as never) };
});

type BenchAsked = Parameters<typeof benchWork.benchView>[0];

const bench: Bench = benchSchema.parse({
  id: 'bench',
  name: 'On the table',
  startedAt: '2026-03-01T18:00:00.000Z',
  isCleared: false,
  armyId: levy.id,
  models: [],
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
});

async function open() {
  const server = new FakeServer();
  for (const pot of pots) server.put('pots', pot);
  for (const recipe of [coat, skin]) server.put('recipes', recipe);
  server.put('armies', levy);
  server.put('benches', bench);
  const page = await openPage(server);
  const wrapper = ({ children }: { children: ReactNode }) => (
    <Provider store={page.store}>
      <WriterContext value={page.writer}>{children}</WriterContext>
    </Provider>
  );
  const hook = renderHook(() => useBench(bench, levy), { wrapper });
  const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
  await pass(10);
  const coats = () =>
    page
      .writing()
      .entries.map(({ entry }) => entry as CoatEntry)
      .filter(({ kind }) => kind === 'coat');
  return { ...page, ...hook, server, pass, coats };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('two presses in a moment are one, and a press a second later is another', async () => {
  const { result, server, pass } = await open();
  const press = () =>
    act(() => {
      const { view, paint } = result.current;
      paint(view!.now!, view!.now!.task.models);
    });
  press();
  press();
  await pass(1000);
  expect(server.log).toHaveLength(1);
  press();
  await pass(1000);
  expect(server.log).toHaveLength(2);
});

test('a coat on a model that still dries by the clock takes one press', async () => {
  const { result, pass } = await open();
  const coats = () => result.current.log.entries;
  const press = () =>
    act(() => {
      const { view, paint } = result.current;
      const { models, waiting } = view!.now!.task;
      paint(view!.now!, models.length > 0 ? models : waiting.map(({ model }) => model));
    });
  press();
  await pass(1000);
  while (result.current.view!.now!.task.models.length > 0) {
    press();
    await pass(1000);
  }
  const before = coats().length;
  const { waiting, stepId } = result.current.view!.now!.task;
  press();
  await pass(1000);
  expect(coats().slice(before)).toMatchObject([
    { stepId, where: { models: waiting.map(({ model }) => model) } },
  ]);
});

test('of two taps on a button those under 300 ms apart are one, and from 300 ms on two, the server away or not', async () => {
  const { result, server, pass } = await open();
  const buttons = {
    done: () => result.current.paint(result.current.view!.now!, inTurn()),
    skip: () => result.current.skip(result.current.view!.now!),
    mix: () => {
      const { coat, step } = result.current.view!.now!;
      result.current.mix(result.current.view!.now!, coat.brushed, step.ml, []);
    },
    'needs another coat': () => {
      const now = result.current.view!.now!;
      result.current.paint(now, inTurn(), { wanted: now.task.coats + 1 });
    },
  };
  const names = ['done', 'skip', 'mix', 'needs another coat'] as const;
  const inTurn = () => {
    const { models, waiting } = result.current.view!.now!.task;
    return models.length > 0 ? models : waiting.map(({ model }) => model);
  };
  const written = () => result.current.log.entries.filter(({ kind }) => kind !== 'strike').length;
  const wrong: string[] = [];
  let seed = 380;
  for (let tap = 0; tap < 300; tap++) {
    seed = (seed * 16_807) % 2_147_483_647;
    const gap = 20 + (seed % 581);
    const button = names[tap % names.length];
    server.interrupt = () => (tap % 60 < 20 ? trouble(0, 'no-answer') : null);
    const before = written();
    act(() => void buttons[button]());
    await pass(gap);
    act(() => void buttons[button]());
    await pass(1000);
    const presses = written() - before;
    if (presses !== (gap < 300 ? 1 : 2)) wrong.push(`${button}, ${gap} ms: ${presses}`);
    for (let back = 0; back < presses; back++) {
      act(() => void result.current.takeBack());
      await pass(1000);
    }
  }
  expect(wrong).toEqual([]);
});

test('two taps on taking back take one press back under 300 ms, and two from there on', async () => {
  const { result, server, pass } = await open();
  const struck = () => result.current.log.entries.filter(({ kind }) => kind === 'strike').length;
  const wrong: string[] = [];
  let seed = 381;
  for (let tap = 0; tap < 60; tap++) {
    seed = (seed * 16_807) % 2_147_483_647;
    const gap = 20 + (seed % 581);
    server.interrupt = () => (tap % 20 < 7 ? trouble(0, 'no-answer') : null);
    for (let press = 0; press < 2; press++) {
      act(() => result.current.skip(result.current.view!.now!));
      await pass(1000);
    }
    const before = struck();
    act(() => void result.current.takeBack());
    await pass(gap);
    act(() => void result.current.takeBack());
    await pass(1000);
    const strikes = struck() - before;
    if (strikes !== (gap < 300 ? 1 : 2)) wrong.push(`${gap} ms: ${strikes}`);
    if (strikes === 1) act(() => void result.current.takeBack());
    await pass(1000);
  }
  expect(wrong).toEqual([]);
});

test('models ticked off as fast as anybody can all count, the last of them too', async () => {
  const { result, server, pass } = await open();
  const models = result.current.view!.now!.task.models;
  expect(models.length).toBeGreaterThan(1);
  for (const model of models) {
    act(() => result.current.tick(result.current.view!.now!, model));
    await pass(50);
  }
  await pass(1000);
  expect((server.log as CoatEntry[]).map(({ where }) => where.models)).toEqual(
    models.map((model) => [model]),
  );
});

test('what is pressed counts at once, with the server gone too, and nothing is lost', async () => {
  const { result, server, pass, coats } = await open();
  server.interrupt = () => trouble(0, 'no-answer');
  const before = result.current.view!.state.coatsDone;
  act(() => result.current.tick(result.current.view!.now!, 1));
  await pass(50);
  expect(result.current.view!.state.coatsDone).toBe(before + 1);
  expect(result.current.log).toMatchObject({ unsent: 1, isOffline: true });
  expect(coats().map(({ where }) => where.models)).toEqual([[1]]);
  server.interrupt = () => null;
  await pass(40_000);
  expect(server.log).toHaveLength(1);
  expect(result.current.log).toMatchObject({ unsent: 0, isOffline: false });
});

test('a recipe that is edited in the same tab is painted as it is now', async () => {
  const { result, writer, pass } = await open();
  const { recipeId, stepId, coats } = result.current.view!.now!.task;
  act(() =>
    writer.change('recipes', recipeId, 'coats', (recipe) => ({
      ...recipe,
      steps: recipe.steps.map((step) => (step.id === stepId ? { ...step, coats: 9 } : step)),
    })),
  );
  await pass(50);
  expect(coats).not.toBe(9);
  expect(result.current.view!.now!.task).toMatchObject({ stepId, coats: 9 });
});

test('taken back, the last press is struck out and its coat is to be painted again', async () => {
  const { result, server, pass } = await open();
  const before = result.current.view!.state.coatsDone;
  act(() => result.current.tick(result.current.view!.now!, 1));
  await pass(1000);
  act(() => void result.current.takeBack());
  await pass(1000);
  expect((server.log as LogEntry[]).map(({ kind }) => kind)).toEqual(['coat', 'strike']);
  expect(result.current.view!.state.coatsDone).toBe(before);
});
