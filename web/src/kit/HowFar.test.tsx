/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, render, screen } from '@testing-library/react';
import { ReactReduxContext } from 'react-redux';
import { counting } from '../workers/questions';
import { HowFar } from './HowFar';

jest.mock('../data/store', () => ({
  useAppSelector: (select: (state: unknown) => unknown) =>
    select({ ledgerApi: { queries: { pots: { data: [] }, recipes: {} } } }),
}));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('how far it is shows after a second, and follows what is answered', async () => {
  const answers: (() => void)[] = [];
  const question = () => counting(new Promise<void>((resolve) => answers.push(resolve)));
  const open = [question(), question()];
  render(
    <ReactReduxContext value={{} as never}>
      <HowFar />
    </ReactReduxContext>,
  );
  act(() => void jest.advanceTimersByTime(900));
  expect(screen.queryByRole('progressbar')).toBeNull();
  act(() => void jest.advanceTimersByTime(200));
  expect(screen.getByText('1 of 2 lists are here, 0 of 2 answers worked out.')).toBeDefined();
  await act(async () => {
    answers[0]();
    await open[0];
  });
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('2');
  await act(async () => {
    answers[1]();
    await open[1];
  });
  // The next question begins the count again.
  await act(async () => void (await counting(Promise.resolve())));
  expect(screen.getByText('1 of 2 lists are here, 1 of 1 answers worked out.')).toBeDefined();
});
