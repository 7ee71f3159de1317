import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import BetterSqlite3 from 'better-sqlite3';
import { fortySteps, pots } from './fortySteps';
import { medianMsOf, ms, times } from './measure';

const main = resolve(import.meta.dirname, '../../server/dist/main.js');

/** A list of 1,000 recipes of eight lines: the API beside the bare read of the same rows. */
export async function benchRecipeList(): Promise<void> {
  const dataFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-bench-'));
  const server = spawn(process.execPath, [main], {
    env: { ...process.env, YELLOW_LEDGER_DATA: dataFolder, YELLOW_LEDGER_PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise<string>((found) =>
    server.stdout.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(text.toString())?.[0];
      if (address) found(address);
    }),
  );
  const put = (path: string, content: object) =>
    fetch(url + path, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ content, revision: 0 }),
    });
  try {
    for (const pot of pots) await put(`/api/pots/${pot.id}`, pot);
    const recipe = { ...fortySteps(), steps: fortySteps().steps.slice(0, 8) };
    for (let i = 0; i < 1000; i++)
      await put(`/api/recipes/r${i}`, { ...recipe, id: `r${i}`, name: `Recipe ${i}` });

    const bare = new BetterSqlite3(join(dataFolder, 'ledger.sqlite'), { readonly: true });
    const rows = bare.prepare<[], { content: string }>('select * from recipes');
    const bareMs = await medianMsOf(async () => {
      const items = rows
        .all()
        .map((row) => ({ ...row, content: JSON.parse(row.content) as unknown }));
      return JSON.stringify({ items });
    }, 15);
    const apiMs = await medianMsOf(async () => (await fetch(`${url}/api/recipes`)).text(), 15);
    bare.close();
    console.log('\nList of 1,000 recipes of eight lines');
    console.log(`  bare SQLite read, JSON parsed and written ${ms(bareMs)}`);
    console.log(
      `  over the API                              ${ms(apiMs)}   ${times(apiMs / bareMs)} the bare read`,
    );
  } finally {
    server.kill('SIGTERM');
  }
}
