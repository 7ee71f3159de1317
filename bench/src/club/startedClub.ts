import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const main = resolve(import.meta.dirname, '../../../server/dist/main.js');

/** The built server with the sample world, alone or as a club; once it has said all it says at its start. */
export async function startedSample(isClub: boolean) {
  const dataFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-club-'));
  const began = performance.now();
  const server = spawn(process.execPath, [main, '--demo', ...(isClub ? ['--club'] : [])], {
    env: {
      ...process.env,
      YELLOW_LEDGER_DATA: dataFolder,
      YELLOW_LEDGER_PORT: '0',
      YELLOW_LEDGER_HOST: '127.0.0.1',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  let openMs = 0;
  await new Promise<void>((open, failed) => {
    server.once('exit', () => failed(new Error(`the server ended: ${said}`)));
    server.stdout.on('data', (text: Buffer) => {
      said += text.toString();
      if (openMs === 0 && said.includes('open at')) openMs = performance.now() - began;
      if (said.includes(isClub ? 'Marsh (guest)' : 'stop: Ctrl+C')) open();
    });
  });
  return {
    server,
    dataFolder,
    openMs,
    url: /open at (https?:\/\/[\d.:]+)/.exec(said)?.[1] ?? '',
    keeperPassphrase: /Ottoline \(keeper\), passphrase: (.+)/.exec(said)?.[1] ?? '',
  };
}
