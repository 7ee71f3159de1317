import { Memberships, type Me } from './membership';

const me = (over: Partial<Me> = {}): Me => ({
  member: { id: 'm1', name: 'Wren', role: 'painter', joinedAt: '2026-11-27T18:00:00.000Z' },
  deviceId: 'd1',
  isShared: false,
  endsAt: '2999-01-01T00:00:00.000Z',
  notices: [],
  ...over,
});
const away = { error: { status: 0, code: 'no-answer', message: 'No answer.' } };
const refused = { error: { status: 401, code: 'come-in', message: 'Log in first.' } };

/** A browser, and a server that answers as it is told. */
function browser() {
  const stored = new Map<string, string>();
  const server = { answer: away as object };
  const kept = {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => void stored.set(key, value),
  };
  const visit = () => new Memberships(kept, (async () => server.answer) as never);
  return { server, visit, stored };
}

test('a ledger alone is found to be alone, and begun at once the next time', async () => {
  const { server, visit } = browser();
  server.answer = { data: { member: null } };
  expect(await visit().begin(() => undefined)).toEqual({ is: 'alone' });
  server.answer = away;
  expect(await visit().begin(() => undefined)).toEqual({ is: 'alone' });
});

test('who is in begins as themselves without the server, and who was removed is told once it answers', async () => {
  const { server, visit } = browser();
  server.answer = { data: me() };
  await visit().begin(() => undefined);
  server.answer = away;
  const page = visit();
  expect((await page.begin(() => undefined)).is).toBe('in');
  expect(page.member?.name).toBe('Wren');
  server.answer = refused;
  let isOther = false;
  await visit().begin(() => (isOther = true));
  await Promise.resolve();
  await Promise.resolve();
  expect(isOther).toBe(true);
});

test('a page that was begun as somebody else, or with another role, begins anew', async () => {
  for (const other of [
    me({ member: { ...me().member, id: 'm2' } }),
    me({ member: { ...me().member, role: 'guest' } }),
  ]) {
    const { server, visit } = browser();
    server.answer = { data: me() };
    await visit().begin(() => undefined);
    server.answer = { data: other };
    const told = new Promise<true>((tell) => void visit().begin(() => tell(true)));
    expect(await told).toBe(true);
  }
});

test('without the server a tablet of several is nobody’s once the evening is over', async () => {
  const { server, visit } = browser();
  server.answer = { data: me({ endsAt: new Date(Date.now() - 1000).toISOString() }) };
  await visit().begin(() => undefined);
  server.answer = away;
  expect(visit().now()).toEqual({ is: 'out' });
});

test('a request that is refused says that this device is out, once', async () => {
  const { server, visit } = browser();
  server.answer = { data: me() };
  const page = visit();
  await page.begin(() => undefined);
  let told = 0;
  page.listen(() => told++);
  page.wentOut();
  page.wentOut();
  expect([page.now().is, told]).toEqual(['out', 1]);
});

test('what is stored and cannot be read is asked for anew', async () => {
  const { server, visit, stored } = browser();
  stored.set('yellow-ledger.membership', '{"is":"in","me":{"member":{"role":"emperor"}}}');
  server.answer = { data: { member: null } };
  expect((await visit().begin(() => undefined)).is).toBe('alone');
});

test('a page is not of who is in any more once another has come in beside it', async () => {
  const { server, visit, stored } = browser();
  server.answer = { data: me() };
  const page = visit();
  await page.begin(() => undefined);
  page.heard(stored.get('yellow-ledger.membership') ?? null);
  expect(page.now().is).toBe('in');
  expect(page.head()).toEqual({ 'X-Member': 'm1' });
  page.heard(JSON.stringify({ is: 'in', me: me({ member: { ...me().member, id: 'm2' } }) }));
  expect(page.now().is).toBe('out');
  // Waiting writes of one member are not sent as another's.
  expect(page.head()).toEqual({ 'X-Member': 'm1' });
});
