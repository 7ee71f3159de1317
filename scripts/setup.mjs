import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { giveUp, isRoot, isThere, mustRun, root, run, say } from './say.mjs';

const stampFolder = join(root, 'node_modules/.yellow-ledger');

/** Does a piece of set-up, unless it was done already for the same `state`. */
function once(name, state, work) {
  const stamp = join(stampFolder, name);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === state) return;
  work();
  mkdirSync(stampFolder, { recursive: true });
  writeFileSync(stamp, state);
}

function hashOf(...texts) {
  const hash = createHash('sha256');
  for (const text of texts) hash.update(text);
  return hash.digest('hex');
}

function filesBelow(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (['node_modules', 'dist'].includes(entry.name)) return [];
    return entry.isDirectory() ? filesBelow(path) : [path];
  });
}

function aptInstall(packages, whatFor) {
  if (!isRoot || !isThere('apt-get'))
    giveUp(
      `${whatFor} needs ${packages.join(', ')}. Install with: sudo apt-get update && sudo apt-get install -y ${packages.join(' ')}`,
    );
  say(`Installing ${packages.join(', ')} for ${whatFor} …`);
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  mustRun('apt-get', ['update', '-qq'], quiet);
  mustRun('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], quiet);
}

/** Packages of the project, as the lock file has them. */
export function installPackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    giveUp(`Node ${process.versions.node} is too old; Yellow Ledger needs Node 20.19 or newer.`);
  const state = hashOf(readFileSync(join(root, 'package-lock.json')), process.version);
  once('packages', state, () => {
    const missing = ['python3', 'make', 'g++'].filter((tool) => !isThere(tool));
    if (missing.length > 0) aptInstall(missing, 'building SQLite');
    say('Installing the packages (SQLite is compiled: about two minutes the first time) …');
    // Node's own headers, where they came with it: fetching them would need a network.
    const prefix = dirname(dirname(process.execPath));
    const hasHeaders = existsSync(join(prefix, 'include/node/node.h'));
    mustRun(
      'npm',
      ['ci', '--no-audit', '--no-fund'],
      hasHeaders ? { npm_config_nodedir: prefix } : {},
    );
    const probe = "new (require('better-sqlite3'))(':memory:')";
    if (run(process.execPath, ['-e', probe]) !== 0) {
      say('SQLite was not built with the packages; building it now …');
      mustRun(
        'npm',
        ['rebuild', 'better-sqlite3'],
        hasHeaders ? { npm_config_nodedir: prefix } : {},
      );
    }
  });
}

/** The server and the web client, built from what is in the folders now. */
export function build() {
  const sources = ['core', 'server', 'web'].flatMap((part) => filesBelow(join(root, part)));
  const state = hashOf(...sources.sort().flatMap((file) => [file, readFileSync(file)]));
  const isBuilt = ['server/dist/main.js', 'web/dist/index.html'].every((file) =>
    existsSync(join(root, file)),
  );
  if (!isBuilt) rmSync(join(stampFolder, 'build'), { force: true });
  once('build', state, () => {
    say('Building the server and the web client …');
    mustRun('npm', ['run', 'build', '--silent']);
  });
}

/** Debian's Chromium, for the tests and the screenshots: the one without a window, where there is one. */
export function installChromium() {
  const places = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
  if (process.env.YELLOW_LEDGER_CHROMIUM || places.some((place) => existsSync(place))) return;
  const hasShell = isThere('apt-get') && isRoot && run('apt-get', ['update', '-qq']) === 0;
  const isKnown =
    hasShell &&
    isThere('apt-cache') &&
    run('sh', ['-c', 'apt-cache show chromium-headless-shell >/dev/null 2>&1']) === 0;
  aptInstall([isKnown ? 'chromium-headless-shell' : 'chromium'], 'the end-to-end tests');
}
