import { rmSync } from 'node:fs';
import type { FileListName } from '@yellow-ledger/core';
import Database from 'better-sqlite3';

/** Rows read at once while a list is walked over. */
const rowsAtOnce = 500;

/** The content of a file, staged on the disk piece by piece: the file may be larger than the memory. */
export interface Staging {
  add(list: FileListName, json: string): void;
  count(list: FileListName): number;
  /** every piece of a list in its order, as JSON */
  each(list: FileListName): Iterable<{ place: number; json: string }>;
  replace(list: FileListName, place: number, json: string): void;
  close(): void;
}

/** @param file a new one; it is deleted on closing */
export function openStaging(file: string): Staging {
  const db = new Database(file);
  // Nothing in it is worth a wait for the disk: it is gone with the process that made it.
  db.pragma('journal_mode = OFF');
  db.pragma('synchronous = OFF');
  db.exec(
    'create table pieces (list text, place integer, json text, primary key (list, place)) without rowid',
  );
  db.exec('begin');
  const insert = db.prepare('insert into pieces values (?, ?, ?)');
  const update = db.prepare('update pieces set json = ? where list = ? and place = ?');
  const after = db.prepare(
    `select place, json from pieces where list = ? and place > ? order by place limit ${rowsAtOnce}`,
  );
  const counts = new Map<FileListName, number>();
  return {
    add(list, json) {
      const place = counts.get(list) ?? 0;
      insert.run(list, place, json);
      counts.set(list, place + 1);
    },
    count: (list) => counts.get(list) ?? 0,
    *each(list) {
      let last = -1;
      for (;;) {
        const rows = after.all(list, last) as { place: number; json: string }[];
        yield* rows;
        if (rows.length < rowsAtOnce) return;
        last = rows[rows.length - 1].place;
      }
    },
    replace(list, place, json) {
      update.run(json, list, place);
    },
    close() {
      db.close();
      rmSync(file, { force: true });
    },
  };
}
