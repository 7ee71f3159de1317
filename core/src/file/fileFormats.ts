import * as all from './formats/all';
import type { FileFormat } from './formats/format';

export type { FileFormat } from './formats/format';

export type FormatName = keyof typeof all;

/** Kinds of file the ledger reads and writes; a file each. */
export const fileFormats: Record<FormatName, FileFormat> = all;

export const formatNames = (Object.keys(fileFormats) as FormatName[]).sort(
  (one, other) => fileFormats[one].listedAt - fileFormats[other].listedAt,
);

/** Formats that can be taken in. */
export const importableFormats = formatNames.filter(
  (name) => fileFormats[name].readTable ?? fileFormats[name].isTakenWhole,
);

/** The format of a file by its name; null where no importable format has that ending. */
export function formatOfFile(fileName: string): FormatName | null {
  const low = fileName.toLowerCase();
  return (
    importableFormats.find((name) =>
      fileFormats[name].endings.some((ending) => low.endsWith(ending)),
    ) ?? null
  );
}
