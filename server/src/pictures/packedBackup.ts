import { readFileSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import { asKeptPicture, PictureError } from '@yellow-ledger/core';
import Database from 'better-sqlite3';
import type { PictureStore } from './pictureStore';
import { hashesOf, namedPictures } from './picturesNamed';

/** In a backup that is taken along: the pictures it names, which otherwise lie beside it. */
const table = 'packed_pictures';

/** Copies a backup, and puts into the copy the pictures it names. @param to a file that is not there yet */
export function packBackup(from: string, pictureFolder: string, to: string): void {
  const source = new Database(from, { readonly: true, fileMustExist: true });
  source.prepare('vacuum into ?').run(to);
  source.close();
  const packed = new Database(to);
  try {
    if (!hasTable(packed, 'photographs')) return;
    packed.exec(`create table ${table} (hash text primary key, bytes blob not null)`);
    const insert = packed.prepare(`insert or ignore into ${table} values (?, ?)`);
    packed.transaction(() => {
      for (const hash of hashesNamedIn(packed)) {
        const file = join(pictureFolder, hash);
        if (existsSync(file)) insert.run(hash, readFileSync(file));
      }
    })();
  } finally {
    packed.close();
  }
}

/** Hashes of pictures a database file of a ledger names, in whatever form it is. */
export function hashesNamedIn(db: Database.Database): string[] {
  if (!hasTable(db, 'photographs')) return [];
  return hashesOf(db.prepare(namedPictures).all() as { hash: unknown }[]);
}

/** Takes what was packed into a database file out of it again. @param into where pictures are kept */
export async function unpackPictures(file: string, into: PictureStore): Promise<void> {
  const db = new Database(file);
  try {
    if (!hasTable(db, table)) return;
    const bytesOf = db.prepare(`select bytes from ${table} where hash = ?`);
    for (const { hash } of db.prepare(`select hash from ${table}`).all() as { hash: string }[]) {
      const { bytes } = bytesOf.get(hash) as { bytes: Buffer };
      if (isPicture(hash, bytes)) await into.put(bytes);
    }
    db.exec(`drop table ${table}`);
    db.exec('vacuum');
  } finally {
    db.close();
  }
}

/** A damaged or foreign file in it is left out. */
function isPicture(hash: string, bytes: Buffer): boolean {
  try {
    return asKeptPicture(bytes).hash === hash;
  } catch (error) {
    if (error instanceof PictureError) return false;
    throw error;
  }
}

const hasTable = (db: Database.Database, name: string): boolean =>
  db.prepare(`select 1 from sqlite_master where type = 'table' and name = ?`).get(name) !==
  undefined;
