import type { FieldError } from '@yellow-ledger/core';

/** The answer to a client when something cannot be done; one shape for every error. */
export interface ProblemBody {
  error: {
    code: string;
    /** a sentence a person can act on */
    message: string;
    fields?: FieldError[];
    /** for a stale write: what was sent, and what is kept now (null: deleted) */
    yours?: unknown;
    current?: unknown;
  };
}

/** A refusal that is the client's to mend. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly details: Omit<ProblemBody['error'], 'code' | 'message'> = {},
  ) {
    super(message);
    this.name = 'Problem';
  }

  get body(): ProblemBody {
    return { error: { code: this.code, message: this.message, ...this.details } };
  }
}

export function notFound(what: string): Problem {
  return new Problem(404, 'not-found', `There is no ${what} here; it may have been deleted.`);
}
