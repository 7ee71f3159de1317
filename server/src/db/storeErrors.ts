import type { Kept } from '@yellow-ledger/core';

/** The record has moved on since the revision a write was made from. */
export class StaleWrite<Content> extends Error {
  constructor(readonly current: Kept<Content> | null) {
    super('the record was changed elsewhere');
    this.name = 'StaleWrite';
  }
}

/** The stored record does not fit the schema; the file was changed by something else. */
export class DamagedRecord extends Error {
  constructor(
    table: string,
    readonly id: string,
    readonly reason: string,
  ) {
    super(`${table} ${id} cannot be read: ${reason}`);
    this.name = 'DamagedRecord';
  }
}

/** A record that cannot be read, named so that it can be mended or deleted. */
export interface Damaged {
  id: string;
  revision: number;
  reason: string;
}
