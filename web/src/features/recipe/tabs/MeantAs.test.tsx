/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import type { Pot } from '@yellow-ledger/core';
import { pots as levyPots } from '../../../testing/levy';
import { MeantAs } from './MeantAs';

const pot = (id: string, swatch: string): Pot => ({
  ...levyPots[0],
  id,
  name: id,
  kind: 'paint',
  swatch,
});
const pots = [pot('Peat', '#33261d'), pot('Tallow', '#e2d6b4')];

function open(meantAs?: string) {
  const meant: (string | undefined)[] = [];
  render(<MeantAs meantAs={meantAs} pots={pots} onMean={(hex) => meant.push(hex)} />);
  const choice = screen.getByLabelText<HTMLSelectElement>('Meant to read as');
  const choose = (value: string) => fireEvent.change(choice, { target: { value } });
  return { meant, choice, choose };
}

test('by itself where nothing is said, and by a pot as its swatch', () => {
  const { meant, choice, choose } = open();
  expect(choice.value).toBe('itself');
  choose('Tallow');
  expect(meant).toEqual(['#e2d6b4']);
});

test('the colour of a pot is said as that pot, and can be taken back', () => {
  const { meant, choice, choose } = open('#33261d');
  expect(choice.value).toBe('Peat');
  expect(screen.queryByLabelText('Colour meant')).toBeNull();
  choose('itself');
  expect(meant).toEqual([undefined]);
});

test('another colour is typed beside it', () => {
  const { meant, choice } = open('#123456');
  expect(choice.value).toBe('colour');
  fireEvent.input(screen.getByLabelText('Colour meant'), { target: { value: '#654321' } });
  expect(meant).toEqual(['#654321']);
});

test('a colour begins where it was, or at a black', () => {
  const { meant, choose } = open();
  choose('colour');
  expect(meant).toEqual(['#222427']);
});
