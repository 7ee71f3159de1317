/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, screen } from '@testing-library/react';
import type { FormName, Placement, Remark } from '@yellow-ledger/core';
import { line } from '../../../testing/levy';
import { choose, inLineForm, openLineProps, type } from '../../../testing/openLine';
import { AimEditor } from './AimEditor';

jest.mock('../../../workers/useAnswer', () =>
  jest.requireActual<object>('../../../testing/answeredHere'),
);

const plain = line('one', 'umber').placement;

function shown(placement: Placement, form: FormName = 'tail', remarks: Remark[] = []) {
  const step = line('one', 'umber', { placement });
  const { props } = openLineProps(step, { form });
  const placed: Placement[] = [];
  inLineForm(
    step,
    <AimEditor
      {...props}
      remarks={remarks}
      placement={placement}
      onPlace={(each) => placed.push(each)}
    />,
  );
  return placed;
}

const press = (name: RegExp) => fireEvent.click(screen.getByRole('checkbox', { name }));

test('along is offered where the form has a way, in the words of its ends', () => {
  const placed = shown(plain);
  press(/along it/);
  expect(placed[0].aim).toEqual({ along: { from: 0.5, to: 1, softness: 0.15 } });
});

test('a form without a way from end to end does not offer one', () => {
  shown(plain, 'orb');
  expect(screen.queryByRole('checkbox', { name: /along it/ })).toBeNull();
});

test('the last part of an aim taken off leaves none behind', () => {
  const placed = shown({ ...plain, aim: { height: { from: 0.2, to: 0.9, softness: 0.1 } } });
  press(/height of the figure/);
  expect(placed).toEqual([plain]);
  expect('aim' in placed[0]).toBe(false);
});

test('a part moved keeps the others, and its softness', () => {
  const height = { from: 0.2, to: 0.9, softness: 0.1 };
  const placed = shown({ ...plain, aim: { height, facing: { side: 'up', within: 60 } } });
  fireEvent.input(screen.getByRole('slider', { name: 'Height starts at' }), {
    target: { value: '0.4' },
  });
  expect(placed[0].aim).toEqual({
    height: { from: 0.4, to: 0.9, softness: 0.1 },
    facing: { side: 'up', within: 60 },
  });
});

describe('coats that shrink stay within what they shrink in', () => {
  const facing = { side: 'down' as const, within: 70 };
  const along = { from: 0.2, to: 1, softness: 0 };
  const shrinking: Placement = {
    ...plain,
    aim: { facing, along },
    last: { from: 0.2, to: 0.8, within: 50, along: { from: 0.3, to: 0.9 } },
  };

  test('a first coat within fewer degrees takes the last along', () => {
    const placed = shown(shrinking);
    type('within, degrees', '20');
    expect(placed[0].last).toEqual({
      from: 0.2,
      to: 0.8,
      within: 20,
      along: { from: 0.3, to: 0.9 },
    });
  });

  test('a side taken off takes the degrees of the last coat with it', () => {
    const placed = shown(shrinking);
    choose('Faces', '');
    expect(placed[0].last).toEqual({ from: 0.2, to: 0.8, along: { from: 0.3, to: 0.9 } });
  });

  test('without an aim the last coat shrinks in tone alone', () => {
    const placed = shown({ ...shrinking, aim: { facing } });
    choose('Faces', '');
    expect(placed[0]).toEqual({ ...plain, last: { from: 0.2, to: 0.8 } });
  });
});

test('what is fulfilled nowhere is said beside it', () => {
  const remark = { rule: 'aimedNowhere', sentence: 'Nothing on it is so.' } as Remark;
  shown(plain, 'orb', [remark]);
  expect(screen.getByText('Nothing on it is so.')).toBeDefined();
});
