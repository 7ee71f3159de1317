import request from 'supertest';
import { Secret, TOTP } from 'otpauth';
import { hashPassphrase } from './passphrases';
import { ClubClock } from '../clubClock';
import { passphrase, testClub, type TestMember } from '../testClub';

let time: number;
let club: Awaited<ReturnType<typeof testClub>>;
let odo: TestMember;
let hesper: TestMember;

beforeEach(async () => {
  time = Date.parse('2026-12-01T18:00:00.000Z');
  club = await testClub(undefined, new ClubClock(0, () => time));
  hesper = await club.member('Hesper', 'keeper');
  odo = await club.member('Odo', 'painter');
  await club.club.setPassphrase(odo.id, await hashPassphrase(passphrase));
});
afterEach(() => club.close());

const path = '/api/club/me/second-factor';
const codeOf = (secret: string, at = time) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: at });
const errorOf = (answer: request.Response) =>
  (answer.body as { error: { code: string } }).error.code;
const logIn = (more: object = {}) =>
  club.ask('post', '/api/club/come-in', null).send({ name: 'Odo', passphrase, ...more });

/** Turns one-time codes on. @returns the secret and the recovery codes; a minute later than before */
async function turnedOn() {
  const { secret } = (await club.ask('post', path, odo).send({}).expect(200)).body as {
    secret: string;
  };
  const answer = await club
    .ask('put', path, odo)
    .send({ code: codeOf(secret) })
    .expect(200);
  time += 60_000;
  return { secret, ...(answer.body as { recoveryCodes: string[] }) };
}

test('codes count once a first one was given, and a right passphrase alone lets in no longer', async () => {
  await club.ask('post', path, odo).send({}).expect(200);
  await logIn().expect(200);
  const wrong = await club.ask('put', path, odo).send({ code: '000000' }).expect(400);
  expect(errorOf(wrong)).toBe('wrong-code');
  await logIn().expect(200);
  const { secret, recoveryCodes } = await turnedOn();
  expect(new Set(recoveryCodes).size).toBe(10);
  expect(errorOf(await logIn().expect(401))).toBe('code-needed');
  expect(errorOf(await logIn({ code: '000000' }).expect(401))).toBe('code-wrong');
  await logIn({ code: ` ${codeOf(secret).slice(0, 3)} ${codeOf(secret).slice(3)}` }).expect(200);
});

test('a code is accepted once, and one of half a minute ago or ahead too', async () => {
  const { secret } = await turnedOn();
  const before = codeOf(secret, time - 30_000);
  const ahead = codeOf(secret, time + 30_000);
  await logIn({ code: before }).expect(200);
  await logIn({ code: before }).expect(401);
  await logIn({ code: ahead }).expect(200);
  // An earlier one than the last is a code somebody has seen.
  await logIn({ code: codeOf(secret) }).expect(401);
  time += 10 * 60_000;
  await logIn({ code: ahead }).expect(401);
});

test('a recovery code is accepted once, however it is typed', async () => {
  const { recoveryCodes } = await turnedOn();
  await logIn({ code: recoveryCodes[0].toLowerCase().replaceAll('-', ' ') }).expect(200);
  await logIn({ code: recoveryCodes[0] }).expect(401);
  expect((await club.ask('get', path, odo).expect(200)).body).toEqual({
    isOn: true,
    recoveryCodesLeft: 9,
  });
});

test('wrong codes are counted: who knows the passphrase does not guess on', async () => {
  const { secret } = await turnedOn();
  let answer = await logIn({ code: '000000' });
  for (let nth = 0; nth < 8 && answer.status === 401; nth++)
    answer = await logIn({ code: '000000' });
  expect(answer.status).toBe(429);
  await logIn({ code: codeOf(secret) }).expect(429);
});

test('without the passphrase nobody is told that there are codes', async () => {
  await turnedOn();
  const answer = await logIn({ passphrase: 'another one of mine', code: '000000' }).expect(401);
  expect(errorOf(answer)).toBe('not-in');
});

test('a passphrase link asks for a code; one that turns codes off says so to the member', async () => {
  const { secret } = await turnedOn();
  const linked = async (more: object) =>
    String(
      (
        (
          await club
            .ask('post', '/api/club/invitations', hesper)
            .send({ role: 'painter', memberId: odo.id, hours: 1, ...more })
            .expect(200)
        ).body as { link: string }
      ).link.split('#')[1],
    );
  const join = (token: string, more: object = {}) =>
    club
      .ask('post', '/api/club/join', null)
      .send({ token, name: 'Odo', passphrase: 'another one of mine', ...more });
  const first = await linked({});
  expect(errorOf(await join(first).expect(401))).toBe('code-needed');
  expect(errorOf(await join(first, { code: '000000' }).expect(401))).toBe('code-wrong');
  await join(first, { code: codeOf(secret) }).expect(200);
  await join(await linked({ dropsSecondFactor: true })).expect(200);
  const cookie = (await logIn({ passphrase: 'another one of mine' }).expect(200)).headers[
    'set-cookie'
  ][0].split(';')[0];
  const { notices } = (await club.ask('get', '/api/club/me', { ...odo, cookie }).expect(200))
    .body as { notices: { droppedCodes: boolean; madeBy: string }[] };
  expect(notices.map(({ droppedCodes }) => droppedCodes)).toEqual([true, false]);
  expect(notices[0].madeBy).toBe('Hesper');
});

test('a manager does not turn off their own codes by a link, nor anybody theirs without a code', async () => {
  await club
    .ask('post', '/api/club/invitations', hesper)
    .send({ role: 'keeper', memberId: hesper.id, hours: 1, dropsSecondFactor: true })
    .expect(403);
  const { secret, recoveryCodes } = await turnedOn();
  await club.ask('post', `${path}/off`, odo).send({ code: '000000' }).expect(400);
  await club.ask('post', path, odo).send({}).expect(409);
  const renewed = await club
    .ask('post', `${path}/recovery-codes`, odo)
    .send({ code: codeOf(secret) })
    .expect(200);
  const codes = (renewed.body as { recoveryCodes: string[] }).recoveryCodes;
  expect(codes).not.toContain(recoveryCodes[1]);
  await club.ask('post', `${path}/off`, odo).send({ code: recoveryCodes[1] }).expect(400);
  await club.ask('post', `${path}/off`, odo).send({ code: codes[0] }).expect(200);
  await logIn().expect(200);
});

test('turning codes on logs the member’s other devices out, and all of it asks for the passphrase', async () => {
  const other = await club.club.sessions.begin(odo.id, 'a phone', false);
  await turnedOn();
  expect(await club.club.sessions.of(other.token)).toBeNull();
  time += 11 * 60_000;
  for (const [method, at] of [
    ['post', path],
    ['put', path],
    ['post', `${path}/recovery-codes`],
    ['post', `${path}/off`],
  ] as const)
    expect(errorOf(await club.ask(method, at, odo).send({ code: '1' }).expect(403))).toBe(
      'confirm',
    );
});

test('of two at once with the same code one is let in', async () => {
  const { secret } = await turnedOn();
  const code = codeOf(secret);
  const answers = await Promise.all([logIn({ code }), logIn({ code }), logIn({ code })]);
  expect(answers.filter(({ status }) => status === 200)).toHaveLength(1);
});
