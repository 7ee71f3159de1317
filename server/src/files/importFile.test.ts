import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ledgerFileOf, ledgerFileText, type LedgerFile } from '@yellow-ledger/core';
import { openLedger, type Ledger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { sampleArmy } from '../demo/sampleArmy';
import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';
import { exportAll } from './exportAll';
import { importFile, takeLargeFileIn } from './importFile';

const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-take-'));
let made = 0;
const open: Ledger[] = [];
async function newLedger(): Promise<Ledger> {
  const database = join(folder, `${++made}.sqlite`);
  const ledger = openLedger(await openDatabase(database), database);
  open.push(ledger);
  return ledger;
}
afterEach(async () => {
  for (const ledger of open.splice(0)) await ledger.db.destroy();
});

const at = '2026-03-01T18:00:00.000Z';
const recipe = sampleRecipes[0];
const coat = (id: string, model: number) => ({
  kind: 'learned' as const,
  id,
  benchId: 'bench',
  at,
  order: model,
  what: 'film' as const,
  factor: 1.2,
  readings: 4,
  before: 4,
  after: 2,
});
const strike = (id: string, of: string) => ({
  kind: 'strike' as const,
  id,
  benchId: 'bench',
  at,
  order: 9,
  of,
});
const file = ledgerFileOf({
  pots: samplePots,
  recipes: sampleRecipes,
  armies: [sampleArmy],
  versions: [{ recipeId: recipe.id, number: 1, note: 'first', frozenAt: at, content: recipe }],
  log: [coat('one', 1), coat('two', 2), strike('three', 'one')],
});

/** Takes a file into a ledger in one way. @returns what it says, and all the ledger holds then */
async function taken(way: typeof importFile, what: LedgerFile, before: LedgerFile[]) {
  const ledger = await newLedger();
  const take = async (as: typeof importFile, content: LedgerFile) => {
    const path = join(folder, `${++made}.json`);
    writeFileSync(path, ledgerFileText(content));
    return as({ path, staging: `${path}-staging`, mayWrite: () => ledger });
  };
  for (const each of before) await take(importFile, each);
  const { recipes, ...imported } = await take(way, what);
  const text = await ledger.db.transaction(async (within) => {
    let whole = '';
    for await (const part of exportAll(ledger, within)) whole += part;
    return whole;
  });
  const used = [...(await ledger.records.pots.list())].map(({ content, revision, usedMl }) => [
    content.id,
    revision,
    usedMl,
  ]);
  // A copy gets a new identifier each time.
  const isCopied = recipes.map(({ name, asCopy }) => [name, asCopy]);
  return { isCopied, imported, text: text.replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, 'id'), used };
}

const others: [string, LedgerFile[]][] = [
  ['nothing', []],
  ['other things', [ledgerFileOf({ pots: [{ ...samplePots[0], id: 'own' }], recipes: [] })]],
  ['one of its pots', [ledgerFileOf({ pots: [samplePots[0]], recipes: [] })]],
  ['all of it', [file]],
  [
    'another recipe of that name, and entries',
    [
      ledgerFileOf({
        pots: samplePots,
        recipes: [{ ...recipe, name: 'Own' }],
        log: [coat('two', 7), strike('own', 'three')],
      }),
    ],
  ],
];

test.each(others)('a ledger that has %s gets the same either way', async (_, before) => {
  const quick = await taken(takeLargeFileIn, file, before);
  expect(quick).toEqual(await taken(importFile, file, before));
  expect(readdirSync(folder).filter((name) => /staging|apart/.test(name))).toEqual([]);
});

test('a file of which nothing is right is not read to its end', async () => {
  const ledger = await newLedger();
  const path = join(folder, `${++made}.json`);
  const pots = Array.from({ length: 20_000 }, () => ({}));
  writeFileSync(path, JSON.stringify({ ...file, pots }));
  const taking = importFile({ path, staging: `${path}-staging`, mayWrite: () => ledger });
  await expect(taking).rejects.toThrow('the rest was not read');
});
