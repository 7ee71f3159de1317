import { roleNames, type Role } from '@yellow-ledger/core';
import express from 'express';
import type { Knex } from 'knex';
import pino from 'pino';
import request from 'supertest';
import { openTestDatabase } from '../db/testDatabase';
import { answerErrors } from '../http/answerErrors';
import { openClub, type Club } from './club';
import { clubDoor } from './login/clubDoor';
import { ClubClock } from './clubClock';
import { clubRoutes } from './clubRoutes';
import { memberRoutes } from './members/memberRoutes';

const passphrase = 'reeds under the lantern';
let db: Knex;
let club: Club;
let time: number;
let app: express.Express;

beforeEach(async () => {
  db = await openTestDatabase();
  time = Date.parse('2026-11-26T18:00:00.000Z');
  club = openClub(db, new ClubClock(0, () => time));
  app = express();
  const door = clubDoor(club, { by: 'made certificate' });
  app.use('/api/club', clubRoutes(door), memberRoutes(door));
  app.use(answerErrors(pino({ level: 'silent' })));
});
afterEach(() => db.destroy());

const post = (path: string, body: object, cookie = '') =>
  request(app).post(`/api/club${path}`).set('Cookie', cookie).send(body);
const get = (path: string, cookie = '') =>
  request(app).get(`/api/club${path}`).set('Cookie', cookie);
const remove = (path: string, cookie: string) =>
  request(app).delete(`/api/club${path}`).set('Cookie', cookie);
const cookieOf = (answer: request.Response) =>
  String(answer.headers['set-cookie']?.[0] ?? '').split(';')[0];

/** Joins by a new link. @returns the cookie, and who it is */
async function joined(name: string, role: Role) {
  const { token } = await club.invitations.make({ role, madeBy: null, hours: 24 });
  const answer = await post('/join', { token, name, passphrase }).expect(200);
  const { id } = (answer.body as { member: { id: string } }).member;
  // A member who acts at once after joining would be asked for the passphrase once more.
  for (const device of await club.sessions.list(id)) await club.sessions.confirm(device.id);
  return { cookie: cookieOf(answer), id };
}
const codeOf = (answer: request.Response) =>
  (answer.body as { error: { code: string } }).error.code;

describe('a ledger that becomes a club’s', () => {
  const pot = { id: 'p1', revision: 1, saved_at: '2026-11-27T18:00:00.000Z', content: '{}' };

  test.each([
    ['mine', 1],
    ['club', 0],
  ])('is the first manager’s or the club’s, as they say: %s', async (ledgerIs, owned) => {
    await db('pots').insert(pot);
    const token = (await club.firstLink())!;
    const { body } = await post('/join', { token, name: 'Hesper', passphrase, ledgerIs }).expect(
      200,
    );
    const owners = await club.owners.list('pots');
    expect(owners).toHaveLength(owned);
    expect(
      owners.every(({ memberId }) => memberId === (body as { member: { id: string } }).member.id),
    ).toBe(true);
  });

  test('stays whose it is, whoever joins later, as a manager too', async () => {
    await joined('Hesper', 'keeper');
    await db('pots').insert(pot);
    const { id } = (await club.members.list())[0];
    const { token } = await club.invitations.make({ role: 'keeper', madeBy: id, hours: 1 });
    await post('/join', { token, name: 'Odo', passphrase, ledgerIs: 'mine' }).expect(200);
    expect(await club.owners.list('pots')).toEqual([]);
  });
});

describe('the first link', () => {
  test('makes the manager, once; then there is none any more', async () => {
    const older = (await club.firstLink())!;
    const token = (await club.firstLink())!;
    await post('/link', { token: older }).expect(404);
    expect((await post('/link', { token }).expect(200)).body).toMatchObject({
      role: 'keeper',
      name: null,
      // The records in the ledger need an owner: the first manager is asked.
      holds: { recipes: 0, pots: 0 },
    });
    const answer = await post('/join', { token, name: 'Wil', passphrase }).expect(200);
    expect(answer.body).toMatchObject({ member: { name: 'Wil', role: 'keeper' } });
    const [cookie] = answer.headers['set-cookie'] as unknown as string[];
    expect(cookie).toMatch(
      /^__Host-yellow-ledger=[\w-]{43}; Max-Age=2592000; Path=\/; .*HttpOnly; Secure; SameSite=Strict$/,
    );
    expect(await club.firstLink()).toBeNull();
    expect(codeOf(await post('/join', { token, name: 'Odo', passphrase }).expect(401))).toBe(
      'not-in',
    );
  });

  test('guessed, taken back, or past its end it lets nobody in, and is not told from a used one', async () => {
    const { token, id } = await club.invitations.make({ role: 'painter', madeBy: null, hours: 2 });
    const told = new Set<string>();
    const tried = async (link: string) => {
      const answer = await post('/join', { token: link, name: 'Odo', passphrase }).expect(401);
      told.add(JSON.stringify(answer.body));
    };
    await tried('x'.repeat(43));
    time += 3 * 3_600_000;
    await tried(token);
    // A clock that is set back brings it to life no more.
    time -= 2 * 3_600_000;
    await tried(token);
    await club.invitations.remove(id);
    await tried(token);
    expect(told.size).toBe(1);
  });
});

describe('coming in', () => {
  test('a wrong name and a wrong passphrase get one answer, and take the same time', async () => {
    await joined('Hesper', 'painter');
    const spent = async (name: string) => {
      const from = performance.now();
      const answer = await post('/come-in', { name, passphrase: 'something else' }).expect(401);
      return { ms: performance.now() - from, body: JSON.stringify(answer.body) };
    };
    await spent('nobody before');
    const [known, nobody] = [await spent('Hesper'), await spent('nobody')];
    expect(known.body).toBe(nobody.body);
    expect(nobody.ms).toBeGreaterThan(known.ms / 3);
    expect(known.ms).toBeGreaterThan(nobody.ms / 3);
  });

  test('the same name however it is typed; another that looks like it is taken', async () => {
    await joined('Hesper', 'painter');
    await post('/come-in', { name: '  HESPER ', passphrase }).expect(200);
    const { token } = await club.invitations.make({ role: 'painter', madeBy: null, hours: 1 });
    const taken = await post('/join', { token, name: 'Hеsper', passphrase }).expect(409);
    expect(codeOf(taken)).toBe('name-taken');
    // The link is as good as before: the name can be chosen anew.
    await post('/join', { token, name: 'Hesper the younger', passphrase }).expect(200);
  });

  test('after five wrong answers it waits, for that name and no other', async () => {
    await joined('Hesper', 'painter');
    await joined('Odo', 'painter');
    for (let i = 0; i < 5; i++)
      await post('/come-in', { name: 'Hesper', passphrase: 'wrong words' }).expect(401);
    const waits = await post('/come-in', { name: 'Hesper', passphrase }).expect(429);
    expect(Number(waits.headers['retry-after'])).toBeGreaterThan(20);
    await post('/come-in', { name: 'Odo', passphrase }).expect(200);
  });

  test('on a browser they have logged in on before, nobody is locked out by guesses made elsewhere', async () => {
    const { cookie } = await joined('Hesper', 'painter');
    const again = await post('/come-in', { name: 'Hesper', passphrase }, cookie).expect(200);
    const device = String(again.headers['set-cookie']?.[1]).split(';')[0];
    expect(device).toMatch(/^__Host-yellow-ledger-device=[\w-]{43}$/);
    for (let i = 0; i < 5; i++)
      await post('/come-in', { name: 'Hesper', passphrase: 'wrong words' }).expect(401);
    await post('/come-in', { name: 'Hesper', passphrase }).expect(429);
    await post('/come-in', { name: 'Hesper', passphrase }, device).expect(200);
    // Somebody else on that browser is counted as anywhere.
    await joined('Odo', 'painter');
    for (let i = 0; i < 5; i++)
      await post('/come-in', { name: 'Odo', passphrase: 'wrong words' }, device).expect(401);
    await post('/come-in', { name: 'Odo', passphrase }, device).expect(429);
    // There, too, five wrong answers are all there are.
    for (let i = 0; i < 5; i++)
      await post('/come-in', { name: 'Hesper', passphrase: 'wrong words' }, device).expect(401);
    await post('/come-in', { name: 'Hesper', passphrase }, device).expect(429);
  });

  test('forty wrong answers from one address lock nobody else out of it, and no join link', async () => {
    await joined('Hesper', 'painter');
    for (let i = 0; i < 45; i++)
      await post('/come-in', { name: `nobody ${i}`, passphrase: 'wrong words' }).expect(401);
    await post('/come-in', { name: 'Hesper', passphrase }).expect(200);
    await joined('Odo', 'painter');
  });

  test('a hundred guesses at once are no more than five, and one after the other', async () => {
    await joined('Hesper', 'painter');
    const answers = await Promise.all(
      Array.from({ length: 100 }, (_, i) =>
        post('/come-in', { name: 'Hesper', passphrase: `guess number ${i}` }),
      ),
    );
    const looked = answers.filter(({ status }) => status === 401);
    expect(looked).toHaveLength(5);
    expect(answers.filter(({ status }) => status === 429)).toHaveLength(95);
  });

  test('who comes in again and again is not taken for somebody who guesses', async () => {
    await joined('Hesper', 'painter');
    for (let i = 0; i < 8; i++) await post('/come-in', { name: 'Hesper', passphrase }).expect(200);
  });

  test('a forged cookie, an old one and one of a device that was ended are nobody', async () => {
    const { cookie } = await joined('Hesper', 'painter');
    await get('/me', cookie).expect(200);
    await get('/me').expect(401);
    await get('/me', `${cookie}x`).expect(401);
    await get('/me', `__Host-yellow-ledger=${'A'.repeat(43)}`).expect(401);
    time += 31 * 24 * 3_600_000;
    await get('/me', cookie).expect(401);
    const again = cookieOf(await post('/come-in', { name: 'Hesper', passphrase }).expect(200));
    const { body } = await get('/devices', again).expect(200);
    const [device] = (body as { items: { id: string }[] }).items;
    await remove(`/devices/${device.id}`, again).expect(204);
    await get('/me', again).expect(401);
  });

  test('a shared tablet is in until the evening is over', async () => {
    await joined('Hesper', 'painter');
    const shared = cookieOf(
      await post('/come-in', { name: 'Hesper', passphrase, isShared: true }).expect(200),
    );
    time += 7 * 3_600_000;
    await get('/me', shared).expect(200);
    time += 2 * 3_600_000;
    await get('/me', shared).expect(401);
  });

  test('nothing of a passphrase, a link or a cookie is kept as it is', async () => {
    const { token } = await club.invitations.make({ role: 'guest', madeBy: null, hours: 1 });
    const { cookie } = await joined('Hesper', 'painter');
    const rows = await Promise.all(
      ['members', 'sessions', 'invitations', 'trail'].map((table) => db(table).select('*')),
    );
    const kept = JSON.stringify(rows);
    for (const secret of [passphrase, token, cookie.split('=')[1]])
      expect(kept).not.toContain(secret);
    expect(kept).toContain('$argon2id$');
  });
});

describe('weighty acts', () => {
  test('ask for the passphrase once more, and not again for ten minutes', async () => {
    const keeper = await joined('Wil', 'keeper');
    const [odo, hesper, wren] = [
      await joined('Odo', 'painter'),
      await joined('Hesper', 'painter'),
      await joined('Wren', 'painter'),
    ];
    time += 11 * 60_000;
    const refused = await remove(`/members/${odo.id}`, keeper.cookie).expect(403);
    expect(codeOf(refused)).toBe('confirm');
    const link = { role: 'painter', memberId: odo.id, hours: 1 };
    expect(codeOf(await post('/invitations', link, keeper.cookie).expect(403))).toBe('confirm');
    // A link for somebody new lets nobody in as somebody else.
    await post('/invitations', { role: 'painter', hours: 1 }, keeper.cookie).expect(200);

    await post('/confirm', { passphrase: 'wrong words' }, keeper.cookie).expect(400);
    await remove(`/members/${odo.id}`, keeper.cookie).expect(403);
    await post('/confirm', { passphrase }, keeper.cookie).expect(204);
    await remove(`/members/${odo.id}`, keeper.cookie).expect(204);
    await remove(`/members/${hesper.id}`, keeper.cookie).expect(204);
    time += 11 * 60_000;
    await remove(`/members/${wren.id}`, keeper.cookie).expect(403);
  });

  test('guessing at it there is as slow as at the door, and locks nobody out of that', async () => {
    const keeper = await joined('Wil', 'keeper');
    for (let i = 0; i < 5; i++)
      await post('/confirm', { passphrase: 'wrong words' }, keeper.cookie).expect(400);
    await post('/confirm', { passphrase }, keeper.cookie).expect(429);
    await post('/come-in', { name: 'Wil', passphrase }).expect(200);
  });
});

describe('members', () => {
  test('a lost passphrase is set anew by a link of a manager, and ends every device', async () => {
    const keeper = await joined('Wil', 'keeper');
    const hesper = await joined('Hesper', 'painter');
    const { body } = await post(
      '/invitations',
      { role: 'keeper', memberId: hesper.id, hours: 2 },
      keeper.cookie,
    ).expect(200);
    const token = (body as { link: string }).link.split('#')[1];
    expect((await post('/link', { token }).expect(200)).body).toEqual({
      role: 'painter',
      name: 'Hesper',
      needsCode: false,
    });
    const other = 'a lantern under the reeds';
    await post('/join', { token, name: 'whoever', passphrase: other }).expect(200);
    await get('/me', hesper.cookie).expect(401);
    await post('/come-in', { name: 'Hesper', passphrase }).expect(401);
    const came = await post('/come-in', { name: 'Hesper', passphrase: other }).expect(200);
    expect(came.body).toMatchObject({ member: { id: hesper.id, role: 'painter' } });
  });

  test('whose passphrase was set by a link is told who made it, on every device they log in on', async () => {
    const keeper = await joined('Wil', 'keeper');
    const hesper = await joined('Hesper', 'painter');
    expect((await get('/me', hesper.cookie).expect(200)).body.notices).toEqual([]);
    const { body } = await post(
      '/invitations',
      { role: 'painter', memberId: hesper.id, hours: 2 },
      keeper.cookie,
    ).expect(200);
    const token = (body as { link: string }).link.split('#')[1];
    const used = await post('/join', { token, name: 'x', passphrase, device: 'Wil’s tablet' });
    // The member who used it sees it too, and hides it from nobody.
    const there = cookieOf(used);
    await post('/me/notices-seen', {}, there).expect(204);
    expect((await get('/me', there).expect(200)).body.notices).toEqual([]);
    const own = cookieOf(await post('/come-in', { name: 'Hesper', passphrase }).expect(200));
    expect((await get('/me', own).expect(200)).body.notices).toMatchObject([
      { madeBy: 'Wil', device: 'Wil’s tablet' },
    ]);
    await post('/me/notices-seen', {}, own).expect(204);
    expect((await get('/me', own).expect(200)).body.notices).toEqual([]);

    const { items } = (await get('/trail', keeper.cookie).expect(200)).body as {
      items: { did: string; memberId: string | null; about: object }[];
    };
    // The trail does not say that the member did it.
    expect(items.find(({ did }) => did === 'passphrase set by link')).toMatchObject({
      memberId: null,
      about: { memberId: hesper.id, linkMadeBy: keeper.id, device: 'Wil’s tablet' },
    });
  });

  test('somebody who is put out is out at once; the last manager stays', async () => {
    const [wil, hesper, odo] = [
      await joined('Wil', 'keeper'),
      await joined('Hesper', 'keeper'),
      await joined('Odo', 'painter'),
    ];
    await remove(`/members/${odo.id}`, wil.cookie).expect(204);
    await get('/me', odo.cookie).expect(401);
    await remove(`/members/${wil.id}`, hesper.cookie).expect(204);
    await get('/members', wil.cookie).expect(401);
    expect(codeOf(await remove(`/members/${hesper.id}`, hesper.cookie).expect(409))).toBe(
      'last-manager',
    );
    const demoted = await request(app)
      .put(`/api/club/members/${hesper.id}/role`)
      .set('Cookie', hesper.cookie)
      .send({ role: 'guest' })
      .expect(409);
    expect(codeOf(demoted)).toBe('last-manager');
    await get('/me', hesper.cookie).expect(200);
  });

  test('two managers who put each other out at one time leave one of them', async () => {
    const [wil, hesper] = [await joined('Wil', 'keeper'), await joined('Hesper', 'keeper')];
    await Promise.all([
      remove(`/members/${wil.id}`, hesper.cookie),
      remove(`/members/${hesper.id}`, wil.cookie),
    ]);
    expect((await club.members.list()).filter(({ role }) => role === 'keeper')).toHaveLength(1);
  });

  test('every address asks the table of rights, for every role', async () => {
    const cookies = Object.fromEntries(
      await Promise.all(
        roleNames.map(async (role) => [role, (await joined(`A ${role}`, role)).cookie]),
      ),
    ) as Record<Role, string>;
    const other = await joined('Odo', 'painter');
    const asked: [string, (cookie: string) => request.Test, Partial<Record<Role, number>>][] = [
      ['members', (cookie) => get('/members', cookie), { keeper: 200, painter: 200, guest: 200 }],
      ['trail', (cookie) => get('/trail', cookie), { keeper: 200, painter: 403, guest: 403 }],
      ['links', (cookie) => get('/invitations', cookie), { keeper: 200, painter: 403, guest: 403 }],
      [
        'a new link',
        (cookie) => post('/invitations', { role: 'keeper', hours: 1 }, cookie),
        { keeper: 200, painter: 403, guest: 403 },
      ],
      [
        'own devices',
        (cookie) => get('/devices', cookie),
        { keeper: 200, painter: 200, guest: 200 },
      ],
      [
        'another’s role',
        (cookie) =>
          request(app)
            .put(`/api/club/members/${other.id}/role`)
            .set('Cookie', cookie)
            .send({ role: 'painter' }),
        { keeper: 204, painter: 403, guest: 403 },
      ],
      [
        'putting another out',
        (cookie) => remove(`/members/${other.id}`, cookie),
        { guest: 403, painter: 403, keeper: 204 },
      ],
    ];
    for (const [what, ask, wanted] of asked) {
      expect([what, (await ask('')).status]).toEqual([what, 401]);
      for (const [role, status] of Object.entries(wanted))
        expect([what, role, (await ask(cookies[role as Role])).status]).toEqual([
          what,
          role,
          status,
        ]);
    }
  });

  test('the trail says who was let in, put out and given what, and is only added to', async () => {
    const keeper = await joined('Wil', 'keeper');
    const odo = await joined('Odo', 'painter');
    await post('/come-in', { name: 'Odo', passphrase: 'wrong words' }).expect(401);
    await remove(`/members/${odo.id}`, keeper.cookie).expect(204);
    const { body } = await get('/trail', keeper.cookie).expect(200);
    const { items } = body as { items: { did: string; sequence: number }[] };
    expect(items.map(({ did }) => did)).toEqual(['was put out', 'was refused', 'joined', 'joined']);
    expect(items.map(({ sequence }) => sequence)).toEqual([4, 3, 2, 1]);
  });
});

test('a new passphrase is set by the old one, and ends the other devices', async () => {
  const { cookie } = await joined('Hesper', 'painter');
  const other = cookieOf(await post('/come-in', { name: 'Hesper', passphrase }).expect(200));
  const change = (old: string) =>
    request(app)
      .put('/api/club/passphrase')
      .set('Cookie', cookie)
      .send({ old, passphrase: 'copper helms in a row' });
  await change('not the old one at all').expect(400);
  await get('/me', other).expect(200);
  await change(passphrase).expect(204);
  await get('/me', cookie).expect(200);
  await get('/me', other).expect(401);
  await post('/come-in', { name: 'Hesper', passphrase }).expect(401);
  await post('/come-in', { name: 'Hesper', passphrase: 'copper helms in a row' }).expect(200);
});

test('who comes in on a device takes the place of who was in on it; who fails leaves them in', async () => {
  const hesper = await joined('Hesper', 'painter');
  await joined('Odo', 'painter');
  await post('/come-in', { name: 'Odo', passphrase: 'a wrong one it is' }, hesper.cookie).expect(
    401,
  );
  await get('/me', hesper.cookie).expect(200);
  await post('/come-in', { name: 'Odo', passphrase }, hesper.cookie).expect(200);
  await get('/me', hesper.cookie).expect(401);
});
