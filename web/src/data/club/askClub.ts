import type { z } from 'zod';
import { takeEarlyAnswer } from '../earlyAnswers';
import { problemOf, unreadable, type Problem } from '../problem';

/**
 * Asks for what is of the club: its members, logging in. Its answers carry no name of the ledger, as
 * strangers are not told that.
 *
 * @returns what was answered, or what went wrong as a problem; never throws
 */
export async function askClub<Answer>(
  path: string,
  schema: z.ZodType<Answer>,
  {
    method = 'GET',
    body,
    headers = {},
  }: { method?: string; body?: object; headers?: Record<string, string> } = {},
): Promise<{ data: Answer } | { error: Problem }> {
  try {
    const address = `/api/club${path}`;
    const isOwnState = path === '/me' && method === 'GET';
    const response = await ((isOwnState && takeEarlyAnswer(address, 'anybody')) ||
      fetch(address, {
        method,
        cache: 'no-store',
        ...(body && { body: JSON.stringify(body) }),
        headers: { ...headers, ...(body && { 'Content-Type': 'application/json' }) },
      }));
    const answer: unknown = response.status === 204 ? null : await response.json();
    if (!response.ok) return { error: problemOf(response.status, answer) };
    const read = schema.safeParse(answer);
    return read.success ? { data: read.data } : { error: unreadable };
  } catch {
    return { error: problemOf(0, null) };
  }
}
