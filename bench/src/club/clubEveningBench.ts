import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { seeded } from '../../../core/src/testing/practice/shakingHand';
import { percentile } from '../measure';
import { gone } from '../startedServer';
import { Device } from './clubHttp';
import { startedSample } from './startedClub';

/** `MINUTES=1 npm run bench -- club` for a short one; `MINUTES=20 ENTRIES=100000 UNREAD=20` for the heaviest. */
const minutes = Number(process.env.MINUTES ?? 5);
const seed = Number(process.env.SEED ?? 17);
const membersInAll = 40;
/** Entries the log has before. */
const entriesBefore = Number(process.env.ENTRIES ?? 0);
/** Of the members' event streams, so many are opened from the first event on and never read. */
const unreadStreams = Number(process.env.UNREAD ?? 0);
const pressesASecond = 4;
const readsASecond = 2;
const memoryEveryMs = 15_000;

interface Kept {
  content: object;
  revision: number;
}

interface Press {
  at: number;
  /** milliseconds until each of the others had seen it */
  seen: number[];
}

/** Forty at one table: what is pressed is seen by all others, once, and soon. */
export async function benchClub(): Promise<void> {
  console.log(
    `\nA club evening: ${membersInAll} members, ${minutes} min, ${entriesBefore} entries before, ${unreadStreams} streams never read`,
  );
  const random = seeded(seed);
  const club = await startedSample(true);
  const pid = club.server.pid ?? 0;
  const { devices, comeInMs } = await everybodyIn(club.url, club.keeperPassphrase);
  const coats = await coatsToPress(devices[0]);
  const presses = new Map<string, Press>();
  let doubled = 0;
  await fillLog(devices[0]);
  const readers = devices.slice(unreadStreams);
  const unread = await Promise.all(
    devices.slice(0, unreadStreams).map((device) => device.raw('/api/club/events?after=0.0')),
  );
  const heard = readers.map(() => new Set<string>());
  const ends = await Promise.all(
    readers.map((device, nth) =>
      device.listen('/api/club/events', (text) => {
        for (const [, id] of text.matchAll(/"id":"(press-\d+)"/g)) {
          if (heard[nth].has(id)) doubled++;
          heard[nth].add(id);
          const press = presses.get(id);
          press?.seen.push(performance.now() - press.at);
        }
      }),
    ),
  );
  const idle = memoryMb(pid);
  const memory: number[] = [];
  const watch = setInterval(() => memory.push(memoryMb(pid)), memoryEveryMs);
  const readMs: number[] = [];
  const reading = setInterval(() => {
    const device = devices[Math.floor(random() * devices.length)];
    const path = [
      '/api/recipes',
      '/api/armies',
      `/api/log?after=${entriesBefore}`,
      '/api/club/owners',
    ][Math.floor(random() * 4)];
    const at = performance.now();
    void device.ask(path).then(() => readMs.push(performance.now() - at));
  }, 1000 / readsASecond);
  const writeMs: number[] = [];
  let refused = 0;
  const began = performance.now();
  for (let nth = 0; performance.now() - began < minutes * 60_000; nth++) {
    const id = `press-${nth}`;
    const device = devices[Math.floor(random() * devices.length)];
    const at = performance.now();
    presses.set(id, { at, seen: [] });
    const entry = { ...asPressed(coats[nth % coats.length], nth), id };
    void device.ask('/api/log', 'POST', { entries: [entry] }).then(({ status }) => {
      writeMs.push(performance.now() - at);
      if (status !== 200) refused++;
    });
    await after(Math.max(0, began + ((nth + 1) * 1000) / pressesASecond - performance.now()));
  }
  clearInterval(reading);
  await after(2000);
  clearInterval(watch);
  const kept = (await devices[0].ask('/api/log')).body as { items: { entry: { id: string } }[] };
  const ids = kept.items.map(({ entry }) => entry.id).filter((id) => presses.has(id));
  ends.forEach((end) => end());
  unread.forEach((response) => response.destroy());
  club.server.kill('SIGTERM');
  await gone(club.server);

  const all = [...presses.values()];
  const lost = all.length - new Set(ids).size;
  const unseen = all.reduce((sum, { seen }) => sum + Math.max(0, readers.length - seen.length), 0);
  const seen = all.flatMap((press) => press.seen);
  console.log(
    `  seed ${seed}: ${all.length} presses, refused ${refused}, lost ${lost}, doubled ${ids.length - new Set(ids).size + doubled}, not seen by somebody ${unseen}`,
  );
  console.log(`  press to seen: ${spread(seen)}; press to answer: ${spread(writeMs)}`);
  console.log(`  reading meanwhile: ${spread(readMs)}`);
  console.log(`  coming in: ${spread(comeInMs)} each`);
  console.log(
    `  memory, MB: ${idle.toFixed(0)} with everybody in; then every ${memoryEveryMs / 1000} s ${memory.map((mb) => mb.toFixed(0)).join(' ')}`,
  );
  console.log(`  open after ${club.openMs.toFixed(0)} ms; database ${sizeOf(club.dataFolder)}`);
  await againstAlone();
  if (lost + doubled + unseen + refused > 0 || percentile(seen, 0.99) > 1000) process.exitCode = 1;
}

/** Entries of an old log, of no bench that is pressed on. */
async function fillLog(device: Device): Promise<void> {
  const atOnce = 500;
  for (let from = 0; from < entriesBefore; from += atOnce) {
    const entries = Array.from({ length: Math.min(atOnce, entriesBefore - from) }, (_, nth) => ({
      kind: 'learned',
      id: `before-${from + nth}`,
      benchId: 'an-old-bench',
      at: '2026-03-01T18:00:00.000Z',
      order: nth,
      what: 'film',
      factor: 1.2,
      readings: 4,
      before: 4,
      after: 2,
    }));
    const { status, body } = await device.ask('/api/log', 'POST', { entries });
    if (status !== 200)
      throw new Error(`the log was not filled: ${status} ${JSON.stringify(body)}`);
  }
}

/** The manager, and members by links of his until there are forty. */
async function everybodyIn(url: string, passphrase: string) {
  const keeper = new Device(url);
  const comeInMs: number[] = [];
  const timed = async (device: Device, path: string, body: object) => {
    const at = performance.now();
    const { status } = await device.ask(path, 'POST', body);
    if (status !== 200) throw new Error(`${path} answered ${status}`);
    comeInMs.push(performance.now() - at);
  };
  await timed(keeper, '/api/club/come-in', { name: 'Ottoline', passphrase });
  const devices = [keeper];
  while (devices.length < membersInAll) {
    const invited = await keeper.ask('/api/club/invitations', 'POST', {
      role: 'painter',
      hours: 1,
    });
    const { link } = invited.body as { link: string };
    const device = new Device(url);
    await timed(device, '/api/club/join', {
      token: link.split('#')[1],
      name: `Painter number ${devices.length}`,
      passphrase: 'reeds under the lantern',
    });
    devices.push(device);
  }
  return { devices, comeInMs };
}

/** Coats of the sample evening, to be pressed again and again: with what they take from the pots. */
async function coatsToPress(device: Device): Promise<Record<string, unknown>[]> {
  const coats = await coatsOf(device);
  return coats.filter(({ benchId }) => String(benchId).startsWith('evening-'));
}

async function coatsOf(device: Device): Promise<Record<string, unknown>[]> {
  const { items } = (await device.ask('/api/log')).body as {
    items: { entry: Record<string, unknown> }[];
  };
  return items.map(({ entry }) => entry).filter(({ kind }) => kind === 'coat');
}

/** A coat nobody has noted before, on a model of its own. */
const asPressed = (coat: Record<string, unknown>, nth: number) => ({
  ...coat,
  order: 1000 + nth,
  coat: 1 + (Math.floor(nth / 2000) % 40),
  where: { ...(coat.where as object), models: [1 + (nth % 2000)] },
});

/** A request to a club takes as long as to a ledger alone, apart from logging in. */
async function againstAlone(): Promise<void> {
  const [alone, club] = [await startedSample(false), await startedSample(true)];
  const [one, other] = [new Device(alone.url), new Device(club.url)];
  await other.ask('/api/club/come-in', 'POST', {
    name: 'Ottoline',
    passphrase: club.keeperPassphrase,
  });
  const coats = await coatsOf(one);
  const ways: Record<string, (device: Device, nth: number) => Promise<unknown>> = {
    'GET /api/recipes': (device) => device.ask('/api/recipes'),
    'GET one recipe': (device) => device.ask('/api/recipes/oilskin-shadow'),
    'GET /api/pots': (device) => device.ask('/api/pots'),
    'GET /api/log': (device) => device.ask('/api/log'),
    'GET /api/armies': (device) => device.ask('/api/armies'),
    'a recipe written': async (device, nth) => {
      const { content, revision } = (await device.ask('/api/recipes/copper-helm')).body as Kept;
      const notes = `written ${nth}`;
      await device.ask('/api/recipes/copper-helm', 'PUT', {
        content: { ...content, notes },
        revision,
      });
    },
    'a press': (device, nth) =>
      device.ask('/api/log', 'POST', {
        entries: [{ ...asPressed(coats[0], nth), id: `alone-${nth}` }],
      }),
  };
  for (const [what, way] of Object.entries(ways)) {
    const times = { one: [] as number[], other: [] as number[] };
    // One after the other in turn, so that whatever else the machine does is in both.
    for (let nth = 0; nth < 200; nth++)
      for (const [device, into] of [
        [one, times.one],
        [other, times.other],
      ] as const) {
        const at = performance.now();
        await way(device, nth);
        if (nth >= 20) into.push(performance.now() - at);
      }
    const [a, b] = [percentile(times.one, 0.5), percentile(times.other, 0.5)];
    console.log(
      `  ${what}: alone ${a.toFixed(2)} ms, in a club ${b.toFixed(2)} ms, ratio ${(b / a).toFixed(2)}`,
    );
  }
  for (const { server } of [alone, club]) {
    server.kill('SIGTERM');
    await gone(server);
  }
}

const after = (ms: number) => new Promise((then) => setTimeout(then, ms));

const spread = (values: readonly number[]) =>
  `p50 ${percentile(values, 0.5).toFixed(0)}, p99 ${percentile(values, 0.99).toFixed(0)}, most ${Math.max(0, ...values.slice(0, 100_000)).toFixed(0)} ms`;

function memoryMb(pid: number): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
}

const sizeOf = (folder: string) =>
  `${(statSync(join(folder, 'demo-club.sqlite')).size / 1e6).toFixed(2)} MB`;
