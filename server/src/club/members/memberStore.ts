import { likeness, roleNames, type Role } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { pagesOf } from '../../db/pagesOf';

export interface Member {
  id: string;
  name: string;
  role: Role;
  joinedAt: string;
}

interface MemberRow {
  id: string;
  name: string;
  likeness: string;
  role: string;
  passphrase_hash: string | null;
  joined_at: string;
}

/** Somebody of that name, or of one that looks like it, is in the club already. */
export class NameTaken extends Error {
  constructor() {
    super('the name is taken');
    this.name = 'NameTaken';
  }
}

/** A club without a manager has nobody who lets anybody in. */
export class LastManager extends Error {
  constructor() {
    super('the last manager');
    this.name = 'LastManager';
  }
}

export interface MemberStore {
  list(within?: Knex.Transaction): Promise<Member[]>;
  /** in the order they came in, so many at once */
  pages(size: number, within: Knex.Transaction): AsyncIterable<Member[]>;
  get(id: string, within?: Knex.Transaction): Promise<Member | null>;
  /** whoever comes in by a name that looks like this one */
  named(name: string): Promise<{ member: Member; passphraseHash: string | null } | null>;
  /** @throws NameTaken */
  add(member: Member, passphraseHash: string, within: Knex.Transaction): Promise<void>;
  setPassphrase(id: string, passphraseHash: string, within: Knex.Transaction): Promise<void>;
  /** @returns whether there is such a member @throws LastManager */
  setRole(id: string, role: Role, within: Knex.Transaction): Promise<boolean>;
  /** @returns whether there was such a member @throws LastManager */
  remove(id: string, within: Knex.Transaction): Promise<boolean>;
}

export function memberStore(db: Knex): MemberStore {
  async function refuseWithoutKeeper(within: Knex.Transaction): Promise<void> {
    const keeper = await within<MemberRow>('members').where({ role: 'keeper' }).first();
    if (!keeper) throw new LastManager();
  }

  return {
    list: async (within) =>
      (await (within ?? db)<MemberRow>('members').orderBy('joined_at')).map(fromRow),

    async *pages(size, within) {
      for await (const rows of pagesOf<MemberRow>('members', 'rowid', size, within))
        yield rows.map(fromRow);
    },

    async get(id, within) {
      const row = await (within ?? db)<MemberRow>('members').where({ id }).first();
      return row ? fromRow(row) : null;
    },

    async named(name) {
      const row = await db<MemberRow>('members')
        .where({ likeness: likeness(name) })
        .first();
      return row ? { member: fromRow(row), passphraseHash: row.passphrase_hash } : null;
    },

    async add({ id, name, role, joinedAt }, passphraseHash, within) {
      const row: MemberRow = {
        id,
        name,
        likeness: likeness(name),
        role,
        passphrase_hash: passphraseHash,
        joined_at: joinedAt,
      };
      if (await within<MemberRow>('members').where({ likeness: row.likeness }).first())
        throw new NameTaken();
      await within<MemberRow>('members').insert(row);
    },

    async setPassphrase(id, passphraseHash, within) {
      await within<MemberRow>('members').where({ id }).update({ passphrase_hash: passphraseHash });
    },

    async setRole(id, role, within) {
      const changed = await within<MemberRow>('members').where({ id }).update({ role });
      await refuseWithoutKeeper(within);
      return changed > 0;
    },

    async remove(id, within) {
      const removed = await within<MemberRow>('members').where({ id }).delete();
      await refuseWithoutKeeper(within);
      return removed > 0;
    },
  };
}

function fromRow({ id, name, role, joined_at }: MemberRow): Member {
  // An unknown role may do the least.
  const known = roleNames.find((each) => each === role) ?? 'guest';
  return { id, name, role: known, joinedAt: joined_at };
}
