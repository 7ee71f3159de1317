import { spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { ledgerFileOf, ledgerFileText } from '@yellow-ledger/core';
import { samplePots } from '../../server/src/demo/samplePots';
import { sampleRecipes } from '../../server/src/demo/sampleRecipes';
import { seeded } from '../../core/src/testing/practice/shakingHand';
import { gone, started } from './startedServer';

/** So often each is killed; `KILLS=250 SEED=… npm run bench -- killWork` for the long run. */
const kills = Number(process.env.KILLS ?? 20);
const seed = Number(process.env.SEED ?? 41);
const restoreMain = resolve(import.meta.dirname, '../../server/dist/restoreMain.js');
const before = resolve(
  import.meta.dirname,
  '../../server/src/db/fixtures/before-timetables.sqlite',
);
const manyRecipes = 600;

interface Kill {
  /** makes a folder with a ledger in it that is about to be worked on */
  lay: () => Promise<{ folder: string; backup?: string }>;
  /** begins the work; what it began is killed @returns the process */
  begin: (at: {
    folder: string;
    backup?: string;
  }) => Promise<{ kill: () => void; ended: Promise<unknown> }>;
  /** the work takes about so long, ms */
  takes: number;
  /** looks at what is left once it was started again @returns what is wrong */
  look: (at: { folder: string; backup?: string; url: string }) => Promise<string[]>;
}

/** `kill -9` in the middle of a backup, of putting one in place, of an import, and of a new form of the database. */
export async function benchKillWork(): Promise<void> {
  console.log(`\n${kills} × kill -9 in the middle of each; seed ${seed}`);
  for (const [what, work] of Object.entries(works)) {
    const random = seeded(seed);
    const wrong: string[] = [];
    for (let nth = 0; nth < kills; nth++) {
      const at = await work.lay();
      const { kill, ended } = await work.begin(at);
      await after(random() * work.takes);
      kill();
      await ended;
      const { server, url } = await started(at.folder);
      wrong.push(
        ...(await work.look({ ...at, url })),
        ...integrityOf(at.folder),
        ...leftOf(at.folder),
      );
      server.kill('SIGTERM');
      await gone(server);
    }
    console.log(`  ${what.padEnd(34)} wrong ${wrong.length}`);
    for (const sentence of wrong.slice(0, 5)) console.log(`    ${sentence}`);
    if (wrong.length > 0) process.exitCode = 1;
  }
}

const after = (ms: number) => new Promise((then) => setTimeout(then, ms));
const folderOf = () => mkdtempSync(join(tmpdir(), 'yellow-ledger-kill-'));

async function send(url: string, method: string, path: string, body?: string) {
  const answer = await fetch(url + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body !== undefined && { body }),
  });
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}: ${await answer.text()}`);
  return answer;
}

const pot = (notes: string, revision: number) =>
  JSON.stringify({ content: { ...samplePots[0], id: 'marker', notes }, revision });

/** A ledger with the sample, a mark, a backup of that, and another mark since. */
async function layMarked(): Promise<{ folder: string; backup: string }> {
  const folder = folderOf();
  const { server, url } = await started(folder);
  await send(url, 'POST', '/api/demo/sample');
  await send(url, 'PUT', '/api/pots/marker', pot('then', 0));
  const made = (await (await send(url, 'POST', '/api/backups')).json()) as { name: string };
  await send(url, 'PUT', '/api/pots/marker', pot('now', 1));
  server.kill('SIGTERM');
  await gone(server);
  return { folder, backup: made.name };
}

/** A running server that is asked for something; whatever it answers, it is killed. */
async function asked(folder: string, method: string, path: string, body?: string) {
  const { server, url } = await started(folder);
  void fetch(url + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body !== undefined && { body }),
  }).catch(() => undefined);
  return { kill: () => server.kill('SIGKILL'), ended: gone(server) };
}

async function isOneOf(url: string, marks: readonly string[]): Promise<string[]> {
  const { content } = (await (await send(url, 'GET', '/api/pots/marker')).json()) as {
    content: { notes: string };
  };
  const { items } = (await (await send(url, 'GET', '/api/recipes')).json()) as { items: unknown[] };
  return [
    ...(marks.includes(content.notes) ? [] : [`the mark says ${content.notes}`]),
    ...(items.length === sampleRecipes.length ? [] : [`${items.length} recipes`]),
  ];
}

const imported = ledgerFileText(
  ledgerFileOf({
    pots: samplePots,
    recipes: Array.from({ length: manyRecipes }, (_, nth) => ({
      ...sampleRecipes[nth % sampleRecipes.length],
      id: `r${nth}`,
    })),
  }),
);

const works: Record<string, Kill> = {
  'a backup': {
    lay: layMarked,
    begin: ({ folder }) => asked(folder, 'POST', '/api/backups'),
    takes: 250,
    async look({ folder, url }) {
      const backups = join(folder, 'backups');
      const broken = readdirSync(backups)
        .filter((name) => name.endsWith('.sqlite'))
        .flatMap((name) => integrityOfFile(join(backups, name)));
      return [...(await isOneOf(url, ['now'])), ...broken];
    },
  },
  'a backup put in place by the page': {
    lay: layMarked,
    begin: ({ folder, backup }) => asked(folder, 'POST', `/api/backups/${backup}/restored`),
    takes: 700,
    look: ({ url }) => isOneOf(url, ['then', 'now']),
  },
  'a backup put in place by the command': {
    lay: layMarked,
    async begin({ folder, backup }) {
      const child = spawn(process.execPath, [restoreMain, join(folder, 'backups', backup ?? '')], {
        env: { ...process.env, YELLOW_LEDGER_DATA: folder },
        stdio: 'ignore',
      });
      return { kill: () => child.kill('SIGKILL'), ended: gone(child) };
    },
    takes: 900,
    look: ({ url }) => isOneOf(url, ['then', 'now']),
  },
  'a file taken in': {
    lay: layMarked,
    begin: ({ folder }) => asked(folder, 'POST', '/api/files', imported),
    takes: 2500,
    async look({ url }) {
      const { items } = (await (await send(url, 'GET', '/api/recipes')).json()) as {
        items: unknown[];
      };
      const added = items.length - sampleRecipes.length;
      return added === 0 || added === manyRecipes ? [] : [`${added} of ${manyRecipes} recipes`];
    },
  },
  'a database brought to a newer form': {
    async lay() {
      const folder = folderOf();
      copyFileSync(before, join(folder, 'ledger.sqlite'));
      writeFileSync(join(folder, 'as-it-was'), String(rowsIn(before)));
      return { folder };
    },
    async begin({ folder }) {
      const { server } = await started(folder, { isWaitedFor: false });
      return { kill: () => server.kill('SIGKILL'), ended: gone(server) };
    },
    takes: 900,
    async look({ folder, url }) {
      await send(url, 'GET', '/api/log');
      const now = rowsIn(join(folder, 'ledger.sqlite'));
      return now === rowsIn(before) ? [] : [`${now} rows of ${rowsIn(before)}`];
    },
  },
};

function rowsIn(file: string): number {
  const db = new Database(file, { readonly: true });
  const sum = ['pots', 'recipes', 'armies', 'palettes', 'versions'].reduce((rows, table) => {
    const { has } = db.prepare(`select count(*) as has from ${table}`).get() as { has: number };
    return rows + has;
  }, 0);
  db.close();
  return sum;
}

const integrityOf = (folder: string) => integrityOfFile(join(folder, 'ledger.sqlite'));

function integrityOfFile(file: string): string[] {
  const db = new Database(file, { readonly: true });
  const [{ integrity_check: said }] = db.pragma('integrity_check') as { integrity_check: string }[];
  db.close();
  return said === 'ok' ? [] : [`${file}: ${said}`];
}

/** Temporary files that are still there. */
const leftOf = (folder: string) =>
  readdirSync(folder)
    .filter((name) => /^(staging|taken)-|restoring/.test(name))
    .map((name) => `${name} was left behind`);
