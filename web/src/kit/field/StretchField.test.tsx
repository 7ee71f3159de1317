/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { figuresSetting } from '../figures/figuresSetting';
import { StretchField } from './StretchField';

const ends = [
  { name: 'root', at: 0 },
  { name: 'tip', at: 1 },
];

function shown(part: Partial<Parameters<typeof StretchField>[0]> = {}) {
  const moved: [number, number][] = [];
  render(
    <StretchField
      label="Along"
      from={0.3}
      to={0.8}
      marks={ends}
      onMove={(from, to) => moved.push([from, to])}
      {...part}
    />,
  );
  return moved;
}

beforeEach(() => localStorage.clear());

test('its grips say which end they are, and never pass each other', () => {
  const moved = shown();
  fireEvent.input(screen.getByRole('slider', { name: 'Along starts at' }), {
    target: { value: '0.95' },
  });
  fireEvent.input(screen.getByRole('slider', { name: 'Along ends at' }), {
    target: { value: '0.1' },
  });
  expect(moved).toEqual([
    [0.8, 0.8],
    [0.3, 0.3],
  ]);
});

test('it stays within what it is part of', () => {
  const moved = shown({ least: 0.2, most: 0.9 });
  fireEvent.input(screen.getByRole('slider', { name: 'Along starts at' }), {
    target: { value: '0' },
  });
  fireEvent.input(screen.getByRole('slider', { name: 'Along ends at' }), {
    target: { value: '1' },
  });
  expect(moved).toEqual([
    [0.2, 0.8],
    [0.3, 0.9],
  ]);
});

test('a figure can be typed, with a comma too; a wrong one is said, kept, and moves nothing', () => {
  figuresSetting.show(true);
  const moved = shown();
  const from = screen.getByLabelText('from');
  fireEvent.input(from, { target: { value: '0,5' } });
  expect(moved).toEqual([[0.5, 0.8]]);
  fireEvent.input(from, { target: { value: '0.9' } });
  expect(moved).toHaveLength(1);
  expect(from).toHaveProperty('value', '0.9');
  expect(screen.getByRole('alert').textContent).toContain('a number from 0 to 0.8');
});
