import { copyFileSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import fc from 'fast-check';
import { openDatabase } from '../db/openDatabase';
import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';
import { testApp } from '../testApp';
import { openLedger } from '../db/ledger';
import { workHere } from '../work/workHere';
import { backupWhenDue, listBackups, makeBackup } from './backups';
import { backupName, backupsAmong, notKept } from './keptBackups';
import { restore } from './restore';

const folder = () => mkdtempSync(join(tmpdir(), 'yellow-ledger-backup-'));
const day = 86_400_000;

describe('which are kept', () => {
  const now = new Date('2026-11-26T12:00:00Z');
  const madeAt = (ages: readonly number[]) =>
    backupsAmong(ages.map((age) => backupName(new Date(now.getTime() - age * day))));
  const left = (ages: readonly number[]) => {
    const all = madeAt(ages);
    const gone = new Set(notKept(all, now));
    return all.filter((each) => !gone.has(each));
  };

  test('of a year of days: seven days and four weeks', () => {
    const kept = left(Array.from({ length: 365 }, (_, i) => i));
    expect(kept.slice(0, 7).map(({ madeAt: at }) => at.slice(0, 10))).toEqual(
      Array.from({ length: 7 }, (_, i) =>
        new Date(now.getTime() - i * day).toISOString().slice(0, 10),
      ),
    );
    expect(kept.length).toBeGreaterThanOrEqual(9);
    expect(kept.length).toBeLessThanOrEqual(11);
  });

  test('the newest always, and of one day the last', () => {
    expect(left([400, 500])).toEqual(madeAt([400]));
    expect(left([0.1, 0.2, 0.3])).toEqual(madeAt([0.1]));
  });

  test('whatever lies there: few are kept, and looking again throws nothing more away', () => {
    const ages = fc.uniqueArray(fc.integer({ min: 0, max: 60_000 }), { maxLength: 60 });
    fc.assert(
      fc.property(ages, (minutes) => {
        const kept = left(minutes.map((each) => each / 1000));
        expect(kept.length).toBeLessThanOrEqual(12);
        expect(kept.length > 0).toBe(minutes.length > 0);
        expect(notKept(kept, now)).toEqual([]);
      }),
    );
  });

  test('what else lies in the folder is no backup', () => {
    expect(backupsAmong(['ledger.sqlite', 'notes.txt', `${backupName(now)}.unfinished`])).toEqual(
      [],
    );
  });
});

describe('a backup', () => {
  let server: Awaited<ReturnType<typeof testApp>>;
  beforeEach(async () => {
    server = await testApp();
    await server.post('/api/demo/sample', {}).expect(204);
  });
  afterEach(() => server.close());

  const everythingOf = async (file: string) => {
    const db = await openDatabase(file);
    const rows = await db<{ content: string }>('recipes').orderBy('id').pluck('content');
    await db.destroy();
    return rows;
  };

  test('is made once a day, beside the running server, and brings everything back', async () => {
    const where = folder();
    const db = await openDatabase(server.file);
    const now = new Date('2026-11-26T12:00:00Z');
    const name = await backupWhenDue(workHere(openLedger(db, server.file)), where, now);
    expect(
      await backupWhenDue(
        workHere(openLedger(db, server.file)),
        where,
        new Date(now.getTime() + 23 * 3_600_000),
      ),
    ).toBeNull();
    expect(
      await backupWhenDue(
        workHere(openLedger(db, server.file)),
        where,
        new Date(now.getTime() + day),
      ),
    ).not.toBeNull();
    await db.destroy();
    expect(listBackups(where)).toHaveLength(2);
    expect(listBackups(where)[1]).toMatchObject({ name, madeAt: '2026-11-26T12:00:00Z' });
    const target = join(folder(), 'ledger.sqlite');
    const { counts, replaced } = await restore(join(where, name!), target);
    expect(counts).toMatchObject({ pot: samplePots.length, recipe: sampleRecipes.length });
    expect(replaced).toBeNull();
    expect(await everythingOf(target)).toEqual(await everythingOf(server.file));
  });

  test('two that are asked for together are made one after the other', async () => {
    const where = folder();
    const db = await openDatabase(server.file);
    const work = workHere(openLedger(db, server.file));
    const at = (second: number) => new Date(Date.UTC(2026, 10, 26, 12, 0, second));
    const names = await Promise.all([0, 1, 2].map((nth) => makeBackup(work, where, at(nth))));
    await db.destroy();
    expect(readdirSync(where).sort()).toEqual([...names, 'pictures']);
  });

  test('one that was cut off is thrown away by the next', async () => {
    const where = folder();
    writeFileSync(join(where, `${backupName(new Date(0))}.unfinished`), 'half');
    const db = await openDatabase(server.file);
    const name = await makeBackup(workHere(openLedger(db, server.file)), where);
    await db.destroy();
    expect(readdirSync(where).sort()).toEqual([name, 'pictures']);
  });

  test('what was there is kept beside it, with what stood in its journal', async () => {
    const where = folder();
    const db = await openDatabase(server.file);
    const name = await makeBackup(workHere(openLedger(db, server.file)), where);
    await db.destroy();
    const other = await testApp();
    await other.put('/api/pots/mine', { content: { ...samplePots[0], id: 'mine' }, revision: 0 });
    await other.close();
    const { replaced } = await restore(join(where, name), other.file);
    const kept = await openDatabase(replaced!);
    expect(await kept('pots').pluck('id')).toEqual(['mine']);
    await kept.destroy();
    expect(await everythingOf(other.file)).toHaveLength(sampleRecipes.length);
  });

  test('a file under a running server, copied with its journal, comes back whole', async () => {
    const where = folder();
    for (const ending of ['', '-wal', '-shm'])
      copyFileSync(server.file + ending, join(where, `copy.sqlite${ending}`));
    const target = join(folder(), 'ledger.sqlite');
    const { counts } = await restore(join(where, 'copy.sqlite'), target);
    expect(counts.recipe).toBe(sampleRecipes.length);
  });

  test('a file of everything comes back as a ledger', async () => {
    const file = join(folder(), 'everything.ledger.json');
    writeFileSync(file, (await server.get('/api/files/everything').expect(200)).text);
    const target = join(folder(), 'ledger.sqlite');
    const { counts } = await restore(file, target);
    expect(counts).toMatchObject({ pot: samplePots.length, recipe: sampleRecipes.length, army: 1 });
  });

  test('one of the release before is brought to the newest form', async () => {
    const before = resolve('server/src/db/fixtures/before-timetables.sqlite');
    const untouched = readFileSync(before);
    const copy = join(folder(), 'before.sqlite');
    copyFileSync(before, copy);
    const { counts } = await restore(copy, join(folder(), 'ledger.sqlite'));
    expect(counts.army).toBeGreaterThan(0);
    expect(readFileSync(before)).toEqual(untouched);
  });

  test.each([
    ['a letter', () => 'Dear sir', /no whole JSON|no yellow-ledger file/],
    ['a file cut short', (whole: Buffer) => whole.subarray(0, whole.length / 2), /damaged/],
    [
      'a file with a page overwritten',
      (whole: Buffer) =>
        Buffer.concat([
          whole.subarray(0, 8192),
          Buffer.alloc(4096 * 4, 7),
          whole.subarray(8192 + 4096 * 4),
        ]),
      /damaged/,
    ],
  ])('%s is refused, and nothing is changed', async (_, spoilt, said) => {
    const where = folder();
    const db = await openDatabase(server.file);
    const name = await makeBackup(workHere(openLedger(db, server.file)), where);
    await db.destroy();
    const bad = join(where, 'bad');
    writeFileSync(bad, spoilt(readFileSync(join(where, name))));
    const target = join(folder(), 'ledger.sqlite');
    writeFileSync(target, 'what was there');
    await expect(restore(bad, target)).rejects.toThrow(said);
    expect(readFileSync(target, 'utf8')).toBe('what was there');
    expect(readdirSync(join(target, '..'))).toEqual(['ledger.sqlite']);
  });

  test('one with a record nobody can read is refused by its name', async () => {
    const where = folder();
    const db = await openDatabase(server.file);
    await db('pots').where({ id: 'peat' }).update({ content: '{}' });
    const name = await makeBackup(workHere(openLedger(db, server.file)), where);
    await db.destroy();
    const target = join(folder(), 'ledger.sqlite');
    await expect(restore(join(where, name), target)).rejects.toThrow(/the pot peat cannot be read/);
    expect(readdirSync(join(target, '..'))).toEqual([]);
  });
});
