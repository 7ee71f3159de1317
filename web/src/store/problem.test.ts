import { asProblem, currentPot, currentRecipe } from './ledgerApi';
import { ask } from './problem';

const answer = (body: unknown, status: number) =>
  jest.spyOn(globalThis, 'fetch').mockResolvedValue(Response.json(body, { status }));
afterEach(() => jest.restoreAllMocks());

test('an answer is handed on as it came', async () => {
  answer({ items: [1, 2] }, 200);
  expect(await ask('/api/pots')).toEqual({ data: { items: [1, 2] } });
});

test('a refusal is told in the server’s own words', async () => {
  answer({ error: { code: 'bad-file', message: 'cut off' } }, 400);
  expect(await ask('/api/files')).toEqual({
    error: { status: 400, code: 'bad-file', message: 'cut off' },
  });
});

test('no answer, and an answer of another kind, are told in words too', async () => {
  jest.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('no network'));
  expect(await ask('/api/pots')).toMatchObject({ error: { status: 0, code: 'no-answer' } });
  answer('<html>', 502);
  expect(await ask('/api/pots')).toMatchObject({ error: { status: 502 } });
});

test('nothing to say is no trouble', async () => {
  jest.spyOn(globalThis, 'fetch').mockResolvedValue(new Response(null, { status: 204 }));
  expect(await ask('/api/pots/peat', { method: 'DELETE' })).toEqual({ data: null });
});

test('a problem keeps its words whether or not it brings the newer version', () => {
  const refusal = { status: 404, code: 'not-found', message: 'There is no recipe here.' };
  expect(asProblem(refusal)).toEqual(refusal);
  expect(asProblem({ ...refusal, current: null })).toEqual({ ...refusal, current: null });
  expect(asProblem(new Error('broken')).message).toBe('Something went wrong on this page.');
});

test('what is kept now is read only when it is what it should be', () => {
  const stale = { status: 409, code: 'stale', message: 'changed elsewhere' };
  expect(currentPot({ ...stale, current: { content: { id: 'x' }, revision: 1 } })).toBeNull();
  expect(currentRecipe({ ...stale, current: 'mud' })).toBeNull();
  expect(currentRecipe(stale)).toBeNull();
});
