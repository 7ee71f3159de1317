import type { Knex } from 'knex';

/** The kinds of activity that are written down in a club. */
export const trailKinds = [
  'came in',
  'was refused',
  'invited',
  'joined',
  'was given a role',
  'left',
  'was put out',
  'ended a device',
  'set a passphrase',
  'passphrase set by link',
  'turned on one-time codes',
  'turned off one-time codes',
  'gave',
  'deleted',
  'exported',
  'took in a file',
  'restored a backup',
  'proposed',
  'approved',
  'declined',
] as const;
export type TrailKind = (typeof trailKinds)[number];

export interface TrailEntry {
  sequence: number;
  at: string;
  /** who did it; null for who has not come in */
  memberId: string | null;
  did: TrailKind;
  about: Record<string, string>;
}

interface TrailRow {
  sequence: number;
  at: string;
  member_id: string | null;
  did: TrailKind;
  about: string;
}

/** The activity log of a club, only ever added to. */
export interface Trail {
  add(
    memberId: string | null,
    did: TrailKind,
    about: Record<string, string>,
    within?: Knex.Transaction,
  ): Promise<void>;
  /** Passphrases of a member that were set by a link since a moment; the newest first. */
  passphrasesByLink(memberId: string, since: string): Promise<TrailEntry[]>;
  /** the newest first */
  list(most: number): Promise<TrailEntry[]>;
  /** all of it, the oldest first */
  all(): Promise<TrailEntry[]>;
}

export function trailOf(db: Knex): Trail {
  return {
    async add(memberId, did, about, within) {
      await (within ?? db)('trail').insert({
        at: new Date().toISOString(),
        member_id: memberId,
        did,
        about: JSON.stringify(about),
      });
    },

    passphrasesByLink: async (memberId, since) =>
      (
        await db<TrailRow>('trail')
          .where('did', 'passphrase set by link')
          .where('at', '>', since)
          .whereRaw(`json_extract(about, '$.memberId') = ?`, [memberId])
          .orderBy('sequence', 'desc')
      ).map(fromRow),

    list: async (most) =>
      (await db<TrailRow>('trail').orderBy('sequence', 'desc').limit(most)).map(fromRow),

    all: async () => (await db<TrailRow>('trail').orderBy('sequence')).map(fromRow),
  };
}

const fromRow = ({ member_id, about, ...row }: TrailRow): TrailEntry => ({
  ...row,
  memberId: member_id,
  about: JSON.parse(about) as Record<string, string>,
});
