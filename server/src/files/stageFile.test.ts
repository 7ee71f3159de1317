import { mkdtempSync, existsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  LedgerFileError,
  ledgerFileOf,
  ledgerFileText,
  readLedgerFile,
  type FileListName,
} from '@yellow-ledger/core';
import fc from 'fast-check';
import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';
import { stageFile } from './stageFile';
import { heldFile, type TakenFile } from './takenFile';
import { runs } from '../../../core/src/testing/longTests';

const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-'));
let files = 0;
async function staged(text: string) {
  const path = join(folder, `${++files}.json`);
  writeFileSync(path, text);
  return stageFile(path, `${path}.staging`);
}

const lists: FileListName[] = ['pots', 'recipes', 'versions', 'log'];
const wholeOf = (file: TakenFile, size: number) => ({
  sections: file.sections,
  lists: lists.map((list) => [list, file.has(list), [...file.batches(list, size)].flat()]),
});

const version = {
  recipeId: 'reed-cloak',
  number: 1,
  note: '“first”, \\ and é',
  frozenAt: '2026-03-01T18:00:00.000Z',
  content: sampleRecipes[0],
};
const file = ledgerFileOf({ pots: samplePots, recipes: sampleRecipes, versions: [version] });

test('a file read piece by piece is what it is as a whole', async () => {
  const text = ledgerFileText(file, [{ name: 'diary', value: [{ id: 'levy' }], since: 9 }]);
  const read = await staged(text);
  expect(wholeOf(read, 4)).toEqual(wholeOf(heldFile(readLedgerFile(text)), 4));
  expect(read.count('recipes')).toBe(sampleRecipes.length);
  read.close();
});

test('in whatever order its parts stand', async () => {
  const { format, version: of, minor, ...rest } = file;
  const text = JSON.stringify({
    recipes: rest.recipes,
    minor,
    pots: rest.pots,
    version: of,
    format,
  });
  const read = await staged(text);
  expect([...read.batches('recipes', 100)].flat()).toEqual(sampleRecipes);
  read.close();
});

test('what is refused as a whole is refused piece by piece, in the same words', async () => {
  // A file of the usual kind, and not a long one: it is read sixty times, and twice.
  const small = { ...file, recipes: sampleRecipes.slice(0, 4) };
  const whole = JSON.stringify(small);
  const broken = fc.oneof(
    fc.integer({ min: 0, max: whole.length - 1 }).map((length) => whole.slice(0, length)),
    fc
      .tuple(fc.constantFrom('pots', 'recipes', 'versions', 'diary'), fc.jsonValue())
      .map(([part, value]) => JSON.stringify({ ...small, [part]: value })),
    fc
      .tuple(fc.nat(samplePots.length - 1), fc.constantFrom('hiding', 'kind', 'id'), fc.jsonValue())
      .map(([index, field, value]) =>
        JSON.stringify({
          ...small,
          pots: samplePots.map((pot, i) => (i === index ? { ...pot, [field]: value } : pot)),
        }),
      ),
  );
  await fc.assert(
    fc.asyncProperty(broken, async (text) => {
      let expected: unknown = null;
      try {
        readLedgerFile(text);
      } catch (error) {
        expected = error;
      }
      if (expected === null) return (await staged(text)).close();
      expect(expected).toBeInstanceOf(LedgerFileError);
      await expect(staged(text)).rejects.toThrow((expected as Error).message);
    }),
    { numRuns: runs(60) },
  );
});

test('more of everything than a file had before comes in', async () => {
  const recipes = Array.from({ length: 1100 }, (_, i) => ({ ...sampleRecipes[1], id: `r${i}` }));
  const read = await staged(JSON.stringify({ ...file, recipes }));
  expect(read.count('recipes')).toBe(1100);
  read.close();
});

test('one thing larger than any is not looked through, and nothing is left behind', async () => {
  const steps = Array<number>(1_600_000).fill(0);
  const text = JSON.stringify({ ...file, recipes: [{ ...sampleRecipes[0], steps }] });
  await expect(staged(text)).rejects.toThrow('recipes.0 has 3.2 MB; it should have at most 3 MB.');
  expect(existsSync(join(folder, `${files}.json.staging`))).toBe(false);
});

test('what is nested too deep is refused before it is read', async () => {
  const deep = `{"format":"yellow-ledger","version":3,"pots":${'['.repeat(5000)}`;
  await expect(staged(deep)).rejects.toThrow('nested deeper than 40 levels');
});
