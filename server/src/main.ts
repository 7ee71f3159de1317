import type { AddressInfo } from 'node:net';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { addDemo, addDemoWithPast } from './demo/addDemo';
import { sayClub } from './start/sayClub';
import { ownAddresses } from './start/madeCertificate';
import { addressesOf, servingOf } from './start/serve';
import { ownDatabase } from './start/ownDatabase';
import { keepFilesPrivate } from './start/ownFiles';
import { ownHosts } from './start/ownHosts';
import { RunningLedger } from './start/runningLedger';
import { serverLog } from './start/serverLog';
import { startOptions, type StartOptions } from './start/startOptions';
import { sentenceOfStart } from './start/startProblem';
import { version } from './version';
import { workInThreads } from './work/workInThreads';

/** Says why in a sentence, and ends. */
function stop(error: unknown, file = ''): never {
  const sentence = sentenceOfStart(error, file);
  if (sentence === null) throw error;
  console.error(`Yellow Ledger could not start: ${sentence}`);
  process.exit(1);
}

function readOptions(): StartOptions {
  try {
    return startOptions(process.argv.slice(2), process.env);
  } catch (error) {
    stop(error);
  }
}

const options = readOptions();
const { databaseFile, dataFolder, backupFolder, port } = options;
if (options.isVersionAsked) {
  console.log(version);
  process.exit(0);
}
const here = dirname(fileURLToPath(import.meta.url));

async function open() {
  try {
    keepFilesPrivate(databaseFile, backupFolder);
    const own = ownDatabase(databaseFile);
    if (options.isReset) own.beginAnew();
    const serving = await servingOf(options.club, dataFolder);
    const { log, close } = serverLog(dataFolder, (why) =>
      console.error(`Nothing is written to server.log any more: ${why}. The ledger goes on.`),
    );
    const ledger = new RunningLedger({
      databaseFile,
      backupFolder,
      webFolder: resolve(here, '../../web/dist'),
      workOf: (opened, gate, workFolder) =>
        workInThreads({
          ledger: opened,
          databaseFile,
          workFolder,
          gate,
          script: new URL('./ledgerThread.js', import.meta.url),
        }),
      isDemo: options.isDemo,
      club: options.club
        ? {
            carriage: options.club.carriage,
            root: serving.root,
            addresses: serving.host === '0.0.0.0' ? ownAddresses : () => [],
            isOwnHost: ownHosts(options.club),
          }
        : undefined,
      log,
      onCopy: (copy) => {
        log.info({ databaseFile, copy }, 'copied before it is brought to a newer form');
        console.log(`The ledger is brought to a newer form. A copy as it was: ${copy}`);
      },
    });
    const hasPast = !options.isFresh && !options.club;
    await ledger.open(options.isDemo ? (hasPast ? addDemoWithPast : addDemo) : undefined);
    own.isMade();
    return { own, log, closeLog: close, ledger, serving };
  } catch (error) {
    stop(error, databaseFile);
  }
}

const { own, log, closeLog, ledger, serving } = await open();
const server = serving.serverOf(ledger.listener);
// A phone presses now and then: to come in over TLS anew each time would cost more than the press.
server.keepAliveTimeout = 65_000;
server.on('error', (error: NodeJS.ErrnoException) => {
  const reason =
    error.code === 'EADDRINUSE'
      ? `port ${port} is taken: stop what uses it, or choose another with YELLOW_LEDGER_PORT`
      : error.code === 'EADDRNOTAVAIL'
        ? `YELLOW_LEDGER_HOST is “${serving.host}”, which is no address of this machine`
        : error.message;
  console.error(`Yellow Ledger could not start: ${reason}.`);
  process.exit(1);
});
server.listen(port, serving.host, () => {
  const { port: opened } = server.address() as AddressInfo;
  const [at, ...further] = addressesOf(serving, opened);
  own.tell(at);
  log.info({ databaseFile, port: opened, version }, 'open');
  console.log(`Yellow Ledger is open at ${at}`);
  further.forEach((each) => console.log(`  in the network: ${each}`));
  console.log(`  data: ${databaseFile}`);
  console.log('  stop: Ctrl+C');
  if (ledger.club && options.club)
    sayClub(ledger.club, options.club.carriage, serving, at, options.isDemo).catch((error) =>
      log.error({ err: error }, 'the link for the first manager could not be made'),
    );
});

let closing = false;
function close(signal: string, exitCode = 0): void {
  if (closing) return;
  closing = true;
  log.info({ signal }, 'closing');
  ledger.endStreams();
  // Requests under way are answered; a browser that only keeps its connection open is not waited for.
  server.close(() => {
    ended().then(
      () => process.exit(exitCode),
      () => process.exit(1),
    );
  });
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), 3000).unref();
}

async function ended(): Promise<void> {
  await ledger.close();
  own.release();
  await closeLog();
}

process.on('SIGINT', close);
process.on('SIGTERM', close);
// After an unexpected error the state in memory is unknown: close the database and exit.
for (const mistake of ['unhandledRejection', 'uncaughtException'] as const)
  process.on(mistake, (error: unknown) => {
    log.fatal({ err: error }, mistake);
    console.error(`Yellow Ledger ends after a mistake of its own: ${String(error)}`);
    console.error('The log in the data folder says more. Everything that was saved is kept.');
    close(mistake, 1);
  });
