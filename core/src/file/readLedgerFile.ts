import { z } from 'zod';
import { withUnknownCarried } from '../record/carriedFields';
import { fieldErrors, sentenceOf } from '../record/fieldErrors';
import { resourceNames, resources } from '../record/resources';
import { versionSchema } from '../recipe/version';
import { broughtUpTo, withNotes } from './olderFile';
import {
  fileFormat,
  fileMinor,
  fileVersion,
  ledgerFileSchema,
  type KeptSection,
  type LedgerFile,
} from './ledgerFile';

/** A file that cannot be read, with the reason in a sentence. */
export class LedgerFileError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'LedgerFileError';
  }
}

/** A file as it was read, and whole parts of it that only a newer ledger knows. */
export interface ReadFile {
  file: LedgerFile;
  sections: KeptSection[];
}

/**
 * Reads a file. Of a newer minor version, what is not known is kept: fields with their records,
 * whole parts as `sections`.
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
    throw new LedgerFileError(
      'This file is no whole JSON: it may have been cut off on its way. Export it once more.',
    );
  }
  const head = headSchema.safeParse(content);
  if (!head.success)
    throw new LedgerFileError(
      `This file is no ${fileFormat} file: it should begin with "format": "${fileFormat}" and a version.`,
    );
  const { version, minor = 0 } = head.data;
  if (version > fileVersion)
    throw new LedgerFileError(
      `This file has format ${version}, and this Yellow Ledger reads up to ${fileVersion}. Update it, or export the file in the older format.`,
    );
  const older = broughtUpTo(head.data);
  const isNewer = version === fileVersion && minor > fileMinor;
  const { known, sections } = isNewer
    ? parted(older.content, minor)
    : { known: older.content, sections: [] };
  const file = ledgerFileSchema.safeParse(known);
  if (file.success) return { file: withNotes(file.data, older.notes), sections };
  const errors = fieldErrors(file.error, known);
  const more = errors.length > 3 ? ` (and ${errors.length - 3} more)` : '';
  throw new LedgerFileError(errors.slice(0, 3).map(sentenceOf).join(' ') + more);
}

const headSchema = z.looseObject({
  format: z.literal(fileFormat),
  version: z.number(),
  minor: z.number().optional(),
});

/** A newer file, parted into what is known here and what is kept for going out again. */
function parted(content: Record<string, unknown>, since: number) {
  const known: Record<string, unknown> = {};
  const sections: KeptSection[] = [];
  for (const [name, value] of Object.entries(content)) {
    if (!(name in ledgerFileSchema.shape)) sections.push({ name, value, since });
    else known[name] = Array.isArray(value) ? value.map(readerOf(name, since)) : value;
  }
  return { known, sections };
}

function readerOf(list: string, since: number): (record: unknown) => unknown {
  const schema = list === 'versions' ? versionSchema : schemaOf(list);
  return (record) => (schema ? withUnknownCarried(record, schema, since) : record);
}

const schemaOf = (list: string) =>
  resourceNames.flatMap((name) => (name === list ? [resources[name].schema] : [])).at(0);
