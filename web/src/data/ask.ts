import { z } from 'zod';
import { connectionStatus } from './offline/connectionStatus';
import { memberships } from './club/membership';
import { takeEarlyAnswer } from './earlyAnswers';
import { identityHead, ledgerIdentity, restoresHead } from './ledgerIdentity';
import { noAnswer, problemOf, type Problem } from './problem';

export { unreadable, type Problem } from './problem';

export type Asked = typeof ask;

/**
 * Sends a request to the ledger's own server.
 *
 * @returns what was answered, or what went wrong as a problem; never throws
 */
export const ask = (
  path: string,
  init: RequestInit = {},
): Promise<{ data: unknown } | { error: Problem }> =>
  askAs(path, init, (response) => response.json().catch(() => undefined));

/** As `ask`, for what is no JSON, as a picture. */
export const askBytes = (path: string): Promise<{ data: Blob | null } | { error: Problem }> =>
  askAs(path, {}, (response) => response.blob());

async function askAs<Answer>(
  path: string,
  init: RequestInit,
  read: (response: Response) => Promise<Answer>,
): Promise<{ data: Answer | null } | { error: Problem }> {
  try {
    const response = await (earlyAnswer(path, init) ??
      fetch(path, {
        ...init,
        headers: {
          ...(init.body ? { 'Content-Type': typeOf(init.body) } : {}),
          ...(ledgerIdentity.now === null ? {} : { [identityHead]: ledgerIdentity.now }),
          ...memberships.head(),
        },
      }));
    // Another program at this address, or another ledger: whatever it says, nothing was done here.
    const { headers } = response;
    if (response.status === 401) return outOfClub(await response.json().catch(() => undefined));
    if (!ledgerIdentity.isOwn(headers.get(identityHead), headers.get(restoresHead)))
      return unanswered(response.status);
    connectionStatus.answered();
    if (response.status === 204) return { data: null };
    if (response.ok) return { data: await read(response) };
    return { error: problemOf(response.status, await response.json().catch(() => undefined)) };
  } catch {
    // Ended by whoever asked, it says nothing of the server.
    return init.signal?.aborted ? { error: noAnswer } : unanswered(0);
  }
}

/** Only a plain question for a part of the ledger is asked early. */
const earlyAnswer = (path: string, { method = 'GET' }: RequestInit) =>
  method === 'GET'
    ? takeEarlyAnswer(path, { memberId: memberships.member?.id, identity: ledgerIdentity.now })
    : undefined;

/** Pictures say what they are; all else that is sent is JSON, whatever the disk calls it. */
const typeOf = (body: BodyInit) =>
  body instanceof Blob && body.type.startsWith('image/') ? body.type : 'application/json';

/** A club tells who is not in nothing but that, not even which ledger it is. */
function outOfClub(answer: unknown): { error: Problem } {
  const error = problemOf(401, answer);
  if (error.code !== 'come-in') return unanswered(401);
  connectionStatus.answered();
  memberships.wentOut();
  return { error };
}

function unanswered(status: number): { error: Problem } {
  connectionStatus.unanswered();
  return { error: { ...noAnswer, status } };
}

/** No answer of the ledger’s own, its own fault, or nobody has come in: trying again later helps. */
export const isAway = ({ status, code }: Problem) =>
  status === 0 || status === 401 || status >= 500 || code === 'no-answer';

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
