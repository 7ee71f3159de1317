import { existsSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pictureHash, type Photograph } from '@yellow-ledger/core';
import { jpegBytes, pngBytes } from '../../../core/src/testing/pictureBytes';
import { makeBackup } from '../backup/backups';
import { restore } from '../backup/restore';
import { openLedger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { testApp } from '../testApp';
import { workHere } from '../work/workHere';
import { pictureStore, picturesBeside } from './pictureStore';

const bytes = Buffer.from(jpegBytes({ width: 800, height: 600 }));
const hash = pictureHash(bytes);
const photograph: Photograph = {
  id: 'helm-after',
  of: { kind: 'recipe', recipeId: 'oilskin-shadow' },
  shows: 'after',
  addedAt: '2026-11-26T12:00:00.000Z',
  picture: { hash, type: 'image/jpeg', width: 800, height: 600 },
};
const newFolder = () => mkdtempSync(join(tmpdir(), 'yellow-ledger-pictures-'));

let server: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  server = await testApp();
});
afterEach(() => server.close());

const putPicture = (body: Buffer, type = 'image/jpeg') => server.send('/api/pictures', type, body);
const putPhotograph = (content: Photograph, revision = 0) =>
  server.put(`/api/photographs/${content.id}`, { content, revision });

async function withPhotograph() {
  await putPicture(bytes).expect(201);
  await putPhotograph(photograph).expect(200);
}

describe('a picture', () => {
  test('is kept under its hash, once, and comes back as it was', async () => {
    const { body } = await putPicture(bytes).expect(201);
    expect(body).toEqual(photograph.picture);
    await putPicture(bytes).expect(201);
    expect(readdirSync(picturesBeside(server.file))).toEqual([hash]);
    const got = await server.get(`/api/pictures/${hash}`).expect(200);
    expect(got.headers['content-type']).toBe('image/jpeg');
    expect(got.headers['cache-control']).toContain('immutable');
    expect(Buffer.compare(got.body as Buffer, bytes)).toBe(0);
  });

  test.each([
    ['a drawing that says it is a PNG', Buffer.from('<svg/>'), 'image/png', 400, /JPEG, a PNG/],
    ['a JPEG that is cut off', bytes.subarray(0, 60), 'image/jpeg', 400, /cut off/],
    [
      'one that tells where it was taken',
      Buffer.from(jpegBytes({ width: 80, height: 60, tells: true })),
      'image/jpeg',
      400,
      /where/,
    ],
    [
      'one of sixty million pixels',
      Buffer.from(pngBytes({ width: 10_000, height: 6000 })),
      'image/png',
      400,
      /60\.0 million/,
    ],
    ['no picture at all', Buffer.from('{}'), 'application/json', 400, /image\/jpeg/],
    ['more than is taken at once', Buffer.alloc(4_100_000), 'image/jpeg', 413, /4\.0 MB/],
  ])(
    '%s is refused in a sentence, and nothing is kept',
    async (_what, body, type, status, says) => {
      const answer = await putPicture(body, type).expect(status);
      expect((answer.body as { error: { message: string } }).error.message).toMatch(says);
      expect(existsSync(picturesBeside(server.file))).toBe(false);
    },
  );

  test('an address that is no hash is no way out of the folder', async () => {
    await server.get('/api/pictures/..%2fledger.sqlite').expect(400);
    await server.get(`/api/pictures/${'0'.repeat(64)}`).expect(404);
  });

  test('that cannot be written leaves nothing half there', async () => {
    const folder = newFolder();
    const store = pictureStore(join(folder, 'pictures'));
    // In the place of the folder stands a file: nothing can be written below it.
    writeFileSync(join(folder, 'pictures'), '');
    await expect(store.put(bytes)).rejects.toMatchObject({ code: 'EEXIST' });
    rmSync(join(folder, 'pictures'));
    await store.put(bytes);
    expect(readdirSync(store.folder)).toEqual([hash]);
  });

  test('nobody names is thrown away a month after it was let go of, and not before', async () => {
    const store = pictureStore(newFolder());
    await store.put(bytes);
    const days = (count: number) => new Date(Date.now() + count * 86_400_000);
    expect(await store.sweep(new Set(), days(29))).toBe(0);
    expect(await store.sweep(new Set([hash]), days(400))).toBe(0);
    utimesSync(join(store.folder, hash), new Date(0), new Date(0));
    await store.letGo(hash);
    expect(await store.sweep(new Set(), days(1))).toBe(0);
    expect(await store.sweep(new Set(), days(31))).toBe(1);
    expect(await store.has(hash)).toBe(false);
  });
});

describe('a photograph', () => {
  test('is refused while its picture is not here', async () => {
    const { body } = await putPhotograph(photograph).expect(400);
    expect((body as { error: { code: string } }).error.code).toBe('picture-missing');
    await withPhotograph();
  });

  test('that is deleted leaves its picture for whoever undoes that', async () => {
    await withPhotograph();
    await server.remove(`/api/photographs/${photograph.id}?revision=1`).expect(204);
    await putPhotograph(photograph, 0).expect(200);
    await server.get(`/api/pictures/${hash}`).expect(200);
  });

  test('goes with everything, and with its recipe, and is there again from the file', async () => {
    await server.post('/api/demo/sample', {}).expect(204);
    await withPhotograph();
    for (const path of ['everything', 'recipes/oilskin-shadow']) {
      const file = await server.get(`/api/files/${path}`).expect(200);
      const other = await testApp();
      await other.post('/api/files', file.body as object).expect(200);
      const got = await other.get(`/api/pictures/${hash}`).expect(200);
      expect(Buffer.compare(got.body as Buffer, bytes)).toBe(0);
      const { body } = await other.get(`/api/photographs/${photograph.id}`).expect(200);
      expect((body as { content: Photograph }).content).toEqual(photograph);
      await other.close();
    }
  });

  test('whose picture was taken away does not keep the rest from going into a file', async () => {
    await withPhotograph();
    rmSync(join(picturesBeside(server.file), hash));
    const everything = async () => (await server.get('/api/files/everything').expect(200)).body;
    expect(await everything()).toMatchObject({ photographs: [photograph], pictures: [] });
    // Nor one that is no longer what it was.
    writeFileSync(join(picturesBeside(server.file), hash), bytes.subarray(0, 40));
    expect(await everything()).toMatchObject({ photographs: [photograph], pictures: [] });
  });
});

test.each(['beside it', 'in it, taken along'])('a backup has its pictures: %s', async (where) => {
  await withPhotograph();
  const folder = newFolder();
  const db = await openDatabase(server.file);
  const work = workHere(openLedger(db, server.file));
  let backup = join(folder, await makeBackup(work, folder));
  await db.destroy();
  if (where !== 'beside it') {
    const packed = join(newFolder(), 'packed.sqlite');
    await work.pack(backup, packed);
    backup = packed;
  }
  const target = join(newFolder(), 'ledger.sqlite');
  expect((await restore(backup, target)).counts).toMatchObject({ photograph: 1 });
  const put = await pictureStore(picturesBeside(target)).read(hash);
  expect(put && Buffer.compare(put, bytes)).toBe(0);
  expect(readdirSync(join(target, '..')).sort()).toEqual(['ledger.pictures', 'ledger.sqlite']);
  const again = await openDatabase(target);
  expect(await again.schema.hasTable('packed_pictures')).toBe(false);
  await again.destroy();
});
