import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { missingPackage } from './packages.mjs';

interface Noted {
  version: string;
  integrity?: string;
  optional?: boolean;
  link?: boolean;
}
type Packages = Record<string, Noted>;

const sound: Packages = {
  '': { version: '0.1.0' },
  core: { version: '0.1.0' },
  'node_modules/zod': { version: '4.6.7', integrity: 'sha512-z' },
  'node_modules/zod/node_modules/small': { version: '1.0.0', integrity: 'sha512-s' },
  'node_modules/for-another-machine': { version: '2.0.0', optional: true },
};
const { 'node_modules/for-another-machine': _other, ...installed } = sound;

/** A folder with what is asked for, what npm noted, and what lies there. */
function folderWith(noted: Packages | null, there: Packages = noted ?? {}): string {
  const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-packages-'));
  const write = (file: string, content: unknown) => {
    mkdirSync(join(folder, file, '..'), { recursive: true });
    writeFileSync(join(folder, file), JSON.stringify(content));
  };
  write('package-lock.json', { packages: sound });
  if (noted) write('node_modules/.package-lock.json', { packages: noted });
  for (const [path, { version }] of Object.entries(there))
    if (path.includes('node_modules')) write(`${path}/package.json`, { version });
  return folder;
}

test('what is there as it is asked for needs no install, without optional packages of other machines', () => {
  expect(missingPackage(folderWith(installed))).toBeNull();
});

test.each<[string, Packages | null, Packages | undefined, string]>([
  ['nothing was installed', null, undefined, 'no finished install'],
  [
    'a package is missing',
    { ...installed, 'node_modules/zod': undefined as never },
    {},
    'zod is missing',
  ],
  [
    'a version differs',
    { ...installed, 'node_modules/zod': { version: '4.0.0', integrity: 'sha512-z' } },
    undefined,
    'zod is 4.0.0 and should be 4.6.7',
  ],
  [
    'the contents differ',
    { ...installed, 'node_modules/zod': { version: '4.6.7', integrity: 'sha512-x' } },
    undefined,
    'zod 4.6.7 has other contents',
  ],
  ['an install was interrupted', installed, {}, 'zod is noted, but its folder is empty'],
])('%s: that is found and said', (_what, noted, there, says) => {
  const kept = noted && (JSON.parse(JSON.stringify(noted)) as Packages);
  expect(missingPackage(folderWith(kept, there))).toBe(says);
});

/** A clone with the scripts alone. */
function clone(): string {
  const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-clone-'));
  mkdirSync(join(folder, 'scripts'));
  for (const name of readdirSync(__dirname))
    if (name.endsWith('.mjs')) cpSync(join(__dirname, name), join(folder, 'scripts', name));
  return folder;
}
const code = (body: string) => `import('./scripts/locks.mjs').then(async (locks) => { ${body} })`;
/** As somebody starts it, not as a part of the command that runs these tests. */
const { YELLOW_LEDGER_COMMAND: _command, ...env } = process.env;
const runIn = (folder: string, body: string) =>
  spawnSync(process.execPath, ['-e', code(body)], { cwd: folder, encoding: 'utf8', env });
const takeLock = `locks.lock('test', 'npm test', locks.endWhenHeld('Tests of this folder'));`;

const started: ChildProcess[] = [];
// A test that failed half-way leaves none running.
afterEach(() => started.splice(0).forEach((child) => child.kill('SIGKILL')));

/** Holds what it took until it is killed. */
async function held(folder: string, body: string) {
  const child = spawn(
    process.execPath,
    ['-e', code(`${body} console.log('held'); setInterval(() => undefined, 1000);`)],
    { cwd: folder, env },
  );
  started.push(child);
  await new Promise((said) => child.stdout.once('data', said));
  return async (signal: NodeJS.Signals) => {
    const ended = new Promise((gone) => child.once('exit', gone));
    child.kill(signal);
    await ended;
  };
}

test('a second run of the tests in one clone is refused, and told who runs them', async () => {
  const folder = clone();
  const end = await held(folder, takeLock);
  const { status, stderr } = runIn(folder, takeLock);
  expect(status).toBe(1);
  expect(stderr).toMatch(/“npm test” \(process \d+, since [\d:]+\) does so already/);
  await end('SIGTERM');
});

test('the lock of a command that was killed is taken over', async () => {
  const folder = clone();
  const end = await held(folder, takeLock);
  await end('SIGKILL');
  expect(runIn(folder, takeLock).status).toBe(0);
});

test('nothing is installed under a command that runs', async () => {
  const folder = clone();
  const end = await held(folder, `locks.noteRunning('npm run demo');`);
  const install = `locks.refuseWhileOthersRun('The packages must be installed (zod is missing)');`;
  const { status, stderr } = runIn(folder, install);
  expect(status).toBe(1);
  expect(stderr).toMatch(/zod is missing\), but “npm run demo” \(process \d+.*uses this folder/);
  await end('SIGKILL');
  expect(runIn(folder, install).status).toBe(0);
  rmSync(folder, { recursive: true });
});
