/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import type { AnyRecord, Army, Pot } from '@yellow-ledger/core';
import { Provider } from 'react-redux';
import { coat, levy, pots } from '../../testing/levy';
import { FakeServer, openPage } from '../../testing/tryWriter';
import { RecordThen } from './RecordThen';
import { TakeBackBar } from './TakeBackBar';

const [unit, ...others] = levy.units;
const then: Army = {
  ...levy,
  notes: 'as it was',
  units: [{ ...unit, models: unit.models + 5 }, ...others],
};

async function storeWith(shelf: readonly Pot[]) {
  const server = new FakeServer();
  for (const pot of shelf) server.put('pots', pot);
  server.put('recipes', coat);
  return (await openPage(server)).store;
}

async function open(mayWrite = true) {
  const taken: [AnyRecord, string][] = [];
  const store = await storeWith(pots);
  render(
    <Provider store={store}>
      <RecordThen
        kind="armies"
        now={levy}
        then={then}
        onTake={mayWrite ? (record, part) => taken.push([record, part]) : undefined}
      />
    </Provider>,
  );
  return taken;
}
const button = (name: string) => screen.getByRole('button', { name });
const isShut = (name: string) =>
  button(name).hasAttribute('disabled') || button(name).getAttribute('aria-disabled') === 'true';

test('what is chosen is taken back, and what was changed beside it stays', async () => {
  const taken = await open();
  expect(isShut('Take back what is chosen')).toBe(true);
  fireEvent.click(screen.getByRole('checkbox', { name: /: Models$/ }));
  fireEvent.click(button('Take back what is chosen'));
  expect(taken).toEqual([[{ ...levy, units: then.units }, 'some']]);
  // Pressed once more it is not chosen any longer.
  fireEvent.click(screen.getByRole('checkbox', { name: /: Models$/ }));
  expect(isShut('Take back what is chosen')).toBe(true);
});

test('all of it is taken back in one press', async () => {
  const taken = await open();
  fireEvent.click(button('Take all of it back'));
  expect(taken).toEqual([[then, 'all']]);
});

test('whoever may not write it only looks', async () => {
  await open(false);
  expect(screen.getByText('as it was')).toBeTruthy();
  expect(screen.queryByRole('checkbox')).toBeNull();
  expect(screen.queryByRole('button')).toBeNull();
});

test('a recipe that drew from a pot which is gone says so, and is not taken back whole', async () => {
  const store = await storeWith(pots.slice(1));
  const part = { from: 'pot' as const, potId: pots[0].id, parts: 1 };
  const [step, ...rest] = coat.steps;
  const mix = { ...step.mix, parts: [part] };
  render(
    <Provider store={store}>
      <TakeBackBar
        kind="recipes"
        all={{ ...coat, steps: [{ ...step, mix }, ...rest] }}
        some={null}
        onTake={() => undefined}
      />
    </Provider>,
  );
  expect(isShut('Take all of it back')).toBe(true);
  expect(screen.getByText('It uses a pot that is gone: take back other lines.')).toBeTruthy();
});
