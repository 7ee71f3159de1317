import { potSchema } from '@yellow-ledger/core';
import { pots } from '../../testing/levy';
import { potsOf, wrongName, type Begun } from './begun';

const begun = (part: Partial<Begun> = {}): Begun => ({
  key: 'field 1',
  isIn: true,
  name: 'Marsh Light',
  kind: 'paint',
  swatch: '#c8b46a',
  hiding: 0.6,
  hidingIsGuess: false,
  tells: 'Field 1: read.',
  ...part,
});

test('what is ticked and has a name goes onto the shelf, as pots that can be kept', () => {
  const put = potsOf([
    begun(),
    begun({ key: 'field 2', name: '  ' }),
    begun({ key: 'field 3', isIn: false }),
    begun({ key: 'field 4', name: ' Reed Ink ', swatchShows: 'one coat over white' }),
  ]);
  expect(put.map(({ name }) => name)).toEqual(['Marsh Light', 'Reed Ink']);
  expect(put[1].swatchShows).toBe('one coat over white');
  for (const pot of put) expect(potSchema.safeParse(pot).success).toBe(true);
});

test('each gets an identifier of its own', () => {
  const [one, other] = potsOf([begun(), begun({ key: 'field 2' })]);
  expect(one.id).not.toBe(other.id);
});

test('a name that is missing, or on the shelf already, is said', () => {
  expect(wrongName(begun({ name: '' }), pots)).toBe('Give it a name.');
  expect(wrongName(begun({ name: pots[0].name.toUpperCase() }), pots)).toContain('already');
  expect(wrongName(begun({ name: 'Nobody has this' }), pots)).toBeNull();
});
