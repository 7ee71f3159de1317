import {
  linkSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { giveUp, root, say } from './say.mjs';

/** Outside node_modules, which an install deletes. */
const folder = join(root, '.cache/running');
const isReadOnly = ({ code }) => ['EROFS', 'EACCES', 'EPERM'].includes(code);

/** Whether a process of that number is alive; one of another user counts. */
function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

/** @returns {{ file: string, pid: number, command: string, since: string } | null} null for a broken note */
function noteIn(file) {
  try {
    const note = JSON.parse(readFileSync(file, 'utf8'));
    return Number.isInteger(note.pid) ? note : null;
  } catch {
    return null;
  }
}

function notes() {
  let names;
  try {
    names = readdirSync(folder).filter((name) => name.endsWith('.json'));
  } catch {
    return [];
  }
  return names.flatMap((name) => {
    const note = noteIn(join(folder, name));
    if (note && isAlive(note.pid)) return [note];
    // Its process ended without removing it, as after a power cut.
    rmSync(join(folder, name), { force: true });
    return [];
  });
}

const inWords = ({ command, pid, since }) => `“${command}” (process ${pid}, since ${since})`;

/** Commands started by another one, as by npm test, belong to it. */
const ownPids = new Set([process.pid, process.ppid, Number(process.env.YELLOW_LEDGER_COMMAND)]);

/** Notes that this command uses the packages, until it ends. A clone that cannot be written to is not noted. */
export function noteRunning(command) {
  if (process.env.YELLOW_LEDGER_COMMAND) return;
  process.env.YELLOW_LEDGER_COMMAND = String(process.pid);
  const file = join(folder, `${process.pid}.json`);
  try {
    mkdirSync(folder, { recursive: true });
    writeFileSync(file, note(command));
  } catch (error) {
    if (isReadOnly(error)) return;
    throw error;
  }
  process.on('exit', () => rmSync(file, { force: true }));
}

const note = (command) =>
  JSON.stringify({ pid: process.pid, command, since: new Date().toLocaleTimeString('en-GB') });

/** Ends this command with a sentence when another one uses the packages. */
export function refuseWhileOthersRun(reason) {
  const others = notes().filter(({ pid }) => !ownPids.has(pid));
  if (others.length === 0) return;
  giveUp(
    `${reason}, but ${others.map(inWords).join(' and ')} uses this folder. End it first, then try again.`,
  );
}

/**
 * Takes a lock of this clone. A note is written first and then linked under the lock's name, which
 * fails where the name exists: two that ask at once do not both get it, and nobody reads half a note.
 *
 * @param {string} name of what is locked
 * @param {(holder: { pid: number, command: string, since: string }) => void} onHeld called when
 *   another process has it: waits, or ends this command
 * @returns {() => void} gives the lock back
 */
export function lock(name, command, onHeld) {
  const file = join(folder, `${name}.lock`);
  const own = join(folder, `${name}.${process.pid}.note`);
  try {
    mkdirSync(folder, { recursive: true });
    writeFileSync(own, note(command));
  } catch (error) {
    if (isReadOnly(error)) return () => undefined;
    throw error;
  }
  while (!isLinked(own, file)) {
    const holder = noteIn(file);
    if (holder && isAlive(holder.pid)) onHeld(holder);
    else removeDead(file);
  }
  rmSync(own, { force: true });
  const release = () => rmSync(file, { force: true });
  process.once('exit', release);
  return () => {
    process.off('exit', release);
    release();
  };
}

/** @returns whether `file` is now the lock of whoever wrote `own` */
function isLinked(own, file) {
  try {
    linkSync(own, file);
    return true;
  } catch (error) {
    if (error.code === 'EEXIST') return false;
    throw error;
  }
}

/** Removes a lock whose process ended; puts it back where another process took it in that moment. */
function removeDead(file) {
  const aside = `${file}.${process.pid}`;
  try {
    renameSync(file, aside);
  } catch {
    return;
  }
  const moved = noteIn(aside);
  if (moved && isAlive(moved.pid)) isLinked(aside, file);
  rmSync(aside, { force: true });
}

/** For `lock`: ends this command, saying who has it. */
export const endWhenHeld = (what) => (holder) =>
  giveUp(`${what}: ${inWords(holder)} does so already. Wait for it, or use another clone.`);

/** For `lock`: waits until the other process is through. */
export function waitWhenHeld(what) {
  let isSaid = false;
  return (holder) => {
    if (!isSaid) say(`${what}: waiting for ${inWords(holder)} …`);
    isSaid = true;
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 200);
  };
}
