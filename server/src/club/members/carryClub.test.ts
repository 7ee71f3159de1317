import { mkdtempSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import request from 'supertest';
import { addDemo } from '../../demo/addDemo';
import { samplePots } from '../../demo/samplePots';
import { RunningLedger } from '../../start/runningLedger';
import { workHere } from '../../work/workHere';
import { hashPassphrase } from '../login/passphrases';

let ledger: RunningLedger;
let server: Server;

beforeEach(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-house-'));
  ledger = new RunningLedger({
    databaseFile: join(folder, 'ledger.sqlite'),
    backupFolder: join(folder, 'backups'),
    webFolder: join(folder, 'none'),
    workOf: (opened, _gate, workFolder) => workHere(opened, workFolder),
    isDemo: true,
    club: {
      carriage: { by: 'made certificate' },
      root: null,
      addresses: () => [],
      isOwnHost: (name) => name === 'localhost',
    },
    log: pino({ level: 'silent' }),
    onCopy: () => undefined,
  });
  await ledger.open((opened) => addDemo(opened));
  server = createServer(ledger.listener);
});
afterEach(() => ledger.close());

/** Lets a member in on a device on which they gave their passphrase just now. */
async function cookieFor(id: string): Promise<string> {
  const { sessions } = ledger.club!;
  const { token } = await sessions.begin(id, 'a test', false);
  for (const device of await sessions.list(id)) await sessions.confirm(device.id);
  return `__Host-yellow-ledger=${token}`;
}

const ask = (method: 'get' | 'post' | 'put' | 'delete', path: string, cookie: string) =>
  request(server)[method](path).set('Host', 'localhost').set('Cookie', cookie);

test('a backup that is put in place brings back nobody who has gone since, and the trail says who did it', async () => {
  const club = () => ledger.club!;
  const hash = await hashPassphrase('reeds under the lantern');
  const keeper = await club().add('Ottoline', 'keeper', hash);
  const gone = await club().add('Sedge', 'painter', hash);
  const [mine, theirs] = [await cookieFor(keeper.id), await cookieFor(gone.id)];
  const { body: made } = await ask('post', '/api/backups', mine).expect(201);
  const late = await club().add('Wren', 'painter', hash);
  await ask('delete', `/api/club/members/${gone.id}`, mine).expect(204);

  await ask('post', `/api/backups/${(made as { name: string }).name}/restored`, mine).expect(200);

  const members = (await club().members.list()).map(({ id }) => id);
  expect(members.sort()).toEqual([keeper.id, late.id].sort());
  await ask('get', '/api/recipes', theirs).expect(401);
  await ask('get', '/api/recipes', mine).expect(200);
  const did = (await club().trail.all()).map((entry) => entry.did);
  expect(did).toEqual(expect.arrayContaining(['was put out', 'restored a backup']));
});

test('what somebody has made theirs since the backup stays theirs', async () => {
  const club = () => ledger.club!;
  const keeper = await club().add('Ottoline', 'keeper', 'x');
  const cookie = await cookieFor(keeper.id);
  const { body: made } = await ask('post', '/api/backups', cookie).expect(201);
  await ask('put', '/api/club/owners/recipes/copper-helm', cookie).send({ is: 'mine' }).expect(200);
  await ask('post', `/api/backups/${(made as { name: string }).name}/restored`, cookie).expect(200);
  expect((await club().owners.of('recipes', 'copper-helm')).owner?.memberId).toBe(keeper.id);
});

test('of whom has left since the backup neither the name nor what was theirs comes back', async () => {
  const club = () => ledger.club!;
  const keeper = await club().add('Ottoline', 'keeper', 'x');
  const gone = await club().add('Sedge', 'painter', 'x');
  const [mine, theirs] = [await cookieFor(keeper.id), await cookieFor(gone.id)];
  const put = (id: string, cookie: string, revision = 0) =>
    ask('put', `/api/pots/${id}`, cookie).send({
      content: { ...samplePots[0], id, name: id },
      revision,
    });
  await put('kept-to-herself', theirs).expect(200);
  await put('shown', theirs).expect(200);
  await ask('put', '/api/club/owners/pots/shown', theirs).send({ is: 'shared' }).expect(200);
  const { body: made } = await ask('post', '/api/backups', mine).expect(201);
  await ask('delete', `/api/club/members/${gone.id}`, mine).expect(204);
  await ask('post', `/api/backups/${(made as { name: string }).name}/restored`, mine).expect(200);

  const pots = (await ask('get', '/api/pots', mine).expect(200)).text;
  expect(pots).not.toContain('kept-to-herself');
  // Her shared record is the club’s now, and anybody’s to change.
  const { body: shown } = await ask('get', '/api/pots/shown', mine).expect(200);
  await put('shown', mine, (shown as { revision: number }).revision).expect(200);
  const owners = (await ask('get', '/api/club/owners', mine).expect(200)).text;
  expect(owners).not.toContain(gone.id);
});
