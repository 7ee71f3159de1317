import type { Damaged } from '../db/storeErrors';

/** Some entries as they are stored. */
export interface LogTexts {
  items: { sequence: number; content: string }[];
  /** rows that are not even JSON, named so that they can be deleted */
  damaged: Damaged[];
}

/** An identifier that the log has for another entry. */
export class EntryTaken extends Error {
  constructor(readonly id: string) {
    super(`the log has another entry ${id}`);
    this.name = 'EntryTaken';
  }
}

/** Somebody strikes out what another has noted. */
export class NotTheirs extends Error {
  constructor(readonly id: string) {
    super(`the entry ${id} is another’s`);
    this.name = 'NotTheirs';
  }
}
