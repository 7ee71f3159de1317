/** Why the ledger cannot be opened, in a sentence for who started it. */
export class StartProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'StartProblem';
  }
}

/** An error of SQLite or the file system as a sentence; null for one that no user caused. */
export function sentenceOfStart(error: unknown, file: string): string | null {
  if (error instanceof StartProblem) return error.message;
  const { code = '', message } = error as NodeJS.ErrnoException;
  if (code.startsWith('SQLITE_NOTADB') || code.startsWith('SQLITE_CORRUPT'))
    return `${file} is damaged, or is no ledger. Move it away and put a backup in its place.`;
  if (
    code.startsWith('SQLITE_READONLY') ||
    code === 'EACCES' ||
    code === 'EPERM' ||
    code === 'EROFS'
  )
    return `${file} cannot be written to. Give yourself the right to write to it and to its folder.`;
  if (
    code.startsWith('SQLITE_CANTOPEN') ||
    code === 'ENOTDIR' ||
    code === 'EISDIR' ||
    code === 'EEXIST'
  )
    return `${file} cannot be opened. Is its folder there, and is it a file?`;
  if (code.startsWith('SQLITE_FULL') || code === 'ENOSPC')
    return `There is no room on the disk of ${file}. Make room and start again; nothing is lost.`;
  if (/migration directory is corrupt/i.test(message ?? ''))
    return `${file} was written by a newer Yellow Ledger. Start that one, or put a backup in its place.`;
  return null;
}
