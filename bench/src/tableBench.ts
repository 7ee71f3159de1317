import {
  bringBack,
  guessMapping,
  previewPots,
  readTable,
  shelfOf,
  substitutes,
  wantedOf,
  type Pot,
  type Well,
} from '@yellow-ledger/core';
import Papa from 'papaparse';
import { medianMs, ms, times } from './measure';

const hexOf = (n: number) => `#${((n * 7919) % 0xffffff).toString(16).padStart(6, '0')}`;

function tableOf(rows: number): string {
  const lines = Array.from(
    { length: rows },
    (_, n) => `Pot ${n};${hexOf(n)};0,${10 + (n % 89)};paint;17,5;a note on it`,
  );
  return ['name;hex;hiding;kind;ml;notes', ...lines].join('\r\n');
}

const potOf = (n: number): Pot => ({
  id: `p${n}`,
  name: `Pot ${n}`,
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: hexOf(n + 1),
  hiding: 0.1 + (n % 8) / 10,
  hidingIsGuess: false,
  volumeMl: 17,
  notes: '',
  retired: false,
});

/** Reading and looking at tables of pots, beside only parting them into cells. */
const savedAt = '2026-03-01T18:00:00.000Z';

export function benchTables(): void {
  console.log('\nTables of pots looked at (in the worker: 2,500 rows and then a word on how far)');
  const shelf = Array.from({ length: 300 }, (_, n) => ({
    content: potOf(n),
    revision: 1,
    savedAt,
  }));
  for (const rows of [5000, 100_000]) {
    const text = tableOf(rows);
    let made = 0;
    const look = () => {
      const table = readTable(text);
      const mapping = guessMapping(table.header);
      const previewer = previewPots(table, mapping, shelf, () => `n${made++}`, savedAt);
      previewer.look(0, rows);
    };
    const bare = medianMs(() => Papa.parse(text), 3);
    const all = medianMs(look, 3);
    console.log(
      `  ${rows.toLocaleString('en').padStart(7)} rows   ${ms(all)}, of it parting into cells ${ms(bare)}   ${times(all / bare)}`,
    );
  }
}

/** A well brought back, and a pot replaced, on a shelf of 60 and of 300. */
export function benchShelfWork(): void {
  console.log('\nAt the shelf and the palette');
  for (const count of [60, 300]) {
    const pots = Array.from({ length: count }, (_, n) => potOf(n));
    const shelf = shelfOf(pots);
    const took = medianMs((round) => substitutes(pots[round], shelf), 3);
    console.log(`  stand-ins for a pot, shelf of ${count}   ${ms(took)}`);
  }
  const shelf = shelfOf([1, 2, 3, 4].map(potOf));
  const well = (drops: number[], water: number): Well => ({
    id: 'w',
    name: 'Well',
    pots: drops.map((count, n) => ({ potId: `p${n + 1}`, ml: count * 0.05 })),
    waterMl: water * 0.05,
    mediumMl: 0,
    freshAt: '2026-03-01T18:00:00.000Z',
  });
  for (const pots of [2, 3, 4]) {
    const wanted = wantedOf(well([6, 3, 2, 1].slice(0, pots), 8));
    const tired = well([3, 4, 2, 2].slice(0, pots), 2);
    if (!wanted) continue;
    const back = bringBack(tired, wanted, shelf);
    const took = medianMs(() => bringBack(tired, wanted, shelf), 3);
    console.log(`  a well of ${pots} pots brought back in ${back?.drops} drops   ${ms(took)}`);
  }
}
