import { createWriteStream, openAsBlob, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { once } from 'node:events';
import { LedgerFileWriting, type FileListName } from '@yellow-ledger/core';
import { samplePots } from '../../server/src/demo/samplePots';
import { sampleRecipes } from '../../server/src/demo/sampleRecipes';
import { levy } from '../../core/src/testing/sampleLog';
import { pots } from '../../core/src/testing/sampleRecipe';
import { benchServer } from './benchServer';
import { coats } from './manyCoats';
import { ms } from './measure';

/** So many times the ledger of a club of ten years; `SIZE=4 npm run bench -- large` for more. */
const size = Number(process.env.SIZE ?? 1);
const counts = { recipes: 2000, versions: 12_000, armies: 150, log: 100_000 };
const lookEvery = 40;

/** The largest file a ledger writes, in and out, and how long others wait meanwhile. */
export async function benchLarge(): Promise<void> {
  const path = join(tmpdir(), `yellow-ledger-large-${process.pid}.json`);
  await writeLarge(path);
  const mb = statSync(path).size / 1e6;
  console.log(`\nA file of ${mb.toFixed(0)} MB: ${sizeWords()}`);
  const own = await benchServer();
  const other = await benchServer();
  try {
    const takenIn = await whileWatched(own, () => sendFile(own.url, path));
    report('in', takenIn);
    const out = join(tmpdir(), `yellow-ledger-large-out-${process.pid}.json`);
    report('out', await whileWatched(own, () => save(`${own.url}/api/files/everything`, out)));
    const again = await whileWatched(other, () => sendFile(other.url, out));
    report('what went out, into another', again);
    const back = join(tmpdir(), `yellow-ledger-large-back-${process.pid}.json`);
    await save(`${other.url}/api/files/everything`, back);
    const isSame = statSync(out).size === statSync(back).size;
    console.log(`  out once more: ${isSame ? 'as large' : 'NOT AS LARGE'}`);
    report(
      'a backup',
      await whileWatched(own, () => fetch(`${own.url}/api/backups`, { method: 'POST' })),
    );
    if (!isSame || takenIn.took > 60_000 || takenIn.longest > 300) process.exitCode = 1;
  } finally {
    own.stop();
    other.stop();
  }
}

async function sendFile(url: string, path: string): Promise<void> {
  const answer = await fetch(`${url}/api/files`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: await openAsBlob(path),
  });
  if (!answer.ok) throw new Error(await answer.text());
}

const sizeWords = () =>
  Object.entries(counts)
    .map(([name, count]) => `${(count * size).toLocaleString('en')} ${name}`)
    .join(', ');

function report(what: string, { took, longest, longestWrite, asked }: Watched): void {
  console.log(
    `  ${what}: ${(took / 1000).toFixed(1)} s; asked ${asked} times meanwhile, the longest answer took ${ms(longest)}, the longest write ${ms(longestWrite)}`,
  );
}

interface Watched {
  took: number;
  longest: number;
  longestWrite: number;
  asked: number;
}

/** Does something, and asks the server for a page, a record and a write again and again meanwhile. */
async function whileWatched(
  { url, send }: Awaited<ReturnType<typeof benchServer>>,
  does: () => Promise<unknown>,
): Promise<Watched> {
  await send('PUT', '/api/pots/watched', {
    content: potCalled('watched', 0),
    revision: await revisionOf(url),
  });
  const begun = performance.now();
  let isDone = false;
  const doing = does().finally(() => (isDone = true));
  let [longest, longestWrite, asked] = [0, 0, 0];
  const timed = async (ask: () => Promise<unknown>) => {
    const at = performance.now();
    await ask();
    asked++;
    return performance.now() - at;
  };
  const reads = (async () => {
    while (!isDone) {
      for (const path of ['/', '/healthz', '/api/pots/watched', '/api/palettes'])
        longest = Math.max(longest, await timed(async () => (await fetch(url + path)).text()));
      await new Promise((then) => setTimeout(then, lookEvery));
    }
  })();
  const writes = (async () => {
    for (let nth = 1; !isDone; nth++) {
      const revision = await revisionOf(url);
      const write = () =>
        send('PUT', '/api/pots/watched', { content: potCalled('watched', nth), revision });
      longestWrite = Math.max(longestWrite, await timed(write));
      await new Promise((then) => setTimeout(then, lookEvery));
    }
  })();
  await Promise.all([doing, reads, writes]);
  return { took: performance.now() - begun, longest, longestWrite, asked };
}

async function revisionOf(url: string): Promise<number> {
  const answer = await fetch(`${url}/api/pots/watched`);
  return answer.ok ? ((await answer.json()) as { revision: number }).revision : 0;
}

const potCalled = (id: string, nth: number) => ({
  ...samplePots[0],
  id,
  notes: String(nth).padStart(8, '0'),
});

async function save(url: string, path: string): Promise<void> {
  const answer = await fetch(url);
  if (!answer.ok || !answer.body) throw new Error(`${url} answered ${answer.status}`);
  const file = createWriteStream(path);
  for await (const part of answer.body as unknown as AsyncIterable<Uint8Array>)
    if (!file.write(part)) await once(file, 'drain');
  file.end();
  await once(file, 'close');
}

async function writeLarge(path: string): Promise<void> {
  const file = createWriteStream(path);
  const writing = new LedgerFileWriting();
  const put = async (text: string) => {
    if (!file.write(text)) await once(file, 'drain');
  };
  const list = async (name: FileListName, count: number, record: (nth: number) => object) => {
    await put(writing.beginList(name));
    for (let nth = 0; nth < count * size; nth++) await put(writing.record(name, record(nth)));
    await put(writing.endList());
  };
  const recipe = (nth: number) => ({
    ...sampleRecipes[nth % sampleRecipes.length],
    id: `r${nth}`,
    name: `Recipe ${nth}`,
  });
  const shelf = [...samplePots, ...Object.values(pots)];
  await put(writing.begin());
  await list('pots', shelf.length / size, (nth) => shelf[nth]);
  await list('recipes', counts.recipes, recipe);
  await list('versions', counts.versions, (nth) => ({
    recipeId: `r${nth % counts.recipes}`,
    number: 1 + Math.floor(nth / counts.recipes),
    note: `frozen ${nth}`,
    frozenAt: '2026-03-01T18:00:00.000Z',
    content: recipe(nth % counts.recipes),
  }));
  await list('armies', counts.armies, (nth) => ({ ...levy, id: `a${nth}`, name: `Army ${nth}` }));
  await list('log', counts.log, (nth) => coats(nth, 1)[0]);
  await put(writing.end([]));
  file.end();
  await once(file, 'close');
}
