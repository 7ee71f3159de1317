import { memberships } from './club/membership';

const knownKey = 'yellow-ledger.identity';
const firstKey = 'yellow-ledger.first-identity';
const usualStore = 'yellow-ledger';

/** Carries the identity of the ledger, in what is asked and in answers. */
export const identityHead = 'X-Ledger';
/** How often a backup has taken the place of the ledger. */
export const restoresHead = 'X-Ledger-Restores';

/** Which ledger a page is of, and what it does when another answers. */
export class LedgerIdentity {
  private id: string | null;
  private restores: string | null = null;

  /**
   * @param kept the browser’s store
   * @param onOther called when another ledger answers, after that was noted: the page opens anew
   * @param memberId who has come into a club with this browser
   */
  constructor(
    private readonly kept: Pick<Storage, 'getItem' | 'setItem'>,
    private readonly onOther: () => void,
    private readonly memberId: () => string | null = () => null,
  ) {
    this.id = kept.getItem(knownKey);
  }

  /** null until a ledger has answered in this browser */
  get now(): string | null {
    return this.id;
  }

  /** Where what waits for this ledger is kept: each has a place of its own, and each member of it. */
  get storeName(): string {
    const memberId = this.memberId();
    if (memberId !== null) return `${usualStore}-of-${memberId}`;
    const isFirst = this.id === null || this.id === this.kept.getItem(firstKey);
    return isFirst ? usualStore : `${usualStore}-${this.id}`;
  }

  /**
   * Takes note of who answered.
   *
   * @param answered identity in the answer; null where it has none
   * @param restores how often a backup took its place; another number than before, and what the page
   *   has in hand is of what was there: it opens anew
   * @returns whether the answer is this ledger’s own
   */
  isOwn(answered: string | null, restores: string | null = null): boolean {
    if (answered === null) return false;
    if (answered === this.id) return this.isUnreplaced(restores);
    const isNoted = this.note(knownKey, answered);
    if (this.id !== null) {
      // Opened anew without a note of it, the page would be of the old one again, and so on.
      if (isNoted) this.onOther();
      return false;
    }
    this.id = answered;
    this.restores = restores;
    if (this.kept.getItem(firstKey) === null) this.note(firstKey, answered);
    return true;
  }

  private isUnreplaced(restores: string | null): boolean {
    this.restores ??= restores;
    if (restores === null || restores === this.restores) return true;
    this.onOther();
    return false;
  }

  /** @returns whether the browser has kept it: it may be full */
  private note(key: string, value: string): boolean {
    try {
      this.kept.setItem(key, value);
      return true;
    } catch {
      return false;
    }
  }
}

/** Of this page. */
export const ledgerIdentity = new LedgerIdentity(
  {
    getItem: (key) => (typeof localStorage === 'undefined' ? null : localStorage.getItem(key)),
    setItem: (key, value) => localStorage.setItem(key, value),
  },
  () => window.location.reload(),
  () => memberships.member?.id ?? null,
);
