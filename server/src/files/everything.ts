import { setImmediate } from 'node:timers/promises';
import {
  fileListNames,
  LedgerFileWriting,
  type AnyRecord,
  type FileListName,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import type { EntriesOf } from '../log/logRows';
import { picturesNamed } from '../pictures/picturesNamed';
import { picturesOfFile } from '../pictures/picturesOfFile';

/** So many are made ready together: others are answered in between. */
const recordsAtOnce = 50;

/** What of a ledger goes into a file. */
export interface Chosen {
  record(kind: ResourceName, id: string): boolean;
  /** of the log; null: all of it */
  entriesOf: EntriesOf | null;
}

const all: Chosen = { record: () => true, entriesOf: null };

/**
 * A file of everything a ledger holds, piece by piece, whatever its size.
 *
 * @param within one moment of it
 * @param chosen what of it, where not all
 */
export async function* everything(
  { records, versions, log, sections, pictures }: Ledger,
  within: Knex.Transaction,
  chosen = all,
): AsyncGenerator<string> {
  const isOpen = chosen === all;
  const pagesOf = (list: FileListName): AsyncIterable<object[]> => {
    if (list === 'versions')
      return only(versions.pages(recordsAtOnce, within), ({ recipeId }) =>
        chosen.record('recipes', recipeId),
      );
    if (list === 'log') return log.pages(recordsAtOnce, within, chosen.entriesOf);
    if (list === 'pictures')
      return oneByOne(pictures, isOpen ? picturesNamed(within) : picturesChosen(within));
    return only(
      records[list].pages(recordsAtOnce, within) as AsyncIterable<AnyRecord[]>,
      ({ id }) => chosen.record(list, id),
    );
  };
  async function picturesChosen(moment: Knex.Transaction): Promise<Set<string>> {
    const hashes = new Set<string>();
    for await (const page of records.photographs.pages(recordsAtOnce, moment))
      for (const { id, picture } of page)
        if (chosen.record('photographs', id)) hashes.add(picture.hash);
    return hashes;
  }
  const writing = new LedgerFileWriting();
  yield writing.begin();
  for (const list of fileListNames) {
    yield writing.beginList(list);
    for await (const page of pagesOf(list)) {
      yield page.map((record) => writing.record(list, record)).join('');
      await setImmediate();
    }
    yield writing.endList();
  }
  yield writing.end(isOpen ? await sections.list(within) : []);
}

/** A picture is as large as a page of records. */
async function* oneByOne(pictures: Ledger['pictures'], hashes: Promise<Set<string>>) {
  for await (const picture of picturesOfFile(await hashes, pictures)) yield [picture];
}

async function* only<Item>(
  pages: AsyncIterable<Item[]>,
  isChosen: (item: Item) => boolean,
): AsyncGenerator<Item[]> {
  for await (const page of pages) yield page.filter(isChosen);
}
