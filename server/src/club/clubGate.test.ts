import { mkdtempSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { may, resourceNames, roleNames, type Role } from '@yellow-ledger/core';
import type { Express } from 'express';
import type { Knex } from 'knex';
import pino from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { openLedger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { openClub, type Club } from './club';
import { rightOf, routeRights } from './routeRights';

// Each coming in costs what guessing is to cost.
jest.setTimeout(60_000);

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

describe('a club', () => {
  let db: Knex;
  let app: Express;
  let club: Club;
  let cookies: Record<Role, string>;
  beforeAll(async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yellow-ledger-gate-')), 'ledger.sqlite');
    db = await openDatabase(file);
    club = openClub(db);
    app = createApp({
      ledger: openLedger(db, file),
      log: pino({ level: 'silent' }),
      club,
      backups: { folder: `${file}-backups`, isDaily: true },
    });
    const come = async (role: Role) => {
      const { token } = await club.invitations.make({ role, madeBy: null, hours: 1 });
      const answer = await request(app)
        .post('/api/club/join')
        .set('Host', 'localhost')
        .send({ token, name: `A ${role}`, passphrase: 'reeds under the lantern' })
        .expect(200);
      return String(answer.headers['set-cookie'][0]).split(';')[0];
    };
    cookies = {
      keeper: await come('keeper'),
      painter: await come('painter'),
      guest: await come('guest'),
    };
  });
  afterAll(() => db.destroy());

  const ask = (method: string, path: string, cookie: string) => {
    const asked = request(app);
    const at = `/api${path.replace(/:\w+/g, 'nothing')}`;
    const sent =
      method === 'GET'
        ? asked.get(at)
        : method === 'PUT'
          ? asked.put(at).send({})
          : method === 'POST'
            ? asked.post(at).send({})
            : asked.delete(at);
    return sent.set('Host', 'localhost').set('Cookie', cookie);
  };

  test('every route, asked by everybody: strangers never come in, the rest as the table says', async () => {
    const wrong: string[] = [];
    for (const { method, path, action, matter, relation = 'club' } of routeRights) {
      const stranger = await ask(method, path, '');
      if (stranger.status !== 401) wrong.push(`a stranger: ${method} ${path} ${stranger.status}`);
      for (const role of roleNames) {
        const { status } = await ask(method, path, cookies[role]);
        const isRefused = status === 401 || status === 403;
        if (isRefused === may(role, relation, action, matter))
          wrong.push(`${role}: ${method} ${path} ${status}`);
        if (status >= 500) wrong.push(`${role}: ${method} ${path} ${status}`);
      }
    }
    expect(wrong).toEqual([]);
  });

  test('what stands nowhere is refused to the keeper too, and to strangers not told from what does', async () => {
    await ask('GET', '/secrets', cookies.keeper).expect(404);
    const [there, nowhere] = [await ask('GET', '/recipes', ''), await ask('GET', '/secrets', '')];
    expect(nowhere.status).toBe(401);
    expect(nowhere.body).toEqual(there.body);
  });

  test('whoever looks without coming in learns nothing of the ledger, not even its name', async () => {
    const { headers } = await ask('GET', '/recipes', '');
    expect(Object.keys(headers).filter((name) => name.startsWith('x-ledger'))).toEqual([]);
  });
});
