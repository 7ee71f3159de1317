import { roleNames } from '@yellow-ledger/core';
import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { askClub } from './askClub';

const membershipKey = 'yellow-ledger.membership';

export const memberSchema = z.object({
  id: z.string(),
  name: z.string(),
  role: z.enum(roleNames),
  joinedAt: z.string(),
});
export type Member = z.infer<typeof memberSchema>;

const noticeSchema = z.object({
  sequence: z.number(),
  at: z.string(),
  /** the member who made the link */
  madeBy: z.string().nullable(),
  device: z.string(),
  droppedCodes: z.boolean().default(false),
});

const meSchema = z.object({
  member: memberSchema,
  deviceId: z.string(),
  isShared: z.boolean(),
  endsAt: z.string(),
  /** passphrases that were set for this member by a link */
  notices: z.array(noticeSchema).default([]),
});
const aloneSchema = z.object({ member: z.null() });
export type Me = z.infer<typeof meSchema>;

/** How whoever sits here stands to the ledger: it is theirs alone, or a club’s, of which they are in or out. */
export type Membership = { is: 'alone' } | { is: 'out' } | { is: 'in'; me: Me };

const membershipSchema = z.discriminatedUnion('is', [
  z.object({ is: z.literal('alone') }),
  z.object({ is: z.literal('out') }),
  z.object({ is: z.literal('in'), me: meSchema }),
]);

/** Whether this page is of a club, and as whom it is open. */
export class Memberships {
  private state: Membership;
  private openedAs: Member | null = null;
  private readonly told = new Set<() => void>();

  constructor(
    private readonly kept: Pick<Storage, 'getItem' | 'setItem'>,
    private readonly ask: typeof askClub = askClub,
  ) {
    this.state = this.last() ?? { is: 'alone' };
    this.remember();
  }

  now = (): Membership => this.state;

  /** The member as whom this page was opened, also once they are out; null for a ledger alone. */
  get member(): Member | null {
    return this.openedAs;
  }

  /** Says with what is sent as whom this page is open: another may have come in beside it since. */
  head(): Record<string, string> {
    return this.member ? { 'X-Member': this.member.id } : {};
  }

  /** @returns ends the listening */
  listen = (tell: () => void): (() => void) => {
    this.told.add(tell);
    return () => this.told.delete(tell);
  };

  /**
   * Finds out how whoever sits here stands to the ledger. Where that is known from the last visit it
   * is looked up once more beside, and the page begins at once.
   *
   * @param onOther the page was begun as somebody it is not of
   */
  async begin(onOther: () => void): Promise<Membership> {
    const before = this.last();
    const looked = this.look();
    if (!before || before.is === 'out') {
      await looked;
      return this.state;
    }
    void looked.then((now) => {
      if (now && keyOf(now) !== keyOf(before)) onOther();
    });
    return before;
  }

  /** Another page of this browser has come in, or gone out: this one is not of who is in now. */
  heard(kept: string | null): void {
    const read = membershipSchema.safeParse(JSON.parse(kept ?? 'null'));
    const now = read.success ? read.data : null;
    if (now?.is === 'in' && now.me.member.id === this.member?.id) return;
    this.wentOut();
  }

  /** This device is not in any more. What waits here stays. */
  wentOut(): void {
    if (this.state.is === 'in') this.tell({ is: 'out' });
  }

  /** @returns how it is now; null where nobody answers */
  async look(): Promise<Membership | null> {
    const answer = await this.ask('/me', z.union([meSchema, aloneSchema]));
    if ('data' in answer) {
      const { data } = answer;
      return this.note(data.member === null ? { is: 'alone' } : { is: 'in', me: data as Me });
    }
    return answer.error.status === 401 ? this.note({ is: 'out' }) : null;
  }

  private note(state: Membership): Membership {
    try {
      this.kept.setItem(membershipKey, JSON.stringify(state));
    } catch {
      // A browser that keeps nothing asks at every visit.
    }
    if (JSON.stringify(state) !== JSON.stringify(this.state)) this.tell(state);
    return state;
  }

  private tell(state: Membership): void {
    this.state = state;
    this.remember();
    this.told.forEach((tell) => tell());
  }

  /** Waiting writes are sent as the member who made them, and never as one who logs in after. */
  private remember(): void {
    if (this.state.is === 'in') this.openedAs = this.state.me.member;
  }

  private last(): Membership | null {
    try {
      const read = membershipSchema.safeParse(
        JSON.parse(this.kept.getItem(membershipKey) ?? 'null'),
      );
      if (!read.success) return null;
      // Without the server, too, a tablet of several is nobody’s once the evening is over.
      const isOver = read.data.is === 'in' && Date.parse(read.data.me.endsAt) < Date.now();
      return isOver ? { is: 'out' } : read.data;
    } catch {
      return null;
    }
  }
}

const keyOf = (membership: Membership) =>
  membership.is === 'in'
    ? `in ${membership.me.member.id} ${membership.me.member.role}`
    : membership.is;

/** Of this page. */
export const memberships = new Memberships({
  getItem: (key) => (typeof localStorage === 'undefined' ? null : localStorage.getItem(key)),
  setItem: (key, value) => localStorage.setItem(key, value),
});

if (typeof window !== 'undefined')
  window.addEventListener('storage', ({ key, newValue }) => {
    if (key === membershipKey) memberships.heard(newValue);
  });

export const useMembership = (): Membership =>
  useSyncExternalStore(memberships.listen, memberships.now);
