import { samplePots } from '../demo/samplePots';
import { testApp } from '../testApp';

test('every answer names the ledger, and what is meant for another is refused', async () => {
  const server = await testApp();
  const other = await testApp();
  const own = (await server.get('/api/pots').expect(200)).headers['x-ledger'];
  expect(own).toMatch(/^[0-9a-f-]{36}$/);
  expect((await server.get('/api/nothing').expect(404)).headers['x-ledger']).toBe(own);
  expect((await other.get('/api/pots')).headers['x-ledger']).not.toBe(own);
  const write = { content: samplePots[0], revision: 0 };
  const path = `/api/pots/${samplePots[0].id}`;
  const refused = await other.put(path, write).set('X-Ledger', own).expect(409);
  expect(refused.body.error).toMatchObject({ code: 'other-ledger' });
  expect((await other.get('/api/pots')).body.items).toEqual([]);
  await server.put(path, write).set('X-Ledger', own).expect(200);
  await server.close();
  await other.close();
});
