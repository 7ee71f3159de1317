import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { clubSettings, type ClubSettings } from './clubSettings';
import { StartProblem } from './startProblem';

export interface StartOptions {
  isDemo: boolean;
  /** the demo without the two months that were painted in it */
  isFresh: boolean;
  /** puts the demo back to how it was */
  isReset: boolean;
  isVersionAsked: boolean;
  /** how a club is reached; null for a ledger that is its owner’s alone */
  club: ClubSettings | null;
  dataFolder: string;
  databaseFile: string;
  backupFolder: string;
  port: number;
}

const known =
  '--demo, --reset and --fresh (with --demo), --club, --plain-http (with --club) and --version';

/**
 * The options the ledger is started with.
 *
 * @throws StartProblem that names the option or setting, its value and what would be right
 */
export function startOptions(args: readonly string[], env: NodeJS.ProcessEnv): StartOptions {
  const {
    demo: isDemo = false,
    reset: isReset = false,
    fresh: isFresh = false,
    version = false,
    club: isClub = false,
    'plain-http': isPlain = false,
  } = read(args);
  if (isReset && !isDemo)
    throw new StartProblem(
      '--reset is for the demo alone: there is no option that deletes a ledger.',
    );
  if (isFresh && !isDemo)
    throw new StartProblem(
      '--fresh is for the demo alone: a ledger of your own has in it what you put there.',
    );
  if (isPlain && !isClub)
    throw new StartProblem(
      '--plain-http is for --club alone: a ledger alone stays on this machine.',
    );
  const demoName = isClub ? 'demo-club' : 'demo';
  const dataFolder = resolve(env.YELLOW_LEDGER_DATA ?? './data');
  return {
    isDemo,
    isReset,
    isFresh,
    isVersionAsked: version,
    club: isClub ? clubSettings(isPlain, env) : null,
    dataFolder,
    databaseFile: join(dataFolder, isDemo ? `${demoName}.sqlite` : 'ledger.sqlite'),
    // The demo’s stand apart: they have the same names.
    backupFolder: join(
      resolve(env.YELLOW_LEDGER_BACKUPS ?? join(dataFolder, 'backups')),
      isDemo ? demoName : '',
    ),
    port: portOf(env.YELLOW_LEDGER_PORT ?? '4747'),
  };
}

function read(args: readonly string[]) {
  try {
    const flag = { type: 'boolean' } as const;
    const options = {
      demo: flag,
      reset: flag,
      fresh: flag,
      version: flag,
      club: flag,
      'plain-http': flag,
    };
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
