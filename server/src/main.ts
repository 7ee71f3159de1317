import { rmSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import pino from 'pino';
import { createApp } from './app';
import { openDatabase } from './db/openDatabase';
import { openLedger } from './db/ledger';
import { addSample } from './demo/addSample';

const { values: options } = parseArgs({
  options: { demo: { type: 'boolean' }, reset: { type: 'boolean' } },
});
const dataFolder = resolve(process.env.YELLOW_LEDGER_DATA ?? './data');
const port = Number(process.env.YELLOW_LEDGER_PORT ?? 4747);
const databaseFile = join(dataFolder, options.demo ? 'demo.sqlite' : 'ledger.sqlite');
const webFolder = resolve(dirname(fileURLToPath(import.meta.url)), '../../web/dist');

// Only ever the demo's own file: there is no option that deletes the user's.
if (options.demo && options.reset)
  for (const ending of ['', '-wal', '-shm']) rmSync(databaseFile + ending, { force: true });

const log = pino(
  pino.destination({ dest: join(dataFolder, 'server.log'), mkdir: true, sync: true }),
);
const db = await openDatabase(databaseFile, (copy) => {
  log.info({ databaseFile, copy }, 'copied before it is brought to a newer form');
  console.log(`The ledger is brought to a newer form. A copy as it was: ${copy}`);
});
if (options.demo) await addSample(openLedger(db));

const server = createServer(createApp({ db, log, webFolder }));
server.on('error', (error: NodeJS.ErrnoException) => {
  const reason =
    error.code === 'EADDRINUSE'
      ? `port ${port} is taken: stop what uses it, or choose another with YELLOW_LEDGER_PORT`
      : error.message;
  console.error(`Yellow Ledger could not start: ${reason}.`);
  process.exit(1);
});
server.listen(port, '127.0.0.1', () => {
  const { port: opened } = server.address() as AddressInfo;
  log.info({ databaseFile, port: opened }, 'open');
  console.log(`Yellow Ledger is open at http://127.0.0.1:${opened}/`);
  console.log(`  data: ${databaseFile}`);
  console.log('  stop: Ctrl+C');
});

let closing = false;
function close(signal: string): void {
  if (closing) return;
  closing = true;
  log.info({ signal }, 'closing');
  // Requests under way are answered; a browser that only keeps its connection open is not waited for.
  server.close(() => void db.destroy().then(() => process.exit(0)));
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), 3000).unref();
}
process.on('SIGINT', close);
process.on('SIGTERM', close);
