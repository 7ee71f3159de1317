import type { Pot } from '@yellow-ledger/core';
import { samplePots } from '../demo/samplePots';
import { testApp } from '../testApp';

let server: Awaited<ReturnType<typeof testApp>>;
const [pot] = samplePots;
const put = (content: Pot, revision: number) =>
  server.put(`/api/pots/${content.id}`, { content, revision });

beforeEach(async () => {
  server = await testApp();
  await put(pot, 0).expect(200);
  await put({ ...pot, notes: 'thicker' }, 1).expect(200);
});
afterEach(() => server.close());

test('a pot is told when it was another, and what it was', async () => {
  const { items } = (await server.get(`/api/pots/${pot.id}/history`).expect(200)).body;
  expect(items).toEqual([{ revision: 1, savedAt: expect.any(String), until: expect.any(String) }]);
  expect((await server.get(`/api/pots/${pot.id}/history/1`).expect(200)).body).toMatchObject({
    content: pot,
    revision: 1,
    savedAt: items[0].savedAt,
  });
});

test('what is not kept is said in a sentence, and nonsense is the client’s mistake', async () => {
  const gone = await server.get(`/api/pots/${pot.id}/history/2`).expect(404);
  expect(gone.body.error.message).toBe('That moment of this pot is not kept any more.');
  expect((await server.get('/api/pots/nowhere/history').expect(200)).body).toEqual({ items: [] });
  for (const wrong of ['0', '-1', '1.5', 'first', '99999999999'])
    expect(
      (await server.get(`/api/pots/${pot.id}/history/${wrong}`).expect(400)).body.error.message,
    ).toBe(`revision is "${wrong}"; it should be a whole number from 1.`);
});

test('it is in no file, and a pot that is deleted and put again goes on with it', async () => {
  const file = (await server.get('/api/files/everything').expect(200)).text;
  expect(file).toContain('thicker');
  expect(file).not.toContain('former');
  await server.remove(`/api/pots/${pot.id}?revision=2`).expect(204);
  await put({ ...pot, notes: 'again' }, 0).expect(200);
  const { items } = (await server.get(`/api/pots/${pot.id}/history`).expect(200)).body;
  // The second state stood a moment only, so soon after the first.
  expect(items.map(({ revision }: { revision: number }) => revision)).toEqual([1]);
});
