import { spawnSync } from 'node:child_process';
import { statfsSync } from 'node:fs';
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

/** Building and installing need more free disk than this. */
const littleMb = 100;

/** As `run`, but gives up when the command fails. */
export function mustRun(command, args, env) {
  if (run(command, args, env) === 0) return;
  const { bavail, bsize } = statfsSync(root);
  const freeMb = Math.floor((bavail * bsize) / 1e6);
  const disk =
    freeMb < littleMb ? ` The disk has only ${freeMb} MB left: make room, then try again.` : '';
  giveUp(`“${command} ${args.join(' ')}” failed; see above.${disk}`);
}

const cannotWrite = `${root} cannot be written to, which this needs`;
const whenRefused = {
  ENOSPC: 'The disk is full. Make room, then try again.',
  EROFS: `${cannotWrite}: it is read-only.`,
  EACCES: `${cannotWrite}: it belongs to somebody else.`,
  EPERM: `${cannotWrite}: it belongs to somebody else.`,
};

// A refusal of the disk is said in a sentence; anything else is a fault of ours and shows where.
process.on('uncaughtException', (error) => giveUp(whenRefused[error.code] ?? error.stack));

export function isThere(command) {
  return spawnSync('sh', ['-c', `command -v ${command}`]).status === 0;
}

export const isRoot = process.getuid?.() === 0;
