import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { StartProblem } from './startProblem';

export interface StartOptions {
  isDemo: boolean;
  /** puts the demo back to how it was */
  isReset: boolean;
  isVersionAsked: boolean;
  dataFolder: string;
  databaseFile: string;
  backupFolder: string;
  port: number;
}

const known = '--demo, --reset (with --demo) and --version';

/**
 * What the ledger is started with.
 *
 * @throws StartProblem that names the option or setting, its value and what would be right
 */
export function startOptions(args: readonly string[], env: NodeJS.ProcessEnv): StartOptions {
  const { demo: isDemo = false, reset: isReset = false, version = false } = read(args);
  if (isReset && !isDemo)
    throw new StartProblem(
      '--reset is for the demo alone: there is no option that deletes a ledger.',
    );
  const dataFolder = resolve(env.YELLOW_LEDGER_DATA ?? './data');
  return {
    isDemo,
    isReset,
    isVersionAsked: version,
    dataFolder,
    databaseFile: join(dataFolder, isDemo ? 'demo.sqlite' : 'ledger.sqlite'),
    // The demo’s stand apart: they have the same names.
    backupFolder: join(
      resolve(env.YELLOW_LEDGER_BACKUPS ?? join(dataFolder, 'backups')),
      isDemo ? 'demo' : '',
    ),
    port: portOf(env.YELLOW_LEDGER_PORT ?? '4747'),
  };
}

function read(args: readonly string[]) {
  try {
    const flag = { type: 'boolean' } as const;
    const options = { demo: flag, reset: flag, version: flag };
    return parseArgs({ args: [...args], options }).values;
  } catch {
    throw new StartProblem(`“${args.join(' ')}” is not understood; there are ${known}.`);
  }
}

function portOf(written: string): number {
  const port = Number(written);
  if (/^\d+$/.test(written) && port <= 65_535) return port;
  throw new StartProblem(
    `YELLOW_LEDGER_PORT is “${written}”; it should be a whole number from 0 (any free one) to 65535.`,
  );
}
