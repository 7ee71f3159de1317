import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const main = resolve(import.meta.dirname, '../../server/dist/main.js');

/** The built server over a new empty ledger. */
export async function benchServer() {
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
  return {
    url,
    file: join(dataFolder, 'ledger.sqlite'),
    send: async (method: string, path: string, body: object) => {
      const answer = await fetch(url + path, {
        method,
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      });
      // A bench of what was refused would measure nothing.
      if (!answer.ok) throw new Error(await answer.text());
      return answer;
    },
    stop: () => server.kill('SIGTERM'),
  };
}
