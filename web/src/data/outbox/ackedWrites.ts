import type { AnyRecord, Kept, LogEntry, ResourceName } from '@yellow-ledger/core';

/** A record as the server said it is kept; deleted where `kept` is null. */
interface Written {
  name: ResourceName;
  id: string;
  revision: number;
  kept: Kept<AnyRecord> | null;
  turn: number;
}

/**
 * Writes the server has acknowledged, in turn. A list that was asked for before may be answered after:
 * it is then older than what is known already, and is brought up to that.
 */
export class AckedWrites {
  private turn = 0;
  private readonly records = new Map<string, Written>();
  private readonly entries = new Map<string, { entry: LogEntry; turn: number }>();

  /** @returns the turn a list is asked for at, for `recordsSince` and `entriesSince` */
  now(): number {
    return this.turn;
  }

  record(name: ResourceName, kept: Kept<AnyRecord>): void {
    const { revision, content } = kept;
    this.put({ name, id: content.id, revision, kept, turn: ++this.turn });
  }

  /** @param revision it had when it was deleted */
  deleted(name: ResourceName, id: string, revision: number): void {
    this.put({ name, id, revision, kept: null, turn: ++this.turn });
  }

  written(entries: readonly LogEntry[]): void {
    this.turn++;
    for (const entry of entries) this.entries.set(entry.id, { entry, turn: this.turn });
  }

  /** A list as it is by now. @param asked the turn it was asked for at */
  recordsSince(
    asked: number,
    name: ResourceName,
    list: readonly Kept<AnyRecord>[],
  ): Kept<AnyRecord>[] {
    const since = new Map(
      [...this.records.values()]
        .filter((each) => each.name === name && each.turn > asked)
        .map((each) => [each.id, each]),
    );
    const now = list.flatMap((given): Kept<AnyRecord>[] => {
      const own = since.get(given.content.id);
      since.delete(given.content.id);
      // Somebody else may have written it once more before the list was made.
      if (!own || own.revision < given.revision) return [given];
      return own.kept ? [own.kept] : [];
    });
    return [...now, ...[...since.values()].flatMap(({ kept }) => kept ?? [])];
  }

  entriesSince(asked: number): LogEntry[] {
    return [...this.entries.values()].flatMap(({ entry, turn }) => (turn > asked ? [entry] : []));
  }

  private put(written: Written): void {
    this.records.set(`${written.name} ${written.id}`, written);
  }
}

/** Of this page. */
export const ackedWrites = new AckedWrites();
