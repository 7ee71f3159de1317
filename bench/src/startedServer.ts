import { spawn, type ChildProcess } from 'node:child_process';
import { resolve } from 'node:path';

const main = resolve(import.meta.dirname, '../../server/dist/main.js');

/** The built server over a folder; once it is open, unless it is to be killed before. */
export async function started(dataFolder: string, { isWaitedFor = true } = {}) {
  const server = spawn(process.execPath, [main], {
    env: { ...process.env, YELLOW_LEDGER_DATA: dataFolder, YELLOW_LEDGER_PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise<string>((found, failed) => {
    if (!isWaitedFor) return found('');
    server.on('exit', () => failed(new Error('the server did not start again')));
    server.stdout.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(text.toString())?.[0];
      if (address) found(address);
    });
  });
  return { server, url };
}

export const gone = (server: ChildProcess) =>
  new Promise((then) =>
    (server.exitCode ?? server.signalCode) !== null ? then(null) : server.once('exit', then),
  );
