import { mkdirSync, mkdtempSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../db/openDatabase';
import { keepFilesPrivate } from './ownFiles';

let umask: number;
beforeEach(() => (umask = process.umask(0o022)));
afterEach(() => process.umask(umask));

const others = (file: string) => statSync(file).mode & 0o077;

test('what an older release left readable, and what is written from now on, is its owner’s alone', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-private-'));
  const backups = join(folder, 'backups');
  mkdirSync(backups);
  const left = [
    'ledger.sqlite',
    'ledger.sqlite-wal',
    'ledger-before-2026-11-26.sqlite',
    'server.log',
    'backups/ledger-2026-11-26T18-00-00Z.sqlite',
  ].map((name) => join(folder, name));
  const another = join(folder, 'another.txt');
  for (const file of [...left, another]) writeFileSync(file, '');
  expect([...left, another].map(others)).toEqual(left.map(() => 0o044).concat(0o044));

  keepFilesPrivate(join(folder, 'ledger.sqlite'), backups);
  expect(left.map(others)).toEqual(left.map(() => 0));
  expect(others(another)).toBe(0o044);

  const made = join(folder, 'made.sqlite');
  await (await openDatabase(made)).destroy();
  expect(others(made)).toBe(0);
});
