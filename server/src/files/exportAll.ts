import { setImmediate } from 'node:timers/promises';
import {
  fileListNames,
  isClubList,
  LedgerFileWriting,
  type AnyRecord,
  type FileListName,
  type Photograph,
  type Pot,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { clubPagesOf } from '../club/clubInFiles';
import type { Ledger } from '../db/ledger';
import type { EntriesOf } from '../log/logRows';
import { picturesNamed } from '../pictures/picturesNamed';
import { picturesOfFile } from '../pictures/picturesOfFile';

/** So many are made ready together: others are answered in between. */
const recordsAtOnce = 50;

/** The parts of a ledger that go into a file. */
export interface Chosen {
  /** nothing is left out */
  isWhole: boolean;
  /** of the log; null: all of it */
  entriesOf: EntriesOf | null;
  /** pots that stand for those that are left out */
  shadows: readonly Pot[];
  /** whether the picture of a photograph goes in */
  isPictured(photograph: Photograph): boolean;
  /** of a page of a list what goes in, as its reader may see it */
  page<Item extends object>(list: FileListName, items: Item[]): Promise<Item[]>;
}

export const everythingChosen: Chosen = {
  isWhole: true,
  entriesOf: null,
  shadows: [],
  isPictured: () => true,
  page: async (_list, items) => items,
};

/**
 * A file of everything a ledger holds, piece by piece, whatever its size.
 *
 * @param within one moment of it
 * @param chosen what of it, where not all
 */
export async function* exportAll(
  { records, versions, log, sections, pictures }: Ledger,
  within: Knex.Transaction,
  chosen = everythingChosen,
): AsyncGenerator<string> {
  const { isWhole } = chosen;
  const pagesOf = (list: FileListName): AsyncIterable<object[]> => {
    if (list === 'versions') return versions.pages(recordsAtOnce, within);
    if (list === 'log') return log.pages(recordsAtOnce, within, chosen.entriesOf);
    if (list === 'pictures')
      return oneByOne(pictures, isWhole ? picturesNamed(within) : picturesChosen(within));
    if (isClubList(list)) return clubPagesOf(list, recordsAtOnce, within);
    return records[list].pages(recordsAtOnce, within) as AsyncIterable<AnyRecord[]>;
  };
  async function picturesChosen(moment: Knex.Transaction): Promise<Set<string>> {
    const hashes = new Set<string>();
    for await (const page of records.photographs.pages(recordsAtOnce, moment))
      for (const photograph of page)
        if (chosen.isPictured(photograph)) hashes.add(photograph.picture.hash);
    return hashes;
  }
  const writing = new LedgerFileWriting();
  yield writing.begin();
  for (const list of fileListNames) {
    yield writing.beginList(list);
    if (list === 'pots') yield chosen.shadows.map((pot) => writing.record(list, pot)).join('');
    for await (const page of pagesOf(list)) {
      const shown = await chosen.page(list, page);
      yield shown.map((record) => writing.record(list, record)).join('');
      await setImmediate();
    }
    yield writing.endList();
  }
  yield writing.end(isWhole ? await sections.list(within) : []);
}

/** A picture is as large as a page of records. */
async function* oneByOne(pictures: Ledger['pictures'], hashes: Promise<Set<string>>) {
  for await (const picture of picturesOfFile(await hashes, pictures)) yield [picture];
}
