import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { expect, test } from '@playwright/test';
import { startServer } from '../support/ledgerServer';

const main = resolve(import.meta.dirname, '../../server/dist/main.js');

/** Runs the server until it ends by itself. */
function runServer(args: string[], env: Record<string, string>) {
  return new Promise<{ code: number | null; said: string }>((ended) => {
    const child = spawn(process.execPath, [main, ...args], { env: { ...process.env, ...env } });
    let said = '';
    child.stderr.on('data', (text: Buffer) => (said += text.toString()));
    child.once('exit', (code) => ended({ code, said }));
  });
}

test('a port that is taken is said in a sentence, without a stack', async () => {
  const taken = createServer();
  await new Promise<void>((open) => taken.listen(0, '127.0.0.1', open));
  const address = taken.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  const { code, said } = await runServer([], {
    YELLOW_LEDGER_PORT: String(port),
    YELLOW_LEDGER_DATA: mkdtempSync(join(tmpdir(), 'yellow-ledger-')),
  });
  expect(code).toBe(1);
  expect(said).toContain(`port ${port} is taken`);
  expect(said).not.toContain('    at ');
  taken.close();
});

test('the demo is put back without touching the user’s own ledger', async ({ request }) => {
  const own = await startServer();
  const { dataFolder } = own;
  const pot = {
    ...(await samplePot(request)),
    id: 'mine',
    name: 'Mine',
  };
  await request.put(`${own.url}/api/pots/mine`, { data: { content: pot, revision: 0 } });
  await own.stop();

  const demo = await startServer({ demo: true, dataFolder });
  await request.delete(`${demo.url}/api/recipes/reed-cloak?revision=1`);
  expect((await (await request.get(`${demo.url}/api/recipes`)).json()).items).toHaveLength(17);
  await demo.stop();

  const again = await startServer({ demo: true, reset: true, dataFolder });
  expect((await (await request.get(`${again.url}/api/recipes`)).json()).items).toHaveLength(18);
  await again.stop();

  const back = await startServer({ dataFolder });
  const { items } = await (await request.get(`${back.url}/api/pots`)).json();
  expect(items.map((kept: { content: { name: string } }) => kept.content.name)).toEqual(['Mine']);
  await back.stop();
});

test('it writes a log of whole JSON lines, and closes its database when asked to end', async ({
  request,
}) => {
  const server = await startServer();
  await request.get(`${server.url}/api/pots`);
  await request.put(`${server.url}/api/pots/mud`, { data: { content: {} } });
  await server.stop();
  const lines = readFileSync(join(server.dataFolder, 'server.log'), 'utf8').trim().split('\n');
  const messages = lines.map((line) => JSON.parse(line) as { msg: string });
  // Of what went well it says nothing; the first backup is made beside.
  const said = messages.map(({ msg }) => msg).filter((msg) => msg !== 'backed up');
  expect(said).toEqual(['open', 'request completed', 'closing']);
  // SQLite takes its write-ahead log away when the last connection closes in order.
  expect(existsSync(join(server.dataFolder, 'ledger.sqlite-wal'))).toBe(false);
});

async function samplePot(request: { get(url: string): Promise<{ json(): Promise<unknown> }> }) {
  const demo = await startServer({ demo: true });
  const kept = (await (await request.get(`${demo.url}/api/pots/marigold`)).json()) as {
    content: object;
  };
  await demo.stop();
  return kept.content;
}
