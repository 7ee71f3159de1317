import { setImmediate } from 'node:timers/promises';
import { fileListNames, LedgerFileWriting, type FileListName } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import { picturesNamed } from '../pictures/picturesNamed';
import { picturesOfFile } from '../pictures/picturesOfFile';

/** So many are made ready together: others are answered in between. */
const recordsAtOnce = 50;

/** A file of everything a ledger holds, piece by piece, whatever its size. @param within one moment of it */
export async function* everything(
  { records, versions, log, sections, pictures }: Ledger,
  within: Knex.Transaction,
): AsyncGenerator<string> {
  const pagesOf = (list: FileListName): AsyncIterable<object[]> => {
    if (list === 'versions') return versions.pages(recordsAtOnce, within);
    if (list === 'log') return log.pages(recordsAtOnce, within);
    if (list === 'pictures') return oneByOne(pictures, within);
    return records[list].pages(recordsAtOnce, within);
  };
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
  yield writing.end(await sections.list(within));
}

/** A picture is as large as a page of records. */
async function* oneByOne(pictures: Ledger['pictures'], within: Knex.Transaction) {
  for await (const picture of picturesOfFile(await picturesNamed(within), pictures))
    yield [picture];
}
