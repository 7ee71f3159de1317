import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Says what is being done, so that a long step is not taken for a hang. */
export function say(text) {
  console.log(`• ${text}`);
}

/** Stops with a reason a person can act on. */
export function giveUp(reason) {
  console.error(`✗ ${reason}`);
  process.exit(1);
}

/** Runs a command in the project's folder, showing what it prints. @returns its exit code */
export function run(command, args, env = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return error ? 127 : (status ?? 1);
}

/** As `run`, but gives up when the command fails. */
export function mustRun(command, args, env) {
  if (run(command, args, env) !== 0) giveUp(`“${command} ${args.join(' ')}” failed; see above.`);
}

export function isThere(command) {
  return spawnSync('sh', ['-c', `command -v ${command}`]).status === 0;
}

export const isRoot = process.getuid?.() === 0;
