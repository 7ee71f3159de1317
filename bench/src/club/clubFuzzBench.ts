import { seeded } from '../../../core/src/testing/practice/shakingHand';
import { hangsFrom, leaks, send } from '../fuzzBench';
import { drawer, recordsOf, type MoreRoutes } from '../fuzzRequests';
import { Device } from './clubHttp';
import { startedSample } from './startedClub';

/** `SEEDS=5,6 REQUESTS=1000 npm run bench -- clubFuzz` for others. */
const seeds = (process.env.SEEDS ?? '21,22,23,24').split(',').map(Number);
const requestsASeed = Number(process.env.REQUESTS ?? 6250);

/** Malformed requests of members of every role, and of strangers, over all routes of a club. */
export async function benchClubFuzz(): Promise<void> {
  console.log(
    `\nMalformed requests of ${seeds.length} × ${requestsASeed} by members of every role`,
  );
  const club = await startedSample(true, true);
  let hasEnded = false;
  club.server.once('exit', () => (hasEnded = true));
  try {
    const members = await Promise.all(
      [...club.passphrases].map(async ([name, passphrase]) => {
        const device = new Device(club.url);
        const { status } = await device.ask('/api/club/come-in', 'POST', { name, passphrase });
        if (status !== 200) throw new Error(`${name} is not let in: ${status}`);
        return device;
      }),
    );
    const more = await clubRoutes(members[0]);
    for (const seed of seeds) {
      const random = seeded(seed);
      const draw = drawer(seed, await recordsOf(club.url, { cookie: members[0].cookie }), more);
      const counts = { failed: 0, hung: 0, leaked: 0 };
      const byStatus = new Map<number, number>();
      const told = new Set<string>();
      for (let nth = 0; nth < requestsASeed && !hasEnded; nth++) {
        const asked = draw();
        // A stream of events never ends; who leaves or sets a passphrase is out of the rest.
        if (/events|go-out/i.test(asked.path)) continue;
        const who = random() < 0.1 ? null : members[Math.floor(random() * members.length)];
        const heads = { ...asked.heads, ...(who && { cookie: who.cookie }) };
        const answer = await send(club.url, { ...asked, heads });
        const { status, ms } = answer;
        // Backups are called by their files, whose names end so.
        const text = answer.text.replace(/[\w-]+\.sqlite\b/g, '');
        byStatus.set(status, (byStatus.get(status) ?? 0) + 1);
        if (ms > hangsFrom || status === 0) counts.hung++;
        if (leaks.test(text)) counts.leaked++;
        if (status >= 500) counts.failed++;
        if (status >= 500 || status === 0 || leaks.test(text))
          told.add(
            `${status} ${asked.method} ${asked.path.slice(0, 60)} ${asked.body.slice(0, 100)}`,
          );
      }
      const statuses = [...byStatus].sort(([one], [other]) => one - other);
      console.log(
        `  seed ${seed}: 5xx ${counts.failed}, hangs ${counts.hung}, leaks ${counts.leaked}` +
          ` (${statuses.map(([status, count]) => `${count} × ${status}`).join(', ')})`,
      );
      [...told].slice(0, 12).forEach((line) => console.log(`    ${line}`));
      if (counts.failed + counts.hung + counts.leaked > 0) process.exitCode = 1;
    }
    const stillIn = await Promise.all(members.map((each) => each.ask('/api/club/me')));
    console.log(
      `  afterwards ${stillIn.filter(({ status }) => status === 200).length} of ${members.length} members are still logged in; ended: ${hasEnded}`,
    );
    if (hasEnded) process.exitCode = 1;
  } finally {
    club.server.kill('SIGTERM');
  }
}

/** The routes of a club, and what is rightly sent to them. */
async function clubRoutes(keeper: Device): Promise<MoreRoutes> {
  const items = async <Item>(path: string) =>
    ((await keeper.ask(path)).body as { items: Item[] }).items;
  const [member, other] = await items<{ id: string }>('/api/club/members');
  const [{ content: recipe }] = await items<{ content: { id: string } }>('/api/recipes');
  const [{ content: army }] = await items<{ content: { id: string; units: { id: string }[] } }>(
    '/api/armies',
  );
  const [{ content: pot }] = await items<{ content: { id: string } }>('/api/pots');
  const proposals = await items<{ id: string }>('/api/club/proposals');
  const proposal = proposals[0]?.id ?? 'none';
  const models = { armyId: army.id, unitId: army.units[0].id, models: [1], is: 'taken' };
  const bodies = [
    ['POST', '/come-in', { name: 'Nobody', passphrase: 'not a passphrase here', code: '123456' }],
    ['POST', '/join', { token: 'x', name: 'New', passphrase: 'three or four words', device: 'd' }],
    ['POST', '/link', { token: 'x'.repeat(43) }],
    ['POST', '/confirm', { passphrase: 'not a passphrase here' }],
    ['PUT', `/members/${other.id}/role`, { role: 'painter' }],
    ['POST', '/invitations', { role: 'painter', hours: 2, memberId: member.id }],
    ['DELETE', '/invitations/none', {}],
    ['DELETE', '/devices/none', {}],
    ['POST', '/proposals', { targetId: recipe.id, words: 'warmer', content: recipe }],
    ['POST', `/proposals/${proposal}/remarks`, { stepId: null, words: 'good' }],
    ['POST', `/proposals/${proposal}/approved`, { revision: 1 }],
    ['POST', `/proposals/${proposal}/declined`, { reason: 'no' }],
    ['PUT', '/claims', models],
    ['PUT', '/claims', { ...models, is: 'let go' }],
    ['POST', '/loans', { potId: pot.id, toId: other.id }],
    ['PUT', '/brings', { armyId: army.id, potId: pot.id, is: 'brought' }],
    ['PUT', `/owners/recipes/${recipe.id}`, { is: 'shared', openTo: [] }],
    ['PUT', '/owners', { items: [{ kind: 'pots', id: pot.id }], is: 'club' }],
    ['POST', '/me/second-factor', {}],
    ['PUT', '/me/second-factor', { code: '123456' }],
    ['POST', '/me/second-factor/off', { code: '123456' }],
    ['POST', '/me/notices-seen', {}],
  ] as const;
  const names = bodies.map(([, path]) => path.split('/')[1]);
  return {
    roots: ['/api/club', ...new Set(names.map((name) => `/api/club/${name}`)), '/api/backups'],
    bodies: bodies.map(([method, path, body]) => ({ method, path: `/api/club${path}`, body })),
  };
}
