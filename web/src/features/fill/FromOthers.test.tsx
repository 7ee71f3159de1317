/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { renderInClub, sitHere } from '../../testing/inClub';
import { pots } from '../../testing/levy';
import { potsOf, type Begun } from './begun';
import { FromOthers } from './FromOthers';

const given: Begun[][] = [];
const shelf = [
  { ...pots[0], id: 'hers', name: 'Old Bone', hiding: 0.61, hidingIsGuess: false },
  { ...pots[0], id: 'also-hers', name: 'Reed Ink', swatchShows: 'one coat over white' as const },
  { ...pots[0], id: 'mine', name: 'Own Red' },
];

beforeEach(async () => {
  given.splice(0);
  await sitHere('painter');
  await renderInClub(
    'painter',
    [
      { kind: 'pots', id: 'hers', memberId: 'wren', isShared: true },
      { kind: 'pots', id: 'also-hers', memberId: 'wren', isShared: true },
      { kind: 'pots', id: 'mine', memberId: 'me', isShared: false },
    ],
    <MemoryRouter>
      <FromOthers shelf={shelf} onBegun={(begun) => void given.push(begun)} />
    </MemoryRouter>,
  );
});

test('another member’s shelf is a start: looked through, and as pots of my own', () => {
  fireEvent.click(screen.getByRole('button', { name: 'Begin with the shelf: Wren, 2' }));
  const copied = potsOf(given[0]);
  expect(copied.map(({ name }) => name)).toEqual(['Old Bone (mine)', 'Reed Ink (mine)']);
  expect(copied[0]).toMatchObject({ hiding: 0.61, hidingIsGuess: false });
  expect(copied[1].swatchShows).toBe('one coat over white');
  expect(copied.some(({ id }) => shelf.some((pot) => pot.id === id))).toBe(false);
  expect(given[0].every(({ tells }) => tells.includes('Wren'))).toBe(true);
});

test('my own shelf is no start, and a file of a friend’s is always one', () => {
  expect(screen.queryByRole('button', { name: /mine/ })).toBeNull();
  expect(screen.getByRole('link', { name: 'Import a friend’s file' })).toBeTruthy();
});
