import { withNotes } from './olderFile';
import { fileListNames, type FileListName, type KeptSection, type LedgerFile } from './ledgerFile';
import { LedgerFileError, LedgerFileReading } from './ledgerFileReading';

/** A file as it was read, and whole parts of it that only a newer ledger knows. */
export interface ReadFile {
  file: LedgerFile;
  sections: KeptSection[];
}

/**
 * Reads a file that is held whole. Of a newer minor version, what is not known is kept: fields with
 * their records, whole parts as `sections`.
 *
 * @param text content of a file
 * @throws LedgerFileError for text that is cut off, no JSON, another format or a newer one, or that
 *   holds something no recipe or pot may hold
 */
export function readLedgerFile(text: string): ReadFile {
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    throw LedgerFileError.notWhole();
  }
  const reading = new LedgerFileReading(content);
  const lists: Partial<Record<FileListName, unknown[]>> = {};
  for (const [name, value] of Object.entries(content as object)) {
    reading.part(name, value);
    if (isList(name) && Array.isArray(value))
      lists[name] = value.map((record, index) => reading.record(name, index, record));
  }
  const { head, sections, notes } = reading.end();
  return { file: withNotes({ ...head, ...lists } as LedgerFile, notes), sections };
}

const isList = (name: string): name is FileListName =>
  (fileListNames as readonly string[]).includes(name);
