import { copyFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { seeded } from '../../core/src/testing/practice/shakingHand';
import { gone, started } from './startedServer';

/** So often the server is killed; `KILLS=1000 npm run bench -- kill` for the long run. */
const kills = Number(process.env.KILLS ?? 100);
const seed = Number(process.env.SEED ?? 21);
const writersAtOnce = 6;
const longestLife = 400;

interface Acknowledged {
  /** of each record the last revision that was acknowledged, and what it said */
  records: Map<string, { revision: number; notes: string }>;
  entries: Set<string>;
}

/** `kill -9` in the middle of writing, again and again: what was acknowledged is there, once. */
export async function benchKill(): Promise<void> {
  console.log(`\n${kills} × kill -9 while ${writersAtOnce} write`);
  const dataFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-kill-'));
  const random = seeded(seed);
  const known: Acknowledged = { records: new Map(), entries: new Set() };
  let writes = 0;
  let made = 0;
  for (let nth = 0; nth < kills; nth++) {
    const { server, url } = await started(dataFolder);
    let isAlive = true;
    const writers = Array.from({ length: writersAtOnce }, async (_, writer) => {
      while (isAlive) {
        const isKept = await write(url, `w${nth}-${writer}-${++made}`, known, random);
        if (isKept) writes++;
      }
    });
    await after(20 + random() * longestLife);
    isAlive = false;
    server.kill('SIGKILL');
    await Promise.all([...writers, gone(server)]);
  }
  const { server, url } = await started(dataFolder);
  const faults = await faultsOf(url, known);
  server.kill('SIGTERM');
  await gone(server);
  const file = new Database(join(dataFolder, 'ledger.sqlite'), { readonly: true });
  const [{ integrity_check: integrity }] = file.pragma('integrity_check') as {
    integrity_check: string;
  }[];
  file.close();
  console.log(
    `  seed ${seed}: ${known.records.size} records in ${writes} acknowledged writes, ${known.entries.size} entries;` +
      ` lost ${faults.lost}, doubled ${faults.doubled}, integrity ${integrity}`,
  );
  console.log(`  the bare file, copied while it runs, ${await copiedBare(dataFolder)}`);
  if (faults.lost + faults.doubled > 0 || integrity !== 'ok' || writes === 0) process.exitCode = 1;
}

const after = (ms: number) => new Promise((then) => setTimeout(then, ms));
const pot = (id: string, notes: string) => ({
  id,
  name: id,
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: '#806040',
  hiding: 0.7,
  hidingIsGuess: false,
  volumeMl: null,
  notes,
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

/** Writes a new record, an old one anew, or an entry. @returns whether it was acknowledged */
async function write(
  url: string,
  id: string,
  { records, entries }: Acknowledged,
  random: () => number,
): Promise<boolean> {
  const send = async (method: string, path: string, body: object) => {
    try {
      const answer = await fetch(url + path, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
      return answer.ok ? ((await answer.json()) as { revision: number }) : null;
    } catch {
      return null;
    }
  };
  if (random() < 0.3) {
    if (!(await send('POST', '/api/log', { entries: [entry(id)] }))) return false;
    entries.add(id);
    return true;
  }
  const known = [...records.keys()];
  // Each record has one writer at a time: what is unanswered of it may be there or not.
  const old = random() < 0.4 ? known[Math.floor(random() * known.length)] : undefined;
  const before = old === undefined ? undefined : records.get(old);
  if (old !== undefined) records.delete(old);
  const kept = await send('PUT', `/api/pots/${old ?? id}`, {
    content: pot(old ?? id, id),
    revision: before?.revision ?? 0,
  });
  if (!kept) return false;
  records.set(old ?? id, { revision: kept.revision, notes: id });
  return true;
}

async function faultsOf(url: string, { records, entries }: Acknowledged) {
  const listed = async (path: string) =>
    ((await (await fetch(url + path)).json()) as { items: unknown[] }).items;
  const pots = (await listed('/api/pots')) as {
    content: { id: string; notes: string };
    revision: number;
  }[];
  const log = (await listed('/api/log')) as { entry: { id: string } }[];
  const byId = new Map(pots.map((kept) => [kept.content.id, kept]));
  const lostRecords = [...records].filter(([id, { revision, notes }]) => {
    const kept = byId.get(id);
    return (
      !kept ||
      kept.revision < revision ||
      (kept.revision === revision && kept.content.notes !== notes)
    );
  });
  const logged = log.map(({ entry: { id } }) => id);
  return {
    lost: lostRecords.length + [...entries].filter((id) => !logged.includes(id)).length,
    doubled: logged.length - new Set(logged).size + (pots.length - byId.size),
  };
}

/** How much of the ledger stands in the file without its journal, a moment after the last write. */
async function copiedBare(dataFolder: string): Promise<string> {
  const { server, url } = await started(dataFolder);
  await fetch(`${url}/api/pots/last`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ content: pot('last', ''), revision: 0 }),
  });
  await after(2500);
  const copy = join(dataFolder, 'copied.sqlite');
  copyFileSync(join(dataFolder, 'ledger.sqlite'), copy);
  server.kill('SIGTERM');
  await gone(server);
  const bare = new Database(copy, { readonly: true });
  const { has } = bare.prepare("select count(*) as has from pots where id = 'last'").get() as {
    has: number;
  };
  bare.close();
  if (has !== 1) process.exitCode = 1;
  return has === 1 ? 'has what was written two and a half seconds ago' : 'LACKS what was written';
}
