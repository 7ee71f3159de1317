import { ackedWrites } from './outbox/ackedWrites';

/** An answer that public/early.js has asked for before the scripts of the page ran. */
interface EarlyAnswer {
  answer: Promise<Response>;
  /** who was logged in to the club then */
  memberId: string | undefined;
  /** the ledger it was asked of; null on a first visit */
  identity: string | null;
  /** when it was asked for, by the page's clock, ms */
  at: number;
}

declare global {
  interface Window {
    yellowLedgerEarly?: Map<string, EarlyAnswer>;
  }
}

/** An older answer may be out of date: the server may have changed since. */
const mostAgeMs = 10_000;

/**
 * Takes the answer that was asked for early, once. There is none for a page that has written
 * meanwhile: the answer would lack what was written.
 *
 * @param as whom and of which ledger the page asks now; anybody, where it is asked who that is
 */
export function takeEarlyAnswer(
  path: string,
  as: { memberId: string | undefined; identity: string | null } | 'anybody',
): Promise<Response> | undefined {
  const answers = typeof window === 'undefined' ? undefined : window.yellowLedgerEarly;
  const early = answers?.get(path);
  if (!early) return undefined;
  answers?.delete(path);
  const isOld = performance.now() - early.at > mostAgeMs;
  const isOther =
    as !== 'anybody' &&
    (early.memberId !== as.memberId || (early.identity !== null && early.identity !== as.identity));
  return isOld || isOther || ackedWrites.now() > 0 ? undefined : early.answer;
}
