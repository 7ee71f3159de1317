import fc from 'fast-check';
import { potFinishes, potFlows, potKinds, type Pot } from '../../written/pot/pot';
import { anyHex } from '../../testing/arbitraries';
import { pots, potWith } from '../../testing/sampleRecipe';
import { readGimpPalette, writeGimpPalette } from '../gimpPalette';
import { readFigure } from './potColumns';
import { guessMapping, readCell, readTable, writePotCsv } from './potCsv';
import { TableError } from './potTable';
import { previewPots } from './previewPots';

let made = 0;
const newId = () => `new${made++}`;
const now = '2026-03-02T18:00:00.000Z';
const keptOf = (content: Pot) => ({ content, revision: 3, savedAt: '2026-03-01T18:00:00.000Z' });

/** Everything a file would do to a shelf. */
function previewOf(text: string, shelf: readonly Pot[] = []) {
  const table = readTable(text);
  const previewer = previewPots(table, guessMapping(table.header), shelf.map(keptOf), newId, now);
  previewer.look(0, table.rows.length);
  return previewer.preview;
}

const anyPot = fc
  .record({
    id: fc.uuid(),
    // A cell is trimmed, and a name is one line.
    name: fc.string({ minLength: 1, maxLength: 40 }).filter((name) => name.trim() !== ''),
    kind: fc.constantFrom(...potKinds),
    finish: fc.constantFrom(...potFinishes),
    flow: fc.constantFrom(...potFlows),
    swatch: anyHex,
    hiding: fc.integer({ min: 0, max: 100 }).map((percent) => percent / 100),
    hidingIsGuess: fc.boolean(),
    volumeMl: fc.option(fc.integer({ min: 0, max: 400 })),
    notes: fc.string({ maxLength: 60 }).map((note) => note.trim()),
    retired: fc.boolean(),
  })
  .map((pot) => ({ ...pot, name: pot.name.trim() }));

test('what goes out as a table comes back as it was', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(anyPot, {
        minLength: 1,
        maxLength: 6,
        selector: ({ name }) => name.toLocaleLowerCase(),
      }),
      (shelf) => {
        // An apostrophe before a sign that begins a formula is what keeps it from being run.
        fc.pre(
          shelf.every(({ name, notes }) => !/^'[=+\-@]/.test(name) && !/^'[=+\-@]/.test(notes)),
        );
        const text = writePotCsv(shelf);
        expect(previewOf(text)).toMatchObject({ bad: [], fresh: shelf });
        expect(previewOf(text, shelf)).toEqual({
          bad: [],
          fresh: [],
          changed: [],
          same: shelf.length,
        });
      },
    ),
  );
});

test.each(['=cmd|calc', '+1+1', '-2', '@sum(a1)'])(
  '%s goes out as text, not as a formula',
  (name) => {
    const text = writePotCsv([potWith({ id: 'a', name, notes: name })]);
    const [row] = readTable(text).rows;
    expect(row[1]).toBe(`'${name}`);
    expect(readCell(row[1])).toBe(name);
    expect(text).not.toMatch(/(^|,|")[=+@-][^,]/m);
  },
);

test.each(['=1\n2', ' =cmd', '\u3000=1', '＝1+1', '＋1', '－1', '＠sum', '\n@x'])(
  '%j is kept from being run as well',
  (notes) => {
    const [row] = readTable(writePotCsv([potWith({ id: 'a', notes })])).rows;
    expect(row.filter((cell) => cell.startsWith("'"))).toHaveLength(1);
    expect(readCell(row.find((cell) => cell.startsWith("'")))).toBe(notes.trimEnd());
  },
);

test('semicolons, decimal commas, a byte order mark and quotes inside quotes are read', () => {
  const { fresh, bad } = previewOf(
    '\ufeffName;Hex;Hiding;ml\r\n"Peat ""old"" one; dark";#33261d;0,92;17,5\r\nReed;211 199 150;58 %;\r\n',
  );
  expect(bad).toEqual([]);
  expect(fresh).toMatchObject([
    { name: 'Peat "old" one; dark', swatch: '#33261d', hiding: 0.92, volumeMl: 17.5 },
    { name: 'Reed', swatch: '#d3c796', hiding: 0.58, volumeMl: null },
  ]);
});

test.each([
  ['12.5', 12.5],
  ['12,5', 12.5],
  ['1.234,5', 1234.5],
  ['1,234.5', 1234.5],
  ['1 234,5', 1234.5],
  ['0,42', 0.42],
])('the figure %s', (cell, figure) => expect(readFigure(cell)).toBe(figure));

test('every bad row is named with all its reasons, and the others go on', () => {
  const { fresh, bad } = previewOf(
    'name,kind,swatch,hiding,opened on\nPeat,paint,#33261d,0.9,2026-03-01\n,glue,mud,3,soon\nSedge,paint,#66713a,4,\nPeat,paint,#000000,0.5,\n',
  );
  expect(fresh.map(({ name }) => name)).toEqual(['Peat']);
  expect(fresh[0].openedOn).toBe('2026-03-01');
  expect(bad).toEqual([
    {
      row: 3,
      reasons: [
        'kind is “glue”; it should be one of paint, ink, wash, one-coat, medium, primer, varnish.',
        'swatch is “mud”; it should be a colour, as #d99a1f or 217 154 31.',
        'opened on is “soon”; it should be a day, as 2026-03-01 or 1.3.2026.',
        'name is empty; a pot needs one.',
      ],
    },
    { row: 4, reasons: ['hiding is 4; it should be a number from 0 to 1.'] },
    { row: 5, reasons: ['it is the same pot as row 2.'] },
  ]);
});

test('taken in again it updates and does not double, and an empty cell leaves what is there', () => {
  const shelf = [{ ...pots.red, notes: 'My own note' }];
  const { fresh, changed, same } = previewOf('name,ml,notes\nRED,4,\nbrand new,,\n', shelf);
  expect(same).toBe(0);
  expect(fresh.map(({ name }) => name)).toEqual(['brand new']);
  expect(fresh[0].hidingIsGuess).toBe(true);
  expect(changed).toEqual([
    { pot: { ...shelf[0], name: 'RED', volumeMl: 4, measuredAt: now }, revision: 3 },
  ]);
});

test('the same name on a friend’s shelf is another pot', () => {
  const { fresh, changed } = previewOf('name,shelf\nred,Wren\n', [pots.red]);
  expect(changed).toEqual([]);
  expect(fresh).toMatchObject([{ name: 'red', owner: 'Wren' }]);
});

test('a file without a table says so', () => {
  expect(() => readTable('')).toThrow(TableError);
  expect(() => readTable('name,hex\n')).toThrow('a line for each pot');
});

describe('a palette file', () => {
  test('goes out and comes back with its names and colours', () => {
    fc.assert(
      fc.property(fc.array(anyPot, { minLength: 1, maxLength: 8 }), (shelf) => {
        const { rows } = readGimpPalette(writeGimpPalette(shelf, 'Fen'));
        const table = `name;swatch\n${rows.map(([, rgb], i) => `p${i};${rgb}`).join('\n')}`;
        expect(previewOf(table).fresh.map(({ swatch }) => swatch)).toEqual(
          shelf.map(({ swatch }) => swatch),
        );
        expect(rows.map(([name]) => name)).toEqual(
          shelf.map(({ name }) => name.replace(/\s+/g, ' ').trim()),
        );
      }),
    );
  });

  test('remarks and settings in it are passed over; colours without a name get one', () => {
    const { rows } = readGimpPalette(
      'GIMP Palette\r\nName: x\r\nColumns: 4\r\n# y\r\n1 2 3\r\n  4   5 6\tTwo words\r\n',
    );
    expect(rows).toEqual([
      ['Colour 3', '1 2 3'],
      ['Two words', '4 5 6'],
    ]);
  });

  test('what is none says so', () => {
    expect(() => readGimpPalette('name,hex\na,#fff')).toThrow('This is no palette file');
    expect(() => readGimpPalette('GIMP Palette\n#\n')).toThrow('no colour in this palette');
  });
});
