import { ConnectionStatus } from './connectionStatus';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a server that is away is looked for, less and less often, until it answers', async () => {
  const away = new ConnectionStatus();
  let looks = 0;
  let isBack = false;
  away.lookBy(async () => {
    looks++;
    if (isBack) away.answered();
  });
  const told: boolean[] = [];
  away.listen(() => told.push(away.now().since !== null));
  away.unanswered();
  away.unanswered();
  await jest.advanceTimersByTimeAsync(10_000);
  expect(looks).toBe(2);
  isBack = true;
  await jest.advanceTimersByTimeAsync(60_000);
  const found = looks;
  await jest.advanceTimersByTimeAsync(600_000);
  expect(looks).toBe(found);
  expect(told).toEqual([true, false]);
  expect(away.now().since).toBeNull();
});

test('it is known since when', () => {
  jest.setSystemTime(new Date('2026-03-01T18:00:00Z'));
  const away = new ConnectionStatus();
  expect(away.now().since).toBeNull();
  away.unanswered();
  jest.setSystemTime(new Date('2026-03-01T19:00:00Z'));
  away.unanswered();
  expect(away.now().since).toBe(Date.parse('2026-03-01T18:00:00Z'));
  away.answered();
});
