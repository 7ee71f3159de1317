/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, screen } from '@testing-library/react';
import type { Placement } from '@yellow-ledger/core';
import { line } from '../../../testing/levy';
import { inLineForm, openLineProps, type } from '../../../testing/openLine';
import { LastCoat } from './LastCoat';

jest.mock('../../../workers/useAnswer', () =>
  jest.requireActual<object>('../../../testing/answeredHere'),
);

const wide: Placement = { from: 0.2, to: 1, softness: 0.1, pull: 'up' };

function shown(placement: Placement, coats = 4) {
  const step = line('one', 'umber', { placement, coats, technique: 'layer' });
  const { props } = openLineProps(step, { form: 'limb' });
  const placed: Placement[] = [];
  inLineForm(
    step,
    <LastCoat {...props} placement={placement} onPlace={(each) => placed.push(each)} />,
  );
  return placed;
}

const turn = () =>
  fireEvent.click(screen.getByRole('checkbox', { name: 'each coat smaller than the one before' }));

test('turned on, the last coat has the upper half of the first', () => {
  const placed = shown(wide);
  turn();
  expect(placed[0].last).toEqual({ from: 0.6, to: 1 });
});

test('turned off, no last coat is left', () => {
  const placed = shown({ ...wide, last: { from: 0.6, to: 1 } });
  turn();
  expect(placed).toEqual([wide]);
});

test('every coat is said with its share, each less than the one before', () => {
  shown({ ...wide, last: { from: 0.8, to: 1 } });
  const said = screen.getByText(/^The coats go on/).textContent ?? '';
  const shares = [...said.matchAll(/(\d+) %/g)].map(([, figure]) => Number(figure));
  expect(shares).toHaveLength(4);
  expect(shares).toEqual([...shares].sort((one, other) => other - one));
  expect(shares[3]).toBeLessThan(shares[0]);
});

test('one coat has no last one, and that is said', () => {
  shown({ ...wide, last: { from: 0.8, to: 1 } }, 1);
  expect(screen.getByText(/With one coat there is no last one/)).toBeDefined();
});

test('a last coat wider than the first is refused with what would be right', () => {
  const placed = shown({
    ...wide,
    aim: { facing: { side: 'up', within: 60 } },
    last: { from: 0.8, to: 1 },
  });
  type('Last coat within, degrees', '75');
  expect(placed).toEqual([]);
  expect(screen.getByRole('alert').textContent).toContain('a number from 0 to 60');
  type('Last coat within, degrees', '25');
  expect(placed[0].last).toEqual({ from: 0.8, to: 1, within: 25 });
});
