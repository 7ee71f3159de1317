import { rmSync } from 'node:fs';
import Database from 'better-sqlite3';
import { seeded } from '../../core/src/testing/practice/shakingHand';
import { Device } from './club/clubHttp';
import { startedSample } from './club/startedClub';
import { gone } from './startedServer';

/** `RESTORES=20 npm run bench -- restore` for a short one. */
const restores = Number(process.env.RESTORES ?? 200);
const seed = Number(process.env.SEED ?? 41);
const writersAtOnce = 3;
const downloadsAtOnce = 3;
const streamsAtOnce = 4;

/** Backups put in place from the page under writes, downloads and streams: what was acknowledged is there. */
export async function benchRestores(): Promise<void> {
  console.log(`\n${restores} backups put in place from the page, seed ${seed}`);
  const random = seeded(seed);
  const club = await startedSample(true);
  let hasEnded = false;
  club.server.once('exit', () => (hasEnded = true));
  const device = new Device(club.url);
  await device.ask('/api/club/come-in', 'POST', {
    name: 'Ottoline',
    passphrase: club.keeperPassphrase,
  });
  const { body } = await device.ask('/api/backups', 'POST');
  const backup = (body as { name: string }).name;
  const counts = { written: 0, refused: 0, failed: 0, cut: 0, put: 0, notPut: 0, lost: 0 };
  const putMs: number[] = [];
  let made = 0;

  for (let nth = 0; nth < restores && !hasEnded && counts.notPut < 3; nth++) {
    const acknowledged: string[] = [];
    let isGoing = true;
    const writers = Array.from({ length: writersAtOnce }, async () => {
      const writer = another(device);
      while (isGoing) {
        const id = `bench-${++made}`;
        const answer = await quietly(() =>
          writer.ask(`/api/pots/${id}`, 'PUT', { content: pot(id), revision: 0 }),
        );
        if (answer?.status === 200) {
          acknowledged.push(id);
          counts.written++;
        } else if (answer?.status === 503) counts.refused++;
        else if ((answer?.status ?? 0) >= 500) counts.failed++;
      }
    });
    const downloads = Array.from({ length: downloadsAtOnce }, async (_, index) => {
      const path = index === 0 ? '/api/log' : '/api/files/everything';
      while (isGoing) if (!(await readSlowly(another(device), path))) counts.cut++;
    });
    const streams = await Promise.all(
      Array.from({ length: streamsAtOnce }, () =>
        quietly(() => another(device).listen('/api/club/events?after=0.0', () => undefined)),
      ),
    );
    await after(20 + random() * 200);
    // The passphrase that is asked for once more counts for ten minutes.
    if (nth % 100 === 0)
      await device.ask('/api/club/confirm', 'POST', { passphrase: club.keeperPassphrase });
    const at = performance.now();
    const answer = await quietly(() => device.ask(`/api/backups/${backup}/restored`, 'POST'));
    putMs.push(performance.now() - at);
    await after(20);
    isGoing = false;
    streams.forEach((end) => end?.());
    await Promise.all([...writers, ...downloads]);
    if (answer?.status !== 200) {
      counts.notPut++;
      console.log(`  restore ${nth}: ${answer?.status} ${JSON.stringify(answer?.body)}`);
      continue;
    }
    counts.put++;
    const { replaced } = answer.body as { replaced: string };
    const there = await quietly(() => device.ask('/api/pots'));
    const now = new Set(
      ((there?.body as { items?: { content: { id: string } }[] })?.items ?? []).map(
        ({ content }) => content.id,
      ),
    );
    const kept = keptIn(replaced);
    const lost = acknowledged.filter((id) => !now.has(id) && !kept.has(id));
    counts.lost += lost.length;
    for (const ending of ['', '-wal', '-shm']) rmSync(replaced + ending, { force: true });
  }

  putMs.sort((one, other) => one - other);
  console.log(
    `  put in place ${counts.put}, not ${counts.notPut}; writes acknowledged ${counts.written}, asked to try again ${counts.refused},` +
      ` failed ${counts.failed}; downloads cut off ${counts.cut}; acknowledged and lost ${counts.lost}; server ended ${Number(hasEnded)}`,
  );
  console.log(
    `  a restore took ${Math.round(putMs[putMs.length >> 1])} ms in the middle, ${Math.round(putMs.at(-1) ?? 0)} at most`,
  );
  if (hasEnded || counts.lost + counts.failed + counts.notPut > 0) process.exitCode = 1;
  club.server.kill('SIGTERM');
  await gone(club.server);
  if (counts.notPut === 0) rmSync(club.dataFolder, { recursive: true, force: true });
  else console.log(`  left to be looked at: ${club.dataFolder}`);
}

/** The same member on a connection of its own. */
function another(device: Device): Device {
  const made = new Device(device.url);
  made.cookie = device.cookie;
  return made;
}

/** Reads an answer a little at a time. @returns whether it came whole */
async function readSlowly(reader: Device, path: string): Promise<boolean> {
  let isWhole = false;
  await quietly(
    () =>
      new Promise<void>((done, failed) => {
        reader
          .raw(path)
          .then((response) => {
            response.on('data', () => {
              response.pause();
              setTimeout(() => response.resume(), 5);
            });
            response.on('end', () => {
              isWhole = response.complete;
              done();
            });
            response.on('close', done);
            response.on('error', failed);
          })
          .catch(failed);
      }),
  );
  return isWhole;
}

function keptIn(file: string): Set<string> {
  const db = new Database(file, { readonly: true });
  const rows = db.prepare(`select id from pots where id like 'bench-%'`).all() as { id: string }[];
  db.close();
  return new Set(rows.map(({ id }) => id));
}

async function quietly<Answer>(ask: () => Promise<Answer>): Promise<Answer | null> {
  try {
    return await ask();
  } catch {
    return null;
  }
}

const after = (ms: number) => new Promise((then) => setTimeout(then, ms));
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
