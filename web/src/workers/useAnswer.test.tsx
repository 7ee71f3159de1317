/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, renderHook } from '@testing-library/react';
import { resourceNames } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { coat } from '../testing/levy';
import { FakeServer, openPage } from '../testing/tryWriter';
import type { Collection } from '../data/ledgerData';
import { useAnswer } from './useAnswer';

// A browser’s worker is told through messages; here it is only seen what it would be told.
jest.mock('./ledgerWorker', () => ({ workerSync: { tell: () => ({}) }, ledgerWorker: {} }));

async function open(parts: readonly Collection[] = ['recipes']) {
  const server = new FakeServer();
  server.put('recipes', coat);
  const page = await openPage(server);
  const asked: number[] = [];
  const answers: { answer: (given: unknown) => void; fail: (why: Error) => void }[] = [];
  const wrapper = ({ children }: { children: ReactNode }) => (
    <Provider store={page.store}>{children}</Provider>
  );
  const hook = renderHook(
    ({ figure }: { figure: number }) =>
      useAnswer(parts, [figure], () => {
        asked.push(figure);
        return new Promise<unknown>((answer, fail) => answers.push({ answer, fail }));
      }),
    // Strict mode asks the first question twice.
    { wrapper, initialProps: { figure: 1 }, reactStrictMode: false },
  );
  const settle = (deed: () => void) =>
    act(async () => {
      deed();
      await Promise.resolve();
    });
  return { ...page, ...hook, asked, answers, settle };
}

test('while one answer is under way only the newest question waits behind it', async () => {
  const { result, rerender, asked, answers, settle } = await open();
  for (const figure of [2, 3, 4]) rerender({ figure });
  expect(asked).toEqual([1]);
  await settle(() => answers[0].answer('one'));
  expect(asked).toEqual([1, 4]);
  await settle(() => answers[1].answer('four'));
  expect(result.current).toEqual({ answer: 'four', problem: null });
});

test('what goes wrong is said, the last answer stays, and the next question is asked', async () => {
  const { result, rerender, asked, answers, settle } = await open();
  await settle(() => answers[0].answer('one'));
  rerender({ figure: 2 });
  await settle(() => answers[1].fail(new Error('No such recipe.')));
  expect(result.current).toEqual({ answer: 'one', problem: 'No such recipe.' });
  rerender({ figure: 3 });
  await settle(() => answers[2].answer('three'));
  expect(asked).toEqual([1, 2, 3]);
  expect(result.current).toEqual({ answer: 'three', problem: null });
});

test('what it is answered from has changed: it is asked again', async () => {
  const { asked, answers, writer, settle } = await open();
  await settle(() => answers[0].answer('one'));
  await settle(() =>
    writer.write('recipes', coat.id, { ...coat, name: 'Another' }, { restMs: 9e6 }),
  );
  expect(asked).toEqual([1, 1]);
});

test('a question that carries all it is answered from fetches nothing', async () => {
  const { store, result, answers, settle } = await open([]);
  const queries = Object.keys(store.getState().ledgerApi.queries);
  await settle(() => answers[0].answer('one'));
  expect(result.current.answer).toBe('one');
  expect(queries.filter((key) => key.startsWith('records('))).toHaveLength(resourceNames.length);
});

test('an answer that says the same stays the same object', async () => {
  const { result, rerender, answers, settle } = await open();
  const first = { coats: [1] };
  await settle(() => answers[0].answer(first));
  rerender({ figure: 2 });
  await settle(() => answers[1].answer({ coats: [1] }));
  expect(result.current.answer).toBe(first);
  rerender({ figure: 3 });
  await settle(() => answers[2].answer({ coats: [2] }));
  expect(result.current.answer).toEqual({ coats: [2] });
});

test('an answer to a page that is gone is dropped', async () => {
  const fault = jest.spyOn(console, 'error');
  const { unmount, result, answers, settle } = await open();
  unmount();
  await settle(() => answers[0].answer('late'));
  expect(result.current.answer).toBeNull();
  expect(fault).not.toHaveBeenCalled();
  fault.mockRestore();
});
