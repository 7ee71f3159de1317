import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const main = resolve(import.meta.dirname, '../../../server/dist/main.js');

/** The built server with the sample world, alone or as a club; once it has said all it says at its start. */
export async function startedSample(isClub: boolean, isPlain = false) {
  const dataFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-club-'));
  const began = performance.now();
  const server = spawn(
    process.execPath,
    [main, '--demo', ...(isClub ? ['--club'] : []), ...(isPlain ? ['--plain-http'] : [])],
    {
      env: {
        ...process.env,
        YELLOW_LEDGER_DATA: dataFolder,
        YELLOW_LEDGER_PORT: '0',
        YELLOW_LEDGER_HOST: '127.0.0.1',
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
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
    passphrases: passphrasesIn(said),
    keeperPassphrase: /Ottoline \(keeper\), passphrase: (.+)/.exec(said)?.[1] ?? '',
  };
}

/** The sample club over plain HTTP and a folder that stays; once it is open. @param isFirst its members are made, and it says what they log in with */
export async function startedClub(dataFolder: string, { isFirst = false } = {}) {
  const server = spawn(process.execPath, [main, '--demo', '--club', '--plain-http'], {
    env: {
      ...process.env,
      YELLOW_LEDGER_DATA: dataFolder,
      YELLOW_LEDGER_PORT: '0',
      YELLOW_LEDGER_HOST: '127.0.0.1',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  const url = await new Promise<string>((found, failed) => {
    server.on('exit', () => failed(new Error(`the server did not start: ${said}`)));
    server.stdout.on('data', (text: Buffer) => {
      said += text.toString();
      const address = /http:\/\/127[\d.:]+/.exec(said)?.[0];
      if (address && (!isFirst || said.includes('Marsh (guest)'))) found(address);
    });
  });
  return { server, url, passphrases: passphrasesIn(said) };
}

/** Passphrases of the sample club's members by name, as printed at the start. */
const passphrasesIn = (said: string) =>
  new Map(
    [...said.matchAll(/^ {4}(\w+) \(\w+\), passphrase: (.+)$/gm)].map(
      ([, name, passphrase]) => [name, passphrase] as const,
    ),
  );
