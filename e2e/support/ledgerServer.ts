import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { copyOfLedger, folderFrom } from './template';

export interface LedgerServer {
  url: string;
  /** all it has said at its start */
  said: () => string;
  dataFolder: string;
  databaseFile: string;
  isRunning: () => boolean;
  /** stops it as an owner does, and waits until it is down */
  stop(): Promise<void>;
  /** stops it as a power cut does */
  kill(): Promise<void>;
}

export interface ServerOptions {
  /** where the ledger is; a new empty folder unless said otherwise */
  dataFolder?: string;
  /** with the sample world */
  demo?: boolean;
  /** with the two months that were painted in it */
  past?: boolean;
  /** with the sample world put back to how it was */
  reset?: boolean;
  /** of a club, with a certificate of its own making */
  club?: boolean;
  /** a free port is found unless one is named */
  port?: number;
}

const main = resolve(import.meta.dirname, '../../server/dist/main.js');
/** The sample world as the first start of this process has made it: others begin from a copy. */
let demoCopy: string | undefined;

/** Servers that are running; whatever happens to a test, they end with the process that started them. */
const running = new Set<ChildProcess>();
process.on('exit', () => running.forEach((child) => child.kill('SIGKILL')));

/** Starts the built server as a process of its own, on a real SQLite file. */
export async function startServer(options: ServerOptions = {}): Promise<LedgerServer> {
  const isPlainDemo = options.demo && !options.past && !options.club && !options.dataFolder;
  const dataFolder =
    isPlainDemo && demoCopy
      ? folderFrom(demoCopy, databaseName(options))
      : (options.dataFolder ?? mkdtempSync(join(tmpdir(), 'yellow-ledger-')));
  const flags = (['demo', 'reset', 'club'] as const).filter((flag) => options[flag]);
  const fresh = options.demo && !options.past && !options.club ? ['--fresh'] : [];
  const child = spawn(process.execPath, [main, ...flags.map((flag) => `--${flag}`), ...fresh], {
    env: {
      ...process.env,
      YELLOW_LEDGER_DATA: dataFolder,
      YELLOW_LEDGER_PORT: String(options.port ?? 0),
      ...(options.club && { YELLOW_LEDGER_HOST: '127.0.0.1' }),
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  running.add(child);
  child.once('exit', () => running.delete(child));
  let told = '';
  child.stdout?.on('data', (text: Buffer) => (told += text.toString()));
  const url = await addressOf(child);
  const isRunning = () => child.exitCode === null && child.signalCode === null;
  const end = async (signal: NodeJS.Signals) => {
    if (!isRunning()) return;
    const ended = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    await ended;
  };
  const databaseFile = join(dataFolder, databaseName(options));
  if (isPlainDemo) demoCopy ??= copyOfLedger(dataFolder, databaseFile);
  return {
    url,
    said: () => told,
    dataFolder,
    databaseFile,
    isRunning,
    stop: () => end('SIGTERM'),
    kill: () => end('SIGKILL'),
  };
}

const databaseName = ({ demo, club }: ServerOptions) =>
  demo ? (club ? 'demo-club.sqlite' : 'demo.sqlite') : 'ledger.sqlite';

/** Waited for as long as the server lives: a busy machine is no fault. */
function addressOf(child: ChildProcess): Promise<string> {
  return new Promise((found, failed) => {
    let said = '';
    child.once('exit', (code) => failed(new Error(`the server ended with ${code}: ${said}`)));
    child.stdout?.on('data', (text: Buffer) => {
      said += text.toString();
      const address = /open at (https?:\/\/\S+?)\/?\s/.exec(said)?.[1];
      if (!address) return;
      found(address);
    });
  });
}
