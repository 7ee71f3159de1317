import type { Palette } from '@yellow-ledger/core';
import { testApp } from '../testApp';

let server: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  server = await testApp();
  await server.post('/api/demo/sample', {}).expect(204);
});
afterEach(() => server.close());

const palette = (potId: string): Palette => ({
  id: 'table',
  name: 'My table',
  keeping: 'damp',
  wells: [
    {
      id: 'w1',
      name: 'Well 1',
      pots: [{ potId, ml: 0.2 }],
      waterMl: 0.1,
      mediumMl: 0,
      freshAt: '2026-03-01T18:00:00.000Z',
    },
  ],
});
const put = (content: object, revision = 0) =>
  server.put('/api/palettes/table', { content, revision });

test('a palette is kept, and a stale write is refused with what is there', async () => {
  await put(palette('peat')).expect(200);
  const stale = await put(palette('sedge')).expect(409);
  expect(stale.body.error.current.content).toEqual(palette('peat'));
  expect((await server.get('/api/palettes')).body.items).toHaveLength(1);
});

test('a pot in a well cannot be deleted; once the well is emptied it can', async () => {
  await server.put('/api/pots/lone', {
    content: { ...(await server.get('/api/pots/peat')).body.content, id: 'lone' },
    revision: 0,
  });
  await put(palette('lone')).expect(200);
  const refused = await server.remove('/api/pots/lone?revision=1').expect(409);
  expect(refused.body.error.message).toMatch(/a well of the palette draws from it/);
  await put({ ...palette('lone'), wells: [] }, 1).expect(200);
  await server.remove('/api/pots/lone?revision=1').expect(204);
});

test('a pot that is on no shelf, and amounts no well holds, are refused by name', async () => {
  const unknown = await put(palette('nowhere')).expect(400);
  expect(unknown.body.error.message).toMatch(/on no shelf: nowhere/);
  const [well] = palette('peat').wells;
  const flood = await put({ ...palette('peat'), wells: [{ ...well, waterMl: 99 }] }).expect(400);
  expect(flood.body.error.message).toMatch(
    /wells\.0\.waterMl is 99; it should be a number from 0 to 30/,
  );
});
