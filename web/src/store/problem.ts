import { z } from 'zod';

/** The one shape of the server's errors. */
const problemSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    current: z.unknown().optional(),
  }),
});

/** A request that did not do what was asked, for the store and the screen. */
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
      headers: init.body ? { 'Content-Type': 'application/json' } : undefined,
    });
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
    return { error: noAnswer };
  }
}
