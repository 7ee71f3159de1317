import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { pngBytes } from '../../../core/src/testing/pictureBytes';
import { seeded } from '../../../core/src/testing/practice/shakingHand';
import { gone } from '../startedServer';
import { Device } from './clubHttp';
import { startedClub } from './startedClub';

/** `KILLS=1000 npm run bench -- clubKill` for the long run. */
const kills = Number(process.env.KILLS ?? 300);
const seed = Number(process.env.SEED ?? 22);
const writersAtOnce = 6;
const longestLifeMs = 400;

/** Acknowledged writes, by the identifier looked for afterwards. */
interface Acknowledged {
  pots: Set<string>;
  photographs: Map<string, string>;
  /** by pot */
  loans: Map<string, { id: string; isBack: boolean }>;
  proposals: Set<string>;
  remarks: Set<string>;
  entries: Set<string>;
}

/** `kill -9` of a club while members write photographs, loans, proposals, pots and entries. */
export async function benchClubKill(): Promise<void> {
  console.log(`\n${kills} × kill -9 of a club while ${writersAtOnce} write, seed ${seed}`);
  const dataFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-club-kill-'));
  const random = seeded(seed);
  const known: Acknowledged = {
    pots: new Set(),
    photographs: new Map(),
    loans: new Map(),
    proposals: new Set(),
    remarks: new Set(),
    entries: new Set(),
  };
  const first = await startedClub(dataFolder, { isFirst: true });
  const keeper = new Device(first.url);
  await keeper.ask('/api/club/come-in', 'POST', {
    name: 'Ottoline',
    passphrase: first.passphrases.get('Ottoline'),
  });
  const { cookie } = keeper;
  const { items } = (await keeper.ask('/api/club/members')).body as { items: { id: string }[] };
  const recipe = (
    (await keeper.ask('/api/recipes')).body as { items: { content: { id: string } }[] }
  ).items[0].content;
  const to = items[1].id;
  first.server.kill('SIGTERM');
  await gone(first.server);
  let writes = 0;
  let made = 0;
  for (let nth = 0; nth < kills; nth++) {
    const { server, url } = await startedClub(dataFolder);
    let isAlive = true;
    const writers = Array.from({ length: writersAtOnce }, async () => {
      const device = new Device(url);
      device.cookie = cookie;
      while (isAlive) {
        const id = `k${nth}-${++made}`;
        const kind = Math.floor(random() * 6);
        const isKept = await writeOne(device, kind, id, { known, recipe, to }).catch(() => false);
        if (isKept) writes++;
      }
    });
    await new Promise((then) => setTimeout(then, 20 + random() * longestLifeMs));
    isAlive = false;
    server.kill('SIGKILL');
    await Promise.all([...writers, gone(server)]);
  }
  const { server, url } = await startedClub(dataFolder);
  const device = new Device(url);
  device.cookie = cookie;
  const lost = await lostOf(device, known);
  server.kill('SIGTERM');
  await gone(server);
  const file = new Database(join(dataFolder, 'demo-club.sqlite'), { readonly: true });
  const [{ integrity_check: integrity }] = file.pragma('integrity_check') as {
    integrity_check: string;
  }[];
  const foreign = (file.pragma('foreign_key_check') as unknown[]).length;
  file.close();
  console.log(
    `  ${writes} writes acknowledged: ${known.pots.size} pots, ${known.photographs.size} photographs, ${known.loans.size} loans, ` +
      `${known.proposals.size} proposals, ${known.remarks.size} remarks, ${known.entries.size} entries`,
  );
  console.log(`  lost ${lost.length}, integrity ${integrity}, dangling references ${foreign}`);
  lost.slice(0, 10).forEach((line) => console.log(`    ${line}`));
  if (lost.length > 0 || integrity !== 'ok' || foreign > 0 || writes === 0) process.exitCode = 1;
}

interface Place {
  known: Acknowledged;
  recipe: { id: string };
  /** the member pots are lent to */
  to: string;
}

/** Writes one thing. @returns whether it was acknowledged */
async function writeOne(device: Device, kind: number, id: string, place: Place): Promise<boolean> {
  const { known, recipe, to } = place;
  const put = async (path: string, content: object) =>
    (await device.ask(path, 'PUT', { content, revision: 0 })).status === 200;
  if (kind === 0) {
    const sent = await device.ask('/api/log', 'POST', { entries: [entry(id)] });
    if (sent.status === 200) known.entries.add(id);
    return sent.status === 200;
  }
  if (kind === 1) {
    const side = Number(id.split('-')[1]);
    const bytes = pngBytes({ width: 1 + (side % 1999), height: 1 + (side % 1777) });
    const kept = await device.send('/api/pictures', 'image/png', Buffer.from(bytes));
    if (kept.status !== 201) return false;
    const picture = kept.body as { hash: string };
    if (!(await put(`/api/photographs/${id}`, photograph(id, recipe.id, picture)))) return false;
    known.photographs.set(id, picture.hash);
    return true;
  }
  if (kind === 2) {
    const proposing = { targetId: null, words: id, content: { ...recipe, id, name: id } };
    const { status, body } = await device.ask('/api/club/proposals', 'POST', proposing);
    if (status === 200) known.proposals.add((body as { id: string }).id);
    return status === 200;
  }
  if (kind === 3) {
    const [proposal] = known.proposals;
    if (proposal === undefined) return false;
    const remark = { stepId: null, words: id };
    const { status } = await device.ask(`/api/club/proposals/${proposal}/remarks`, 'POST', remark);
    if (status === 204) known.remarks.add(id);
    return status === 204;
  }
  if (!(await put(`/api/pots/${id}`, pot(id)))) return false;
  known.pots.add(id);
  if (kind === 4) return true;
  const { status, body } = await device.ask('/api/club/loans', 'POST', { potId: id, toId: to });
  if (status !== 200) return true;
  const loan = { id: (body as { id: string }).id, isBack: false };
  known.loans.set(id, loan);
  if (id.endsWith('3') || id.endsWith('7')) {
    // A request without an answer may have been carried out or not.
    known.loans.delete(id);
    const back = await device.ask(`/api/club/loans/${loan.id}/back`, 'PUT', {});
    if (back.status === 204) known.loans.set(id, { ...loan, isBack: true });
  }
  return true;
}

async function lostOf(device: Device, known: Acknowledged): Promise<string[]> {
  const listed = async <Item>(path: string) =>
    ((await device.ask(path)).body as { items: Item[] }).items;
  const lost: string[] = [];
  const missing = (what: string, ids: Iterable<string>, there: ReadonlySet<string>) => {
    for (const id of ids) if (!there.has(id)) lost.push(`${what} ${id}`);
  };
  const ids = async (kind: string) =>
    new Set(
      (await listed<{ content: { id: string } }>(`/api/${kind}`)).map(({ content }) => content.id),
    );
  missing('pot', known.pots, await ids('pots'));
  missing('photograph', known.photographs.keys(), await ids('photographs'));
  for (const hash of new Set(known.photographs.values())) {
    const picture = await device.raw(`/api/pictures/${hash}`);
    picture.resume();
    if (picture.statusCode !== 200) lost.push(`picture ${hash}: ${picture.statusCode}`);
  }
  const log = await listed<{ entry: { id: string } }>('/api/log');
  missing('entry', known.entries, new Set(log.map(({ entry: { id } }) => id)));
  const proposals = await listed<{ id: string; remarks: { words: string }[] }>(
    '/api/club/proposals',
  );
  missing('proposal', known.proposals, new Set(proposals.map(({ id }) => id)));
  const remarks = proposals.flatMap((each) => each.remarks.map(({ words }) => words));
  missing('remark', known.remarks, new Set(remarks));
  const { loans } = (await device.ask('/api/club/shelves')).body as {
    loans: { id: string; potId: string; backAt: string | null }[];
  };
  for (const [potId, { id, isBack }] of known.loans) {
    const found = loans.find((each) => each.id === id);
    if (!found || (found.backAt !== null) !== isBack) lost.push(`loan of ${potId}`);
  }
  return lost;
}

const pot = (id: string) => ({
  id,
  name: id,
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: '#806040',
  hiding: 0.7,
  hidingIsGuess: false,
  volumeMl: null,
  notes: '',
  retired: false,
});
const entry = (id: string) => ({
  kind: 'learned',
  id,
  benchId: 'bench',
  at: '2026-03-01T18:00:00.000Z',
  order: 0,
  what: 'film',
  factor: 1.2,
  readings: 4,
  before: 4,
  after: 2,
});
const photograph = (id: string, recipeId: string, picture: object) => ({
  id,
  of: { kind: 'recipe', recipeId },
  shows: 'in progress',
  addedAt: '2026-12-01T18:00:00.000Z',
  picture,
});
