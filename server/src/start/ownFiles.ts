import { chmodSync, existsSync, mkdirSync, readdirSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

/** Files of an older release may be there already, readable by everybody on this machine. */
const ownAlone = 0o600;

/**
 * Keeps what a ledger writes from others on this machine: everything written from now on, and what
 * is there.
 */
export function keepFilesPrivate(databaseFile: string, backupFolder: string): void {
  process.umask(0o077);
  const folder = dirname(databaseFile);
  mkdirSync(folder, { recursive: true });
  const stem = basename(databaseFile).replace(/\.sqlite$/, '');
  const isOurs = (name: string) =>
    name.startsWith(`${stem}.sqlite`) ||
    (name.startsWith(`${stem}-`) && name.endsWith('.sqlite')) ||
    /server\.log(\.\d+)?(\.gz)?$/.test(name);
  restrict(folder, isOurs);
  if (existsSync(backupFolder)) restrict(backupFolder, (name) => name.endsWith('.sqlite'));
  for (const pictures of [join(folder, `${stem}.pictures`), join(backupFolder, 'pictures')])
    if (existsSync(pictures)) chmodSync(pictures, 0o700);
}

function restrict(folder: string, isOurs: (name: string) => boolean): void {
  for (const entry of readdirSync(folder, { withFileTypes: true }))
    if (entry.isFile() && isOurs(entry.name)) chmodSync(join(folder, entry.name), ownAlone);
}
