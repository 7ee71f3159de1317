import { potWith } from '../../../testing/sampleRecipe';
import { PotNames } from '../potNames';
import { readPuddle } from './readPuddle';

const names = new PotNames([
  potWith({ id: 'ochre', name: 'Ditch Ochre' }),
  potWith({ id: 'white', name: 'Gull White', brushfulDrops: 3 }),
  potWith({ id: 'fen', name: 'Fen Umber' }),
  potWith({ id: 'raw', name: 'Raw Umber' }),
]);
const inPuddle = new Set(['ochre', 'fen']);
const read = (sentence: string) => readPuddle(sentence, names, inPuddle);
const ochre = { potId: 'ochre' };
const white = { potId: 'white' };
const fen = { potId: 'fen' };

test.each([
  ['drop more ochre', [{ of: ochre, drops: 1 }]],
  ['two drops of white', [{ of: white, drops: 2 }]],
  ['a touch more ochre', [{ of: ochre, drops: 0.5 }]],
  ['bit thinner', [{ of: 'water', drops: 0.5 }]],
  ['thinner', [{ of: 'water', drops: 1 }]],
  ['half a brush of water', [{ of: 'water', drops: 1 }]],
  ['a brushful of white', [{ of: white, drops: 3 }]],
  ['one drop less umber', [{ of: fen, drops: -1 }]],
  ['take a drop of ochre out', [{ of: ochre, drops: -1 }]],
  [
    '2 water 1 ochre',
    [
      { of: 'water', drops: 2 },
      { of: ochre, drops: 1 },
    ],
  ],
  [
    'ochre 2 drops and a dab of medium',
    [
      { of: ochre, drops: 2 },
      { of: 'medium', drops: 0.5 },
    ],
  ],
  ['no, too dark, another drop of gull white', [{ of: white, drops: 1 }]],
])('“%s” is understood', (sentence, more) => {
  expect(read(sentence)).toEqual({ is: 'drops', more });
});

test.each([
  ['thicker', 'Water does not come out again'],
  ['lighter', 'Say which pot makes it lighter'],
  ['a drop of marmalade', 'names no pot on the shelf'],
  ['', 'Say a pot, water or medium'],
])('“%s” is asked about', (sentence, message) => {
  expect(read(sentence)).toEqual({ is: 'unclear', message: expect.stringContaining(message) });
});

test('a name of several pots is the one in the puddle, and asked about where none is', () => {
  expect(readPuddle('drop of umber', names, new Set())).toEqual({
    is: 'unclear',
    message: 'Which one: Fen Umber, Raw Umber?',
  });
});
