import { z } from 'zod';
import { serverAway } from './away/serverAway';
import { identityHead, ledgerIdentity, restoresHead } from './ledgerIdentity';

/** The one shape of the server's errors. */
const problemSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    current: z.unknown().optional(),
  }),
});

/** A request that did not do what was asked, for the ledger in hand and the screen. */
export interface Problem {
  /** HTTP status; 0 when no answer came */
  status: number;
  code: string;
  message: string;
  current?: unknown;
}

const noAnswer: Problem = {
  status: 0,
  code: 'no-answer',
  message: 'The ledger’s server does not answer. It may have been stopped.',
};

/** What came is no answer of this ledger, or one of a newer one. */
export const unreadable: Problem = {
  status: 0,
  code: 'unreadable',
  message:
    'The server’s answer could not be read; the page may be older than the server. Load it again.',
};

export type Asked = typeof ask;

/**
 * Sends a request to the ledger's own server.
 *
 * @returns what was answered, or what went wrong as a problem; never throws
 */
export async function ask(
  path: string,
  init: RequestInit = {},
): Promise<{ data: unknown } | { error: Problem }> {
  try {
    const response = await fetch(path, {
      ...init,
      headers: {
        ...(init.body ? { 'Content-Type': typeOf(init.body) } : {}),
        ...(ledgerIdentity.now === null ? {} : { [identityHead]: ledgerIdentity.now }),
      },
    });
    // Another program at this address, or another ledger: whatever it says, nothing was done here.
    const { headers } = response;
    if (!ledgerIdentity.isOwn(headers.get(identityHead), headers.get(restoresHead)))
      return unanswered(response.status);
    serverAway.answered();
    if (response.status === 204) return { data: null };
    const body: unknown = await response.json().catch(() => undefined);
    if (response.ok) return { data: body };
    const problem = problemSchema.safeParse(body);
    return {
      error: problem.success
        ? { status: response.status, ...problem.data.error }
        : { ...noAnswer, status: response.status },
    };
  } catch {
    // Ended by whoever asked, it says nothing of the server.
    return init.signal?.aborted ? { error: noAnswer } : unanswered(0);
  }
}

/** Pictures say what they are; all else that is sent is JSON, whatever the disk calls it. */
const typeOf = (body: BodyInit) =>
  body instanceof Blob && body.type.startsWith('image/') ? body.type : 'application/json';

function unanswered(status: number): { error: Problem } {
  serverAway.unanswered();
  return { error: { ...noAnswer, status } };
}

/** No answer of the ledger’s own, or its own fault: trying again later helps. */
export const isAway = ({ status, code }: Problem) =>
  status === 0 || status >= 500 || code === 'no-answer';

/** Errors of the store's requests are problems; anything else is a fault in the page itself. */
export function asProblem(error: unknown): Problem {
  const known = z
    .object({
      status: z.number(),
      code: z.string(),
      message: z.string(),
      current: z.unknown().optional(),
    })
    .safeParse(error);
  if (known.success) return known.data;
  return { status: 0, code: 'page', message: 'Something went wrong on this page.' };
}
