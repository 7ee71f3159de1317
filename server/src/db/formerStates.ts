import { promisify } from 'node:util';
import { deflateRaw, inflateRaw } from 'node:zlib';
import type { Moment } from '@yellow-ledger/core';
import type { Knex } from 'knex';

/** So many states of a record are kept, so long, in so many bytes at most. */
const mostStates = 200;
const keptMs = 90 * 24 * 60 * 60 * 1000;
const mostBytes = 8_000_000;

/** A state that stood shorter than this was passed on the way to the next. */
const passingMs = 10_000;
/** While somebody goes on typing, one state is kept in this time. */
const typingMs = 60_000;

/** A row of a table of records. */
interface StoredState {
  id: string;
  revision: number;
  saved_at: string;
  content: string;
}

interface FormerRow {
  kind: string;
  id: string;
  revision: number;
  saved_at: string;
  until: string;
  packed: Buffer;
}

export interface FormerStates {
  /** Keeps a state that is about to be written over, unless it was only passed on the way. */
  keep(state: StoredState, until: string, within: Knex.Transaction): Promise<void>;
  /** the newest first */
  moments(id: string): Promise<Moment[]>;
  read(id: string, revision: number): Promise<StoredState | null>;
}

const packed = promisify(deflateRaw) as (
  text: string,
  options: { level: number },
) => Promise<Buffer>;
const unpacked = promisify(inflateRaw) as (packed: Buffer) => Promise<Buffer>;

/** The earlier states of records of one kind: 200 of each, or 90 days, whatever is less. */
export function formerStates(db: Knex, kind: string): FormerStates {
  const states = (within: Knex | Knex.Transaction = db) => within<FormerRow>('former_states');

  async function isPassing({ id, saved_at }: StoredState, until: string, within: Knex.Transaction) {
    const stoodMs = Date.parse(until) - Date.parse(saved_at);
    // Below 0 the clock was set back: how long it stood is not known.
    if (stoodMs < 0 || stoodMs >= passingMs) return false;
    const last = await states(within)
      .where({ kind, id })
      .orderBy('revision', 'desc')
      .first('until');
    return last !== undefined && Math.abs(Date.parse(until) - Date.parse(last.until)) < typingMs;
  }

  async function prune(id: string, until: string, within: Knex.Transaction) {
    const oldest = new Date(Date.parse(until) - keptMs).toISOString();
    await states(within).where('until', '<', oldest).delete();
    const sizes = await states(within)
      .where({ kind, id })
      .orderBy('revision', 'desc')
      .select('revision', within.raw('length(packed) as bytes'))
      .then((rows) => rows as unknown as { revision: number; bytes: number }[]);
    let bytes = 0;
    const first = sizes.find((each, index) => {
      bytes += each.bytes;
      // The last state is kept, however large it is.
      return index > 0 && (index >= mostStates || bytes > mostBytes);
    });
    if (first)
      await states(within).where({ kind, id }).where('revision', '<=', first.revision).delete();
  }

  return {
    async keep(state, until, within) {
      if (await isPassing(state, until, within)) return;
      const { id, revision, saved_at } = state;
      await states(within)
        .insert({
          kind,
          id,
          revision,
          saved_at,
          until,
          packed: await packed(state.content, { level: 1 }),
        })
        .onConflict(['kind', 'id', 'revision'])
        .merge();
      await prune(id, until, within);
    },

    moments: async (id) =>
      (
        await states()
          .where({ kind, id })
          .orderBy('revision', 'desc')
          .select('revision', 'saved_at', 'until')
      ).map(({ revision, saved_at, until }) => ({ revision, savedAt: saved_at, until })),

    async read(id, revision) {
      const row = await states().where({ kind, id, revision }).first();
      if (!row) return null;
      return {
        id,
        revision,
        saved_at: row.saved_at,
        content: (await unpacked(row.packed)).toString('utf8'),
      };
    },
  };
}
