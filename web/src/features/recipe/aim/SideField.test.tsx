/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { sideNames, sideWords, type WrittenAim } from '@yellow-ledger/core';
import { choose, type } from '../../../testing/openLine';
import { SideField } from './SideField';

function shown(facing?: WrittenAim['facing']) {
  const faced: WrittenAim['facing'][] = [];
  const { container, rerender } = render(
    <SideField facing={facing} onFacing={(each) => faced.push(each)} />,
  );
  const sides = () =>
    [...container.querySelectorAll('title')].map(({ textContent }) => textContent);
  const sideOf = (name: string) => {
    const title = [...container.querySelectorAll('title')].find(
      ({ textContent }) => textContent === name,
    );
    return title!.parentElement!;
  };
  const body = container.querySelector('svg')!;
  const turnTo = (next: WrittenAim['facing']) =>
    rerender(<SideField facing={next} onFacing={(each) => faced.push(each)} />);
  return { faced, sides, sideOf, body, turnTo };
}

/** The test's browser knows no pointer events of its own. */
const pointer = (on: Element, what: string, clientX: number, clientY: number) =>
  fireEvent(on, new MouseEvent(what, { bubbles: true, clientX, clientY }));

const labelOf = (side: (typeof sideNames)[number]) => sideWords(side).label;

test('a press on a side of the body aims there, within the usual degrees or those said', () => {
  const { faced, sideOf, body } = shown();
  pointer(body, 'pointerdown', 10, 10);
  fireEvent.pointerUp(sideOf(labelOf('up')));
  expect(faced).toEqual([{ side: 'up', within: 75 }]);
});

test('at rest three sides are seen; the side that is chosen is turned to the eye', () => {
  const { sides, turnTo } = shown();
  expect(sides()).toHaveLength(3);
  for (const side of ['back', 'down', 'left', 'right', 'up', 'front'] as const) {
    turnTo({ side, within: 60 });
    expect(sides()).toContain(labelOf(side));
  }
});

test('a drag turns the body and aims nowhere', () => {
  const { faced, sides, sideOf, body } = shown();
  expect(sides()).not.toContain(labelOf('back'));
  pointer(body, 'pointerdown', 0, 0);
  pointer(body, 'pointermove', 118, 0);
  fireEvent.pointerUp(sideOf(sides()[0]!));
  expect(faced).toEqual([]);
  expect(sides()).toContain(labelOf('back'));
});

test('a hand that shakes while it presses turns nothing', () => {
  const { faced, sideOf, body } = shown();
  pointer(body, 'pointerdown', 5, 5);
  pointer(body, 'pointermove', 7, 6);
  fireEvent.pointerUp(sideOf(labelOf('front')));
  expect(faced).toEqual([{ side: 'front', within: 75 }]);
});

test('every side can be chosen in words, and any way is no side', () => {
  const { faced } = shown({ side: 'up', within: 40 });
  for (const side of sideNames) choose('Faces', side);
  expect(faced).toEqual(sideNames.map((side) => ({ side, within: 40 })));
  choose('Faces', '');
  expect(faced.at(-1)).toBeUndefined();
});

test('degrees are asked for where a side is said, and refused in words beyond a half turn', () => {
  const { faced, turnTo } = shown();
  expect(screen.queryByLabelText('within, degrees')).toBeNull();
  turnTo({ side: 'down', within: 75 });
  type('within, degrees', '30');
  type('within, degrees', '181');
  expect(faced).toEqual([{ side: 'down', within: 30 }]);
  expect(screen.getByRole('alert').textContent).toContain('a number from 0 to 180');
});
