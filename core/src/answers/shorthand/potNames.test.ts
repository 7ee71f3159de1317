import fc from 'fast-check';
import { potWith } from '../../testing/sampleRecipe';
import { PotNames } from './potNames';
import { wordsOf } from './words';

const named = (...names: string[]) =>
  new PotNames(names.map((name, index) => potWith({ id: `p${index}`, name })));
const foundIn = (names: PotNames, words: string) => {
  const found = names.foundAt(wordsOf(words), 0);
  return found && { length: found.length, pots: found.pots.map(({ name }) => name) };
};

test('the whole of a name is found before a part of another', () => {
  const names = named('Bone', 'Old Bone', 'Bone Wash');
  expect(foundIn(names, 'bone')).toEqual({ length: 1, pots: ['Bone'] });
  expect(foundIn(names, 'bone wash')).toEqual({ length: 2, pots: ['Bone Wash'] });
  expect(foundIn(names, 'old bone wash')).toEqual({ length: 2, pots: ['Old Bone'] });
});

test('any word of a name stands for it, and the beginning of a word from three letters on', () => {
  const names = named('Ditch Ochre');
  expect(foundIn(names, 'ochre')).toEqual({ length: 1, pots: ['Ditch Ochre'] });
  expect(foundIn(names, 'och')).toEqual({ length: 1, pots: ['Ditch Ochre'] });
  expect(foundIn(names, 'oc')).toBeNull();
  expect(foundIn(names, 'hre')).toBeNull();
});

test('a whole word is found before the beginning of one', () => {
  const names = named('Redshank', 'Barn Red');
  expect(foundIn(names, 'red')?.pots).toEqual(['Barn Red']);
});

test('where several are as near, all of them are found', () => {
  expect(foundIn(named('Heron Blue', 'Heron Grey'), 'heron')?.pots).toEqual([
    'Heron Blue',
    'Heron Grey',
  ]);
});

test('a retired pot is found by its whole name alone', () => {
  const names = new PotNames([potWith({ id: 'old', name: 'Fen Umber', retired: true })]);
  expect(names.foundAt(wordsOf('umber'), 0)).toBeNull();
  expect(names.foundAt(wordsOf('fen umber'), 0)?.isWhole).toBe(true);
});

test('pots of one name come in the order of their identifiers, whatever order they stand in', () => {
  const one = potWith({ id: 'a', name: 'Dry Sand' });
  const other = potWith({ id: 'b', name: 'dry sand' });
  expect(new PotNames([other, one]).called('Dry Sand')).toEqual([one, other]);
  expect(new PotNames([other, one]).called('b')).toEqual([other]);
});

test('any name of words is found by itself, whole', () => {
  const anyName = fc.array(fc.stringMatching(/^[A-Z][a-z]{2,7}$/), { minLength: 1, maxLength: 4 });
  fc.assert(
    fc.property(
      fc.uniqueArray(anyName, {
        minLength: 1,
        maxLength: 12,
        selector: (n) => n.join(' ').toLowerCase(),
      }),
      (all) => {
        const names = named(...all.map((words) => words.join(' ')));
        for (const words of all) {
          const found = names.foundAt(wordsOf(words.join(' ')), 0);
          expect(found?.isWhole).toBe(true);
          expect(found?.pots.map(({ name }) => name)).toEqual([words.join(' ')]);
        }
      },
    ),
  );
});
