import { mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../db/openDatabase';
import { ownDatabase } from './ownDatabase';
import { serverLog } from './serverLog';
import { startOptions } from './startOptions';
import { sentenceOfStart, StartProblem } from './startProblem';

const folder = () => mkdtempSync(join(tmpdir(), 'yellow-ledger-start-'));

describe('what it is started with', () => {
  test('is the own ledger at the usual port where nothing is said', () => {
    const options = startOptions([], { YELLOW_LEDGER_DATA: '/data' });
    expect(options).toMatchObject({ isDemo: false, port: 4747 });
    expect(options.databaseFile).toBe('/data/ledger.sqlite');
    expect(startOptions(['--demo'], {}).databaseFile).toMatch(/demo\.sqlite$/);
    const folders = [[], ['--demo']].map(
      (args) => startOptions(args, { YELLOW_LEDGER_BACKUPS: '/kept' }).backupFolder,
    );
    expect(folders).toEqual(['/kept', '/kept/demo']);
  });

  test.each([
    [['--dmeo'], {}, /“--dmeo” is not understood; there are --demo/],
    [['demo'], {}, /“demo” is not understood/],
    [['--reset'], {}, /no option that deletes a ledger/],
    [[], { YELLOW_LEDGER_PORT: '99999' }, /YELLOW_LEDGER_PORT is “99999”; .* to 65535/],
    [[], { YELLOW_LEDGER_PORT: '-1' }, /“-1”/],
    [[], { YELLOW_LEDGER_PORT: '80a' }, /“80a”/],
    [[], { YELLOW_LEDGER_PORT: '' }, /“”/],
  ])('%j %j is refused in a sentence', (args, env, said) => {
    expect(() => startOptions(args, env)).toThrow(said);
    expect(() => startOptions(args, env)).toThrow(StartProblem);
  });
});

describe('a database file has one server', () => {
  test('the second is told who has it, and gets it once the first is gone', () => {
    const file = join(folder(), 'ledger.sqlite');
    const first = ownDatabase(file);
    expect(() => ownDatabase(file)).toThrow(/in use by another Yellow Ledger, which is only just/);
    first.tell('http://127.0.0.1:4747/');
    expect(() => ownDatabase(file)).toThrow(
      new RegExp(`in use by another Yellow Ledger: http://127.0.0.1:4747/, process ${process.pid}`),
    );
    first.release();
    ownDatabase(file).release();
  });

  test('a file that was there and is gone, or is empty, is not taken for a new one', async () => {
    const file = join(folder(), 'ledger.sqlite');
    const own = ownDatabase(file);
    const db = await openDatabase(file);
    own.isMade();
    await db.destroy();
    own.release();
    ownDatabase(file).release();
    rmSync(file);
    expect(() => ownDatabase(file)).toThrow(/was here and is gone/);
    writeFileSync(file, '');
    expect(() => ownDatabase(file)).toThrow(/is empty \(0 bytes\)/);
  });

  test('an empty file nobody knows is none, but one cut short while it was made is made anew', () => {
    const strange = join(folder(), 'ledger.sqlite');
    writeFileSync(strange, '');
    expect(() => ownDatabase(strange)).toThrow(/is empty/);
    const cut = join(folder(), 'ledger.sqlite');
    ownDatabase(cut).release();
    writeFileSync(cut, '');
    expect(() => ownDatabase(cut).release()).not.toThrow();
  });

  test('beginning anew takes the file away and leaves no trace of it', () => {
    const file = join(folder(), 'demo.sqlite');
    for (const ending of ['', '-wal', '-shm']) writeFileSync(file + ending, 'x');
    const own = ownDatabase(file);
    own.beginAnew();
    expect(statSync(file, { throwIfNoEntry: false })).toBeUndefined();
    own.release();
    expect(() => ownDatabase(file).release()).not.toThrow();
  });
});

describe('what stops it is a sentence', () => {
  test.each([
    ['a file that is no database', 'no ledger, but a letter of some length '.repeat(40), /damaged/],
    ['a database cut short', null, /damaged/],
  ])('%s', async (_, content, said) => {
    const file = join(folder(), 'ledger.sqlite');
    if (content === null) {
      const db = await openDatabase(file);
      await db.destroy();
      const { size } = statSync(file);
      const { openSync, ftruncateSync, closeSync } =
        jest.requireActual<typeof import('node:fs')>('node:fs');
      const handle = openSync(file, 'r+');
      ftruncateSync(handle, size - 4096 * 5 - 100);
      closeSync(handle);
    } else writeFileSync(file, content);
    const failed = await openDatabase(file).then(
      (db) => db.destroy().then(() => null),
      (error: unknown) => error,
    );
    expect(failed).not.toBeNull();
    expect(sentenceOfStart(failed, file)).toMatch(said);
  });

  test('a ledger of a newer program', async () => {
    const file = join(folder(), 'ledger.sqlite');
    const db = await openDatabase(file);
    await db('knex_migrations').insert({ name: '2099-01-01-later', batch: 9 });
    await db.destroy();
    const failed = await openDatabase(file).catch((error: unknown) => error);
    expect(sentenceOfStart(failed, file)).toMatch(/written by a newer Yellow Ledger/);
  });

  test.each([
    ['SQLITE_READONLY_DIRECTORY', /cannot be written to/],
    ['EACCES', /cannot be written to/],
    ['SQLITE_CANTOPEN', /cannot be opened/],
    ['ENOTDIR', /cannot be opened/],
    ['ENOSPC', /no room on the disk/],
  ])('%s', (code, said) => {
    expect(sentenceOfStart(Object.assign(new Error('x'), { code }), 'f')).toMatch(said);
  });

  test('what nobody foresaw is not made a sentence of', () => {
    expect(sentenceOfStart(new TypeError('x is undefined'), 'f')).toBeNull();
  });
});

describe('the log', () => {
  test('is turned over before it is large, and few old ones are kept', async () => {
    const where = folder();
    const { log, close } = serverLog(where, () => undefined);
    const line = 'x'.repeat(60_000);
    for (let i = 0; i < 300; i++) {
      log.info(line);
      if (i % 10 === 0) await new Promise((then) => setImmediate(then));
    }
    await close();
    const files = readdirSync(where);
    expect(files).toContain('server.log');
    expect(files.length).toBeLessThanOrEqual(6);
    for (const file of files) expect(statSync(join(where, file)).size).toBeLessThan(4_000_000);
  });

  test('that cannot be written is said once, and stops nothing', async () => {
    const where = join(folder(), 'a-file');
    writeFileSync(where, '');
    const told: string[] = [];
    const { log, close } = serverLog(where, (why) => told.push(why));
    log.info('one');
    while (told.length === 0) await new Promise((then) => setTimeout(then, 5));
    log.info('two');
    expect(told).toHaveLength(1);
    await close();
  });
});
