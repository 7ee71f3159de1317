/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, screen } from '@testing-library/react';
import type { Recipe, Spot, Step, WrittenAim } from '@yellow-ledger/core';
import { line } from '../../../testing/levy';
import { choose, inLineForm, openLineProps, type } from '../../../testing/openLine';
import { formWork } from '../../../workers/shared/formWork';
import { SpotField } from './SpotField';

jest.mock('../../../workers/useAnswer', () =>
  jest.requireActual<object>('../../../testing/answeredHere'),
);

const lips: Spot = { id: 'lips', name: 'Lips', share: 0.03 };

function shown(aim: WrittenAim, part: Partial<Recipe> = {}) {
  const placement = { ...line('one', 'umber').placement, aim };
  const step = line('one', 'umber', { placement });
  const { props, done } = openLineProps(step, { form: 'face', ...part });
  const aims: WrittenAim[] = [];
  const form = inLineForm(
    step,
    <SpotField
      {...props}
      placement={placement}
      onPlace={() => undefined}
      aim={aim}
      onAim={(each) => aims.push(each)}
    />,
  );
  return { aims, done, ...form };
}

const offered = () =>
  [...screen.getByLabelText<HTMLSelectElement>('On a spot').options].map(({ text }) => text);

test('the form’s own spots are offered as long as the recipe has none of that name', () => {
  shown({}, { spots: [lips] });
  const names = formWork.readySpots('face').map(({ name }) => name);
  expect(names).toContain('lips');
  expect(offered()).toContain('Lips');
  expect(offered().filter((each) => each.startsWith('lips'))).toEqual([]);
  expect(offered().filter((each) => each.includes(' as '))).toHaveLength(names.length - 1);
});

test('a spot of the form becomes one of the recipe, and the line is aimed at it: one deed', () => {
  const { done, aims } = shown({ facing: { side: 'front', within: 60 } });
  choose('On a spot', 'ready lips');
  expect(done.spots).toHaveLength(1);
  const [{ spots, aimed }] = done.spots;
  expect(spots).toMatchObject([{ name: 'Lips' }]);
  expect(aimed?.placement.aim).toEqual({
    facing: { side: 'front', within: 60 },
    spot: spots[0].id,
  });
  expect(aims).toEqual([]);
});

test('while the line holds something wrong, the spot is made and what was typed stays', () => {
  const { done, aims, set } = shown({});
  act(() => set?.('coats', 99 as Step['coats']));
  choose('On a spot', 'own ');
  expect(done.spots).toMatchObject([{ spots: [{ name: 'Spot 1' }], aimed: undefined }]);
  expect(aims).toEqual([{ spot: done.spots[0].spots[0].id }]);
});

test('one of the recipe is chosen, and taken off again', () => {
  const { aims } = shown({}, { spots: [lips] });
  choose('On a spot', 'lips');
  choose('On a spot', '');
  expect(aims).toEqual([{ spot: 'lips' }, { spot: undefined }]);
});

test('a spot that is gone is said to be, and nothing of it can be changed', () => {
  shown({ spot: 'gone' }, { spots: [lips] });
  expect(offered()).toContain('one that is gone');
  expect(screen.queryByRole('button', { name: 'Change the spot' })).toBeNull();
});

describe('the sheet of a spot', () => {
  const openSheet = (spot: Spot = lips, others: Spot[] = []) => {
    const all = shown({ spot: spot.id }, { spots: [spot, ...others] });
    fireEvent.click(screen.getByRole('button', { name: 'Change the spot' }));
    return all;
  };

  test('name and share count as soon as they are right', () => {
    const { done } = openSheet();
    type('Name', 'Lower lip');
    type('of the surface, %', '2,5');
    expect(done.spots.map(({ spots }) => spots[0])).toMatchObject([
      { name: 'Lower lip', share: 0.03 },
      { share: 0.025 },
    ]);
  });

  test('an empty name and more than the whole are refused in words, and change nothing', () => {
    const { done } = openSheet();
    type('Name', '  ');
    type('of the surface, %', '101');
    expect(done.spots).toEqual([]);
    expect(screen.getByText(/should be 1 to 120 characters/)).toBeDefined();
    expect(screen.getByRole('alert').textContent).toContain('a number from 0 to 100');
  });

  test('where it is can be typed, from the left and from below', () => {
    const { done } = openSheet({ ...lips, at: [{ u: 0.5, v: 0.4 }] });
    type('from the left, %', '20');
    expect(done.spots[0].spots[0].at).toEqual([{ u: 0.2, v: 0.4 }]);
  });

  test('shares that are more than the surface together are said, and kept', () => {
    openSheet({ ...lips, share: 0.7 }, [{ id: 'rest', name: 'Rest', share: 0.6 }]);
    expect(screen.getByText(/have 130 % of the surface together/)).toBeDefined();
  });

  test('it says how many lines lose their place with it, and goes', () => {
    const { done } = openSheet();
    fireEvent.click(screen.getByRole('button', { name: 'Delete the spot under one line' }));
    expect(done.spots).toEqual([{ spots: [], aimed: undefined }]);
  });
});
