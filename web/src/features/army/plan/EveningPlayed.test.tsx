/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import type { PlannedRun } from '@yellow-ledger/core';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { EveningPlayed } from './EveningPlayed';
import { newBatch } from './newBatch';
import type { PlanWords } from './planWords';

const minute = 60_000;
const from = Date.parse('2026-03-02T19:00:00Z');
const batch = newBatch(0, new Date(from));
const [painter] = batch.painters;
const run: PlannedRun = {
  unitId: 'crew',
  surfaceId: 'smock',
  recipeId: 'oilskin',
  stepId: 'base',
  coat: 1,
  wetMl: 0.1,
  painterId: painter.id,
  sessionId: batch.sessions[0].id,
  mix: 0,
  models: [4, 5],
  mixing: 2,
  changing: 0,
  from,
  starts: from + 2 * minute,
  to: from + 12 * minute,
  driesAt: from + 20 * minute,
};
const words = {
  clock: (moment: number) => `minute ${(moment - from) / minute}`,
  surface: () => 'Smock',
  mix: () => 'Fen Umber',
} as unknown as PlanWords;

const played = (runs = [run]) =>
  render(
    <EveningPlayed
      span={{ from, to: from + 60 * minute }}
      batch={batch}
      runs={runs}
      hexOf={() => '#5a3c22'}
      words={words}
    />,
  );
const goTo = (at: number) =>
  fireEvent.change(screen.getByLabelText('Time of the evening'), { target: { value: at } });
const items = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);

test('each minute says who paints which model with what, and what dries', () => {
  played();
  expect(items()).toEqual([`${painter.name} gets Fen Umber ready`, 'Nothing is drying']);
  goTo(8);
  expect(items()).toEqual([
    `${painter.name} paints Smock, model 5 (2 of 2), with Fen Umber`,
    '1 model drying',
  ]);
  goTo(14);
  expect(items()).toEqual([`${painter.name} has painted everything`, '2 models drying']);
  goTo(30);
  expect(items()[1]).toBe('Nothing is drying');
});

test('somebody who waits is said until when, and for what', () => {
  played([
    { ...run, from: from + 30 * minute, starts: from + 32 * minute, to: from + 40 * minute },
  ]);
  expect(items()[0]).toBe(`${painter.name} waits until minute 30, then Smock`);
});

test('it plays to the end, can be paused, and begins again from there', () => {
  jest.useFakeTimers();
  played();
  fireEvent.click(screen.getByText('Play'));
  act(() => jest.advanceTimersByTime(10_000));
  fireEvent.click(screen.getByText('Pause'));
  const range = screen.getByLabelText<HTMLInputElement>('Time of the evening');
  const paused = Number(range.value);
  expect(paused).toBeGreaterThan(10);
  act(() => jest.advanceTimersByTime(10_000));
  expect(Number(range.value)).toBe(paused);
  fireEvent.click(screen.getByText('Play'));
  act(() => jest.advanceTimersByTime(60_000));
  expect(Number(range.value)).toBe(60);
  fireEvent.click(screen.getByText('Play'));
  expect(Number(range.value)).toBe(0);
  jest.useRealTimers();
});
