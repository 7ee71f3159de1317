import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { samplePots } from '../../server/src/demo/samplePots';
import { seeded } from '../../core/src/testing/practice/shakingHand';
import { filesAtCut, notedIn, type Noted } from './powerCut/playCut';
import { gone } from './startedServer';

const cuts = Number(process.env.CUTS ?? 200);
const seed = Number(process.env.SEED ?? 51);
const writesInAll = 400;
const main = resolve(import.meta.dirname, '../../server/dist/main.js');

interface Acknowledged {
  at: bigint;
  id: string;
  revision: number;
}

/** The power goes at any moment, and takes what was written since the last sync, or parts of it: what was acknowledged is there. */
export async function benchPowerCut(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-power-'));
  const shim = join(folder, 'recordWrites.so');
  const source = resolve(import.meta.dirname, 'powerCut/recordWrites.c');
  const built = spawnSync('cc', [
    '-shared',
    '-fPIC',
    '-O1',
    '-o',
    shim,
    source,
    '-ldl',
    '-lpthread',
  ]);
  if (built.status !== 0) {
    console.log(`\nNo power cut was played: there is no C compiler here. ${String(built.stderr)}`);
    process.exitCode = 1;
    return;
  }
  const { noted, acknowledged } = await recorded(folder, shim);
  const random = seeded(seed);
  const [from, to] = [noted[0].at, noted[noted.length - 1].at];
  const wrong: string[] = [];
  let sure = 0;
  for (let nth = 0; nth < cuts; nth++) {
    const at = from + BigInt(Math.floor(random() * Number(to - from)));
    // Half of them lose everything since the last sync, half of them some of it.
    const share = nth % 2 === 0 ? 0 : random();
    const due = acknowledged.filter((each) => each.at <= at);
    sure += due.length;
    wrong.push(...lostAt(noted, at, () => random() < share, due, join(folder, `cut-${nth}`)));
  }
  // The same with no sync at all: a check that loses nothing then would find nothing.
  const unsynced = noted.filter(({ kind }) => kind !== 'sync');
  const proof = lostAt(unsynced, to, () => false, acknowledged, join(folder, 'proof')).length;
  console.log(
    `\n${cuts} power cuts in ${acknowledged.length} acknowledged writes, seed ${seed}: ${noted.length} writes and syncs of the disk noted; of ${sure} that were acknowledged before a cut, lost ${wrong.length}`,
  );
  for (const sentence of wrong.slice(0, 5)) console.log(`  ${sentence}`);
  console.log(`  had nothing been synced, ${proof} would have been lost`);
  if (wrong.length > 0 || sure === 0 || proof === 0) process.exitCode = 1;
}

/** A server that is written to, with everything it did to its files. */
async function recorded(folder: string, shim: string) {
  const data = join(folder, 'data');
  mkdirSync(data);
  const log = join(folder, 'noted');
  const server = spawn(process.execPath, [main], {
    env: {
      ...process.env,
      YELLOW_LEDGER_DATA: data,
      YELLOW_LEDGER_PORT: '0',
      LD_PRELOAD: shim,
      RECORD_FOLDER: data,
      RECORD_TO: log,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise<string>((found) =>
    server.stdout.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(text.toString())?.[0];
      if (address) found(address);
    }),
  );
  const acknowledged: Acknowledged[] = [];
  const writer = async (name: string) => {
    for (let nth = 0; nth < writesInAll / 4; nth++) {
      const id = `${name}${nth % 20}`;
      const revision = Math.floor(nth / 20);
      const answer = await fetch(`${url}/api/pots/${id}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ content: { ...samplePots[0], id, notes: `${nth}` }, revision }),
      });
      if (!answer.ok) throw new Error(await answer.text());
      await answer.text();
      acknowledged.push({ at: process.hrtime.bigint(), id, revision: revision + 1 });
      // Long enough in all for the journal to be brought into the file, in the middle of it.
      await new Promise((then) => setTimeout(then, 30));
    }
  };
  await Promise.all(['a', 'b', 'c', 'd'].map(writer));
  server.kill('SIGKILL');
  await gone(server);
  return { noted: notedIn(log), acknowledged };
}

function lostAt(
  noted: readonly Noted[],
  at: bigint,
  isThere: () => boolean,
  due: readonly Acknowledged[],
  folder: string,
): string[] {
  mkdirSync(folder);
  for (const [path, content] of filesAtCut(noted, at, isThere))
    if (/ledger\.sqlite(-wal)?$/.test(path)) writeFileSync(join(folder, basename(path)), content);
  if (due.length === 0) return [];
  try {
    const db = new Database(join(folder, 'ledger.sqlite'));
    const [{ integrity_check: said }] = db.pragma('integrity_check') as {
      integrity_check: string;
    }[];
    const kept = new Map(
      (db.prepare('select id, revision from pots').all() as { id: string; revision: number }[]).map(
        ({ id, revision }) => [id, revision],
      ),
    );
    db.close();
    return [
      ...(said === 'ok' ? [] : [`${folder}: ${said}`]),
      ...due
        .filter(({ id, revision }) => (kept.get(id) ?? 0) < revision)
        .map(
          ({ id, revision }) => `${folder}: ${id} at ${revision}, kept ${kept.get(id) ?? 'not'}`,
        ),
    ];
  } catch (error) {
    return [`${folder}: ${(error as Error).message}`];
  }
}
