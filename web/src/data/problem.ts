import { z } from 'zod';

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

export const noAnswer: Problem = {
  status: 0,
  code: 'no-answer',
  message: 'The ledger’s server does not answer. It may have been stopped.',
};

/** The error in an answer. */
export function problemOf(status: number, answer: unknown): Problem {
  const problem = problemSchema.safeParse(answer);
  return problem.success ? { status, ...problem.data.error } : { ...noAnswer, status };
}

/** The body is no answer of this ledger, or one of a newer one. */
export const unreadable: Problem = {
  status: 0,
  code: 'unreadable',
  message:
    'The server’s answer could not be read; the page may be older than the server. Load it again.',
};
