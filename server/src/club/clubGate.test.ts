import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { may, relations, resourceNames, roleNames, type Role } from '@yellow-ledger/core';
import { rightOf, routeRights } from './routeRights';
import { testClub, type TestMember } from './testClub';

const source = resolve(__dirname, '..');

/** Every route that is written in the server, by where its file is put below /api. */
function writtenRoutes(): string[] {
  const files = (folder: string): string[] =>
    readdirSync(folder).flatMap((name) => {
      const path = join(folder, name);
      if (statSync(path).isDirectory()) return name === 'club' ? [] : files(path);
      return name.endsWith('Routes.ts') ? [path] : [];
    });
  const app = readFileSync(join(source, 'app.ts'), 'utf8');
  const mounts = new Map<string, string[]>();
  for (const [, at, made] of app.matchAll(
    /app\.use\(\s*[`']\/api([^`']*)[`'],[^;]*?(\w+Routes)\b/g,
  )) {
    const below = at.includes('${name}') ? resourceNames.map((name) => `/${name}`) : [at];
    mounts.set(made, [...(mounts.get(made) ?? []), ...below]);
  }
  return files(source).flatMap((file) => {
    const made = file.split('/').at(-1)?.replace('.ts', '') ?? '';
    const routes = [
      ...readFileSync(file, 'utf8').matchAll(/router\.(get|put|post|delete)\(\s*'([^']+)'/g),
    ];
    const at = mounts.get(made);
    // A file of routes that is put nowhere would be walked by nobody.
    if (!at) throw new Error(`${made} is put nowhere in app.ts`);
    return at.flatMap((mount) =>
      routes.map(([, method, path]) =>
        `${method.toUpperCase()} ${mount}${path}`.replace(/\/$/, ''),
      ),
    );
  });
}

test('every route of the server stands in the table, and nothing else does', () => {
  const written = writtenRoutes();
  expect(written.length).toBeGreaterThan(40);
  expect(routeRights.map(({ method, path }) => `${method} ${path}`).sort()).toEqual(
    [...new Set(written)].sort(),
  );
});

test.each([
  ['GET', '/Recipes/x', 'look'],
  ['HEAD', '/recipes', 'look'],
  ['GET', '/recipes/', 'look'],
  ['POST', '/recipes', null],
  ['PATCH', '/recipes/x', null],
  ['GET', '/recipes/x/versions/1', null],
  ['GET', '/club/trail', null],
  ['GET', '/', null],
])('%s %s asks for: %s', (method, path, action) => {
  expect(rightOf(method, path)?.action ?? null).toBe(action);
});

/** Routes of the club itself, which ask the table of rights by themselves. */
const clubRoutes = readdirSync(join(source, 'club'), { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('Routes.ts'))
  .flatMap((name) =>
    [
      ...readFileSync(join(source, 'club', name), 'utf8').matchAll(
        /router\.(get|put|post|delete)\(\s*'([^']+)'/g,
      ),
    ].map(([, method, path]) => ({ method: method.toUpperCase(), path: `/club${path}` })),
  );

/** Routes open to strangers: the door, and the ones a phone needs to trust it. */
const open = ['/come-in', '/join', '/link', '/go-out', '/trust', '/trust/root.crt'];
/** Routes of the club open to guests: themselves, and those that depend on whose a record is. */
const ofGuests = [
  'GET /club/me',
  'POST /club/me/notices-seen',
  'GET /club/members',
  'PUT /club/passphrase',
  'GET /club/events',
  'GET /club/devices',
  'GET /club/owners',
  'GET /club/claims',
  'GET /club/shelves',
];

describe('a club', () => {
  let clubServer: Awaited<ReturnType<typeof testClub>>;
  let members: Record<Role, TestMember>;
  beforeAll(async () => {
    clubServer = await testClub();
    members = {
      keeper: await clubServer.member('A manager', 'keeper'),
      painter: await clubServer.member('A painter', 'painter'),
      guest: await clubServer.member('A guest', 'guest'),
    };
  });
  afterAll(() => clubServer.close());

  const ask = (method: string, path: string, who: TestMember | null) => {
    const at = `/api${path.replace(/:\w+/g, 'nothing')}`;
    const asked = clubServer.ask(method.toLowerCase() as 'get', at, who);
    return method === 'PUT' || method === 'POST' ? asked.send({}) : asked;
  };

  test('every route, asked by everybody: strangers never come in, the rest as the table says', async () => {
    const wrong: string[] = [];
    for (const { method, path, action, matter, relation = 'club' } of routeRights) {
      const stranger = await ask(method, path, null);
      if (stranger.status !== 401) wrong.push(`a stranger: ${method} ${path} ${stranger.status}`);
      for (const role of roleNames) {
        const { status } = await ask(method, path, members[role]);
        const isRefused = status === 401 || status === 403;
        // Of a record, those come through who may do it to any.
        const isGranted =
          relation === 'of the record'
            ? relations.some((each) => may(role, each, action, matter))
            : may(role, relation, action, matter);
        if (isRefused === isGranted) wrong.push(`${role}: ${method} ${path} ${status}`);
        if (status >= 500) wrong.push(`${role}: ${method} ${path} ${status}`);
      }
    }
    expect(wrong).toEqual([]);
  });

  test('every route of the club is closed to strangers but for the door, and to guests but for a few', async () => {
    expect(clubRoutes.length).toBeGreaterThan(30);
    const wrong: string[] = [];
    for (const { method, path } of clubRoutes) {
      if (open.includes(path.replace('/club', ''))) continue;
      const stranger = await ask(method, path, null);
      if (stranger.status !== 401) wrong.push(`a stranger: ${method} ${path} ${stranger.status}`);
      if (ofGuests.includes(`${method} ${path}`)) continue;
      // A missing record is answered like a hidden one; nonsense is refused before that.
      const { status } = await ask(method, path, members.guest);
      if (![400, 403, 404].includes(status)) wrong.push(`a guest: ${method} ${path} ${status}`);
    }
    expect(wrong).toEqual([]);
  });

  test('what stands nowhere is refused to the manager too, and to strangers not told from what does', async () => {
    await ask('GET', '/secrets', members.keeper).expect(404);
    const [there, nowhere] = [
      await ask('GET', '/recipes', null),
      await ask('GET', '/secrets', null),
    ];
    expect(nowhere.status).toBe(401);
    expect(nowhere.body).toEqual(there.body);
  });

  test('whoever looks without coming in learns nothing of the ledger, not even its name', async () => {
    const { headers } = await ask('GET', '/recipes', null);
    expect(Object.keys(headers).filter((name) => name.startsWith('x-ledger'))).toEqual([]);
  });

  test('a page that was opened as somebody else does nothing in the name of who came in since', async () => {
    const { keeper, painter } = members;
    await ask('GET', '/recipes', keeper).set('X-Member', painter.id).expect(401);
    await ask('POST', '/log', keeper).set('X-Member', painter.id).expect(401);
    await ask('GET', '/recipes', keeper).set('X-Member', keeper.id).expect(200);
  });

  test('strangers are told that something answers, and not which release of it', async () => {
    const { body } = await clubServer.ask('get', '/healthz', null).expect(200);
    expect(body).toEqual({ isOpen: true });
  });

  test.each([
    ['a form of another site', { Origin: 'https://other.example' }],
    ['a form of another site without its name', { Origin: 'null' }],
    ['a script of another site', { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'no-cors' }],
    ['a page of a sister address', { 'Sec-Fetch-Site': 'same-site' }],
    ['the same address without encryption', { Origin: 'http://localhost' }],
    ['another port of the same address', { Origin: 'https://localhost:9' }],
  ])('%s neither reads nor writes', async (_, headers: Record<string, string>) => {
    const { keeper } = members;
    await ask('GET', '/recipes', keeper).set(headers).expect(403);
    await ask('POST', '/log', keeper).set(headers).expect(403);
    await ask('POST', '/club/invitations', keeper).set(headers).expect(403);
    await ask('GET', '/club/members', keeper).set(headers).expect(403);
    await ask('GET', '/recipes', keeper).set('Origin', 'https://localhost').expect(200);
  });
});
