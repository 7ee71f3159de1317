import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { lock, noteRunning, refuseWhileOthersRun, waitWhenHeld } from './locks.mjs';
import { missingPackage, nativeProblem } from './packages.mjs';
import { giveUp, isRoot, isThere, mustRun, root, run, say } from './say.mjs';

const buildStamp = join(root, '.cache/build');

function hashOf(...texts) {
  const hash = createHash('sha256');
  for (const text of texts) hash.update(text);
  return hash.digest('hex');
}

function filesBelow(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (['node_modules', 'dist'].includes(entry.name)) return [];
    if (/\.test\.tsx?$/.test(entry.name)) return [];
    return entry.isDirectory() ? filesBelow(path) : [path];
  });
}

function aptInstall(packages, whatFor, isAsked = true) {
  if (!isAsked || !isRoot || !isThere('apt-get'))
    giveUp(
      `${whatFor} needs ${packages.join(', ')}. Install with: sudo apt-get update && sudo apt-get install -y ${packages.join(' ')}`,
    );
  say(`Installing ${packages.join(', ')} for ${whatFor} …`);
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  mustRun('apt-get', ['update', '-qq'], quiet);
  mustRun('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], quiet);
}

/** Node's own headers, where they came with it: fetching them would need a network. */
function nativeSettings() {
  const prefix = dirname(dirname(process.execPath));
  return existsSync(join(prefix, 'include/node/node.h')) ? { npm_config_nodedir: prefix } : {};
}

/**
 * Installs the packages where something is missing or other than package-lock.json asks for, and
 * says in one line what it found.
 *
 * @param {string} command that needs them, for whoever is told that this folder is in use
 */
export function installPackages(command) {
  // Who starts a ledger of their own has not asked for a change of their machine.
  const isAsked = command !== 'npm start';
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    giveUp(`Node ${process.versions.node} is too old; Yellow Ledger needs Node 20.19 or newer.`);
  const release = lock('install', command, waitWhenHeld('Installing the packages'));
  const missing = missingPackage(root);
  if (missing) {
    refuseWhileOthersRun(`The packages must be installed (${missing})`);
    needCompiler(isAsked);
    say(`Packages: ${missing}. Installing (SQLite is compiled: about two minutes) …`);
    mustRun('npm', ['ci', '--no-audit', '--no-fund'], nativeSettings());
  }
  const problem = nativeProblem(root);
  if (problem) {
    refuseWhileOthersRun(`${problem}, so it must be compiled`);
    needCompiler(isAsked);
    say(`Packages: ${problem}. Compiling it …`);
    mustRun('npm', ['rebuild', 'better-sqlite3'], nativeSettings());
    const still = nativeProblem(root);
    if (still) giveUp(`${still}, although that was tried. What npm printed above says why.`);
  }
  if (!missing && !problem) say('Packages: all there.');
  noteRunning(command);
  release();
}

function needCompiler(isAsked) {
  const missing = ['python3', 'make', 'g++'].filter((tool) => !isThere(tool));
  if (missing.length > 0) aptInstall(missing, 'building SQLite', isAsked);
}

/** The server and the web client, built from what is in the folders now. */
export function build() {
  const sources = ['core', 'server', 'web'].flatMap((part) => filesBelow(join(root, part)));
  const configs = [
    'package-lock.json',
    'scripts/buildServer.mjs',
    'scripts/compressAssets.mjs',
  ].map((file) => join(root, file));
  const files = [...sources, ...configs].sort();
  const state = hashOf(...files.flatMap((file) => [relative(root, file), readFileSync(file)]));
  const isBuilt = ['server/dist/main.js', 'web/dist/index.html'].every((file) =>
    existsSync(join(root, file)),
  );
  const isCurrent = () => existsSync(buildStamp) && readFileSync(buildStamp, 'utf8') === state;
  if (isBuilt && isCurrent()) return say('Build: up to date.');
  const release = lock('build', 'build', waitWhenHeld('Building'));
  if (!isCurrent() || !isBuilt) {
    say('Build: the sources changed. Building the server and the web client …');
    // Without the stamp, a build that is interrupted is made again the next time.
    rmSync(buildStamp, { force: true });
    mustRun('npm', ['run', 'build', '--silent']);
    mkdirSync(dirname(buildStamp), { recursive: true });
    writeFileSync(buildStamp, state);
  }
  release();
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
