/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { plainPots, type Pot } from '@yellow-ledger/core';
import { pots } from '../../testing/levy';
import { FromPigments } from './FromPigments';
import type { WayProps } from './wayProps';

function begun(shelf: readonly Pot[]) {
  let taken: Parameters<WayProps['onBegun']>[0] = [];
  const props = { onBegun: (rows: typeof taken) => (taken = rows), shelf } as unknown as WayProps;
  render(<FromPigments {...props} />);
  fireEvent.click(screen.getByRole('button'));
  return taken;
}

test('every plain pigment and primer is offered, chosen, and marked as a guess', () => {
  const taken = begun([]);
  expect(taken.map(({ name }) => name)).toEqual(plainPots.map(({ name }) => name));
  expect(taken.every(({ isIn, tells }) => isIn && tells?.startsWith('A guess'))).toBe(true);
  expect(new Set(taken.map(({ key }) => key)).size).toBe(taken.length);
});

test('what is on the shelf by that name is not offered again', () => {
  const [there, ...others] = plainPots;
  const taken = begun([{ ...pots[0], name: there.name.toUpperCase() }]);
  expect(taken.map(({ name }) => name)).toEqual(others.map(({ name }) => name));
});
