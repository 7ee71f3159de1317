import { existsSync } from 'node:fs';
import { StartProblem } from './startProblem';

/** How what members send goes through the network. */
export type Carriage =
  | { by: 'own certificate'; certificateFile: string; keyFile: string }
  | { by: 'made certificate' }
  /** @param address where the proxy answers, without a slash at its end */
  | { by: 'proxy'; address: string }
  | { by: 'plain http' };

/** How a club is reached. */
export interface ClubSettings {
  /** where it listens */
  host: string;
  carriage: Carriage;
  /** further names it answers to */
  names: string[];
}

/**
 * How a club is reached, by what was set.
 *
 * @param isPlain whether it was said outright that nothing is to be encrypted
 * @throws StartProblem that names the setting, its value and what would be right
 */
export function clubSettings(isPlain: boolean, env: NodeJS.ProcessEnv): ClubSettings {
  const carriage = carriageOf(isPlain, env);
  const usual = carriage.by === 'proxy' ? '127.0.0.1' : '0.0.0.0';
  return {
    host: env.YELLOW_LEDGER_HOST ?? usual,
    carriage,
    names: namesOf(env.YELLOW_LEDGER_NAMES ?? ''),
  };
}

function carriageOf(isPlain: boolean, env: NodeJS.ProcessEnv): Carriage {
  const {
    YELLOW_LEDGER_CERTIFICATE: certificateFile,
    YELLOW_LEDGER_KEY: keyFile,
    YELLOW_LEDGER_BEHIND: behind,
  } = env;
  const said = [
    certificateFile !== undefined || keyFile !== undefined,
    behind !== undefined,
    isPlain,
  ].filter(Boolean).length;
  if (said > 1)
    throw new StartProblem(
      'A certificate, YELLOW_LEDGER_BEHIND and --plain-http exclude each other: choose one.',
    );
  if (behind !== undefined) return { by: 'proxy', address: addressOf(behind) };
  if (isPlain) return { by: 'plain http' };
  if (certificateFile === undefined && keyFile === undefined) return { by: 'made certificate' };
  return {
    by: 'own certificate',
    certificateFile: fileOf('YELLOW_LEDGER_CERTIFICATE', certificateFile),
    keyFile: fileOf('YELLOW_LEDGER_KEY', keyFile),
  };
}

function namesOf(written: string): string[] {
  const names = written.split(/[\s,]+/).filter((name) => name !== '');
  const wrong = names.find((name) => !/^[a-z0-9.-]+$/i.test(name));
  if (wrong === undefined) return names;
  throw new StartProblem(
    `YELLOW_LEDGER_NAMES has “${wrong}” in it; it should be names without port or slash, as ledger.example, club.local.`,
  );
}

function fileOf(setting: string, path: string | undefined): string {
  if (path === undefined)
    throw new StartProblem(`${setting} is not set: a certificate and its key belong together.`);
  if (!existsSync(path))
    throw new StartProblem(
      `${setting} is “${path}”; there is no such file. It should be a PEM file.`,
    );
  return path;
}

function addressOf(written: string): string {
  const wrong = new StartProblem(
    `YELLOW_LEDGER_BEHIND is “${written}”; it should be where the proxy answers, as https://ledger.example.`,
  );
  if (!URL.canParse(written)) throw wrong;
  const { protocol, origin, pathname } = new URL(written);
  if (protocol !== 'https:' || pathname !== '/') throw wrong;
  return origin;
}
