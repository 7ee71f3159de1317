import {
  fileListNames,
  isClubList,
  type FileListName,
  type KeptSection,
  type LedgerFile,
  type ReadFile,
} from '@yellow-ledger/core';

/** A file that was read and is right, for taking in; it may be larger than the memory. */
export interface TakenFile {
  /** whole parts of newer files, kept unread */
  sections: readonly KeptSection[];
  /** whether the file has such a list at all */
  has(list: FileListName): boolean;
  count(list: FileListName): number;
  /** what stands in a list, so many at once */
  batches<Record extends object>(list: FileListName, size: number): Iterable<Record[]>;
}

/** One that is held whole. */
export function heldFile({ file, sections }: ReadFile): TakenFile {
  const listOf = (name: FileListName): readonly object[] => file[name] ?? [];
  return {
    sections,
    has: (list) => file[list] !== undefined,
    count: (list) => listOf(list).length,
    *batches<Record extends object>(list: FileListName, size: number) {
      const all = listOf(list);
      for (let from = 0; from < all.length; from += size)
        yield all.slice(from, from + size) as Record[];
    },
  };
}

/** The same without what only a club has: who its members are here is not known apart from it. */
export const withoutClubLists = (file: TakenFile): TakenFile => ({
  ...file,
  has: (list) => !isClubList(list) && file.has(list),
  count: (list) => (isClubList(list) ? 0 : file.count(list)),
  batches: <Record extends object>(list: FileListName, size: number) =>
    isClubList(list) ? [] : file.batches<Record>(list, size),
});

/** A file of records alone, as a whole. */
export const heldRecords = (file: LedgerFile): TakenFile => heldFile({ file, sections: [] });

/** How many things stand in a file in all. */
export const countIn = (file: TakenFile): number =>
  fileListNames.reduce((sum, list) => sum + file.count(list), 0);
