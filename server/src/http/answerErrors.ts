import type { ErrorRequestHandler } from 'express';
import type { Logger } from 'pino';
import { z } from 'zod';
import { DamagedRecord } from '../db/storeErrors';
import { UnknownPots } from '../db/potLinks';
import { TooManyAtOnce } from '../club/login/passphrases';
import { GroundNotFrozen, NothingChanged } from '../versions/versionStore';
import { restoring } from '../work/writeGate';
import { Problem } from './problem';

/** Express’s body parser's reasons for a body it could not take. */
const bodyErrorSchema = z.object({
  type: z.string(),
  status: z.number(),
  limit: z.number().optional(),
  message: z.string().optional(),
});

/** Express's reasons for an address or a head it could not read. */
const askedErrorSchema = z.object({ status: z.number().min(400).max(499) });

/** Turns every error into the one shape; what is the server's own fault is logged and not shown. */
export function answerErrors(log: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) return next(error);
    const problem = problemOf(error);
    if (problem.status >= 500)
      log.error(error instanceof Problem ? { code: error.code } : { err: error }, 'request failed');
    response.status(problem.status).json(problem.body);
  };
}

function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof UnknownPots)
    return new Problem(
      400,
      'unknown-pots',
      `It draws from pots that are on no shelf: ${error.potIds.join(', ')}. Add them first, or choose others.`,
    );
  if (error instanceof NothingChanged)
    return new Problem(
      409,
      'nothing-changed',
      `Nothing has changed since version ${error.number}, so there is nothing to save as a version.`,
    );
  if (error instanceof GroundNotFrozen)
    return new Problem(
      409,
      'ground-not-frozen',
      'It goes onto a recipe as that is now, and a version must never change. Save a version of that one first. Then choose its version as the ground.',
    );
  if (error instanceof DamagedRecord)
    return new Problem(
      422,
      'damaged',
      `What is kept of ${error.id} cannot be read: ${error.reason} Write over it, delete it, or put a backup in its place.`,
    );
  if (isClosed(error)) return restoring();
  if (error instanceof TooManyAtOnce)
    return new Problem(
      429,
      'wait',
      'Many people log in at this moment. Try again in a few seconds.',
    );
  if (isDiskFull(error))
    return new Problem(
      507,
      'disk-full',
      'The disk the ledger is on is full, so this was not written. Make room there; what you do meanwhile waits in the browser.',
    );
  const body = bodyErrorSchema.safeParse(error);
  const asked = askedErrorSchema.safeParse(error);
  if (body.success && body.data.status < 500) return bodyProblem(body.data);
  if (asked.success) return new Problem(400, 'bad-request', 'The request could not be read.');
  return new Problem(
    500,
    'internal',
    'Something went wrong on this side; nothing was changed. The log in the data folder says what.',
  );
}

const codeSchema = z.object({ code: z.string() });

/** The error of Knex after the database is closed: a backup is being put in its place. */
const isClosed = (error: unknown) =>
  error instanceof Error && /^Unable to acquire a connection|^aborted$/.test(error.message);

/** Errors of SQLite and the system for a full disk; across threads too. */
function isDiskFull(error: unknown): boolean {
  const read = codeSchema.safeParse(error);
  return read.success && ['ENOSPC', 'SQLITE_FULL', 'SQLITE_IOERR_WRITE'].includes(read.data.code);
}

function bodyProblem({ type, status, limit, message }: z.infer<typeof bodyErrorSchema>): Problem {
  if (type === 'entity.too.large')
    return new Problem(
      413,
      'too-large',
      `This is larger than the ${((limit ?? 0) / 1e6).toFixed(1)} MB that can be taken at once.`,
    );
  if (type === 'entity.parse.failed')
    return new Problem(400, 'not-json', 'The request is no whole JSON; it may have been cut off.');
  if (type === 'entity.verify.failed')
    return new Problem(
      400,
      'too-deep',
      `This is more than anything here has: it is ${message ?? 'not to be read'}.`,
    );
  return new Problem(status, 'bad-request', 'The request could not be read.');
}
