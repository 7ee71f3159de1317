/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import type { ColumnMapping } from '@yellow-ledger/core';
import { act, renderHook } from '@testing-library/react';
import { usePreview } from './usePreview';

const told: string[] = [];
const answers: (() => void)[] = [];
const say = (what: string) => {
  told.push(what);
  return new Promise<null>((done) => answers.push(() => done(null)));
};
const worker = {
  beginPreview: ({ name }: { name: string }) => say(`begin ${name}`),
  previewRows: (from: number) => say(`rows ${from}`),
  previewed: () => say('counts'),
};
jest.mock('../../workers/useWorker', () => ({ useWorker: () => giveWorker }));
const giveWorker = () => worker;

const columns = (name: string) => ({ name }) as unknown as ColumnMapping;
const answer = () =>
  act(async () => {
    answers.splice(0).forEach((each) => each());
    await Promise.resolve();
  });

test('a run that is given up looks through no rows of the next one', async () => {
  const kept: never[] = [];
  const { rerender, result } = renderHook(({ mapping }) => usePreview(2500, mapping, kept), {
    initialProps: { mapping: columns('first') },
    // The test counts the questions, and strict mode asks each of them twice.
    reactStrictMode: false,
  });
  rerender({ mapping: columns('second') });
  for (let i = 0; i < 5; i++) await answer();
  expect(told).toEqual(['begin first', 'begin second', 'rows 0', 'counts']);
  expect(result.current).toMatchObject({ done: 2500, problem: null });
});
