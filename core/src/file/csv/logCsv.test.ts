import { WrittenLog } from '../../testing/sampleLog';
import { readTable } from './potCsv';
import { writeLogCsv } from './logCsv';

const names = {
  army: () => 'Levy',
  unit: () => '=Watch',
  surface: () => 'Cloak',
  pot: (id: string) => id,
  recipe: (id: string) => id,
};

test('a log goes into a table: a row for everything that counts, and nothing a spreadsheet would run', () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1, 3], { minutes: 6.5, differs: ['more thinner'] });
  log.line('skip', 5, 'shade', [1]);
  log.coat(9, 'helm', 'copper', 1, [2]);
  log.strike(10, 'e2');
  const { header, rows } = readTable(writeLogCsv(log.entries, names));
  const cell = (row: number, column: string) => rows[row][header.indexOf(column)];
  expect(rows).toHaveLength(2);
  expect(cell(0, 'Models')).toBe('1 3');
  expect(cell(0, 'Mix')).toBe('brown 75 % + bone 25 %');
  expect(cell(0, 'Differs')).toBe('more thinner');
  expect(cell(0, 'Hands-on (min)')).toBe('6.5');
  expect(cell(0, 'Unit')).toBe("'=Watch");
  expect(cell(1, 'What')).toBe('skip');
});
