import fc from 'fast-check';
import { anyRecipe } from '../testing/anyRecipe';
import { mixOf, pots, recipeWith, shelf, stepWith } from '../testing/sampleRecipe';
import { potIdsOf } from '../written/recipe/recipe';
import { fileVersion, ledgerFileOf, writeLedgerFile } from './ledgerFile';
import { LedgerFileError } from './ledgerFileReading';
import { ledgerFileText } from './ledgerFileWriting';
import { readLedgerFile } from './readLedgerFile';
import { runs } from '../testing/longTests';

const step = stepWith({ id: 'one', mix: mixOf({ yellow: 3, brown: 1 }) });

describe('a ledger file', () => {
  const recipe = recipeWith([step, stepWith({ id: 'two', mix: mixOf({ yellow: 1, bone: 2 }) })]);
  const written = JSON.stringify(writeLedgerFile([recipe], shelf));

  test('brings back the recipe and just the pots it draws from', () => {
    const { file: read } = readLedgerFile(written);
    expect(read.recipes).toEqual([recipe]);
    expect(read.pots.map(({ id }) => id).sort()).toEqual([...potIdsOf(recipe)].sort());
  });

  test('of any recipe survives the round trip', () => {
    fc.assert(
      fc.property(anyRecipe, (any) => {
        expect(readLedgerFile(ledgerFileText(writeLedgerFile([any], shelf))).file.recipes).toEqual([
          any,
        ]);
      }),
      { numRuns: runs(40) },
    );
  });

  test('cut off anywhere is refused with a reason, never half read', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: written.length - 1 }), (length) => {
        expect(() => readLedgerFile(written.slice(0, length))).toThrow(LedgerFileError);
      }),
    );
  });

  test.each([
    ['{"format":"yellow-ledger","version":4}', 'has format 4'],
    ['{"format":"cookbook","version":1}', 'no yellow-ledger file'],
    ['[]', 'no yellow-ledger file'],
    ['{"format":"yellow-ledger","version":1,"pots":[],"recipes":4}', 'recipes is 4; it should be'],
  ])('%s is refused: %s', (text, reason) => {
    expect(() => readLedgerFile(text)).toThrow(reason);
  });

  test('whose recipe draws from a pot that is not in it is refused', () => {
    const file = { ...JSON.parse(written), pots: [] };
    expect(() => readLedgerFile(JSON.stringify(file))).toThrow(
      'one of the recipes whose pots are all in',
    );
  });
});

describe('a file of everything', () => {
  const recipe = recipeWith([step]);
  const everything = ledgerFileOf({
    pots: Object.values(pots),
    recipes: [recipe],
    versions: [
      {
        recipeId: recipe.id,
        number: 1,
        note: 'first',
        frozenAt: '2026-03-01T18:00:00.000Z',
        content: recipe,
      },
    ],
    palettes: [
      {
        id: 'table',
        name: 'My table',
        keeping: 'damp',
        wells: [
          {
            id: 'w1',
            name: 'Well 1',
            pots: [{ potId: 'red', ml: 0.2 }],
            waterMl: 0.1,
            mediumMl: 0,
            freshAt: '2026-03-01T18:00:00.000Z',
          },
        ],
      },
    ],
  });

  test('comes back whole', () => {
    expect(readLedgerFile(ledgerFileText(everything))).toEqual({ file: everything, sections: [] });
  });

  test('a version or a well that draws from a pot the file lacks is refused', () => {
    const without = (potId: string) =>
      ledgerFileText({ ...everything, pots: everything.pots.filter(({ id }) => id !== potId) });
    expect(() => readLedgerFile(without('red'))).toThrow('one of the palettes whose pots');
    expect(() => readLedgerFile(without('yellow'))).toThrow('one of the recipes whose pots');
    const [palette] = everything.palettes ?? [];
    const [well] = palette.wells;
    const wanted = { pots: [{ potId: 'nowhere', share: 1 }], load: 1 };
    const wanting = { ...palette, wells: [{ ...well, wanted }] };
    expect(() => readLedgerFile(ledgerFileText({ ...everything, palettes: [wanting] }))).toThrow(
      'nowhere is not',
    );
  });

  /** The file as a later minor version would write it, with fields and a part nobody knows here. */
  const newer = () => {
    const file = JSON.parse(ledgerFileText(everything));
    file.minor = 9;
    file.diary = [{ id: 'levy', units: [1, 2] }];
    file.pots[0].lot = 'B12';
    file.recipes[0].steps[0].mix.parts[0].stirred = true;
    file.versions[0].signedBy = 'Wren';
    file.versions[0].content.steps[0].glow = { strength: 2 };
    file.palettes[0].wells[0].lid = 'cork';
    return file;
  };

  test('of a newer minor version loses nothing on the way through', () => {
    const { file, sections } = readLedgerFile(JSON.stringify(newer()));
    expect(sections).toEqual([{ name: 'diary', value: [{ id: 'levy', units: [1, 2] }], since: 9 }]);
    expect(JSON.parse(ledgerFileText({ ...file, minor: 1 }, sections))).toEqual(newer());
  });

  test('of this version, what is not known is a mistake and is named', () => {
    expect(() => readLedgerFile(JSON.stringify({ ...newer(), minor: 1 }))).toThrow(
      'no field called',
    );
  });

  test('a part kept from before it was known does not write over what is kept now', () => {
    const sections = [{ name: 'palettes', value: [], since: 9 }];
    const out = JSON.parse(ledgerFileText(everything, sections));
    expect(out.palettes).toHaveLength(1);
    expect(out.minor).toBe(9);
  });

  test('of a newer format is refused, and says what to do', () => {
    const later = { ...newer(), version: fileVersion + 1 };
    expect(() => readLedgerFile(JSON.stringify(later))).toThrow(/reads up to 3\. Update it/);
  });
});
