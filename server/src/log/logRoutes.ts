import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setImmediate } from 'node:timers/promises';
import { entrySchema } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import type { Damaged } from '../db/storeErrors';
import { parseOrThrow } from '../http/parseOrThrow';
import { Problem } from '../http/problem';
import { openFor } from '../open/openFor';
import { EntryTaken, NotTheirs, type LogTexts } from './logTexts';

const appendSchema = z.strictObject({
  entries: z
    .array(entrySchema, { error: 'a list of entries' })
    .min(1, 'at least one entry')
    .max(500, 'at most 500 entries at once'),
});

const askedSchema = z.object({
  after: z
    .string({ error: 'a whole number' })
    .regex(/^\d{1,15}$/, 'a whole number')
    .transform(Number)
    .optional(),
});

/** Put together as text: entries are not read only to be written out again. */
async function* asJson(pages: AsyncIterable<LogTexts>): AsyncGenerator<string> {
  const damaged: Damaged[] = [];
  let before = '{"items":[';
  for await (const page of pages) {
    damaged.push(...page.damaged);
    const items = page.items.map(
      ({ sequence, content }) => `{"sequence":${sequence},"entry":${content}}`,
    );
    if (items.length > 0) yield before + items.join(',');
    if (items.length > 0) before = ',';
    await setImmediate();
  }
  yield `${before === ',' ? '' : before}],"damaged":${JSON.stringify(damaged)}}`;
}

/** The log: what was written after something that is known, and writing on. */
export function logRoutes(): Router {
  const router = Router();

  router.get('/', async (request, response) => {
    const { after = 0 } = parseOrThrow(askedSchema, request.query);
    const pages = openFor(response).log.textsAfter(after);
    response.type('application/json');
    await pipeline(Readable.from(asJson(pages)), response).catch((error: unknown) => {
      // If the client aborts, do nothing. Otherwise the connection is cut: half a log is no log.
      if (!request.destroyed) throw error;
    });
  });

  router.delete('/:id', async (request, response) => {
    if (!(await openFor(response).log.removeDamaged(request.params.id)))
      throw new Problem(
        409,
        'kept',
        'Entries are struck out and never deleted, but those that nobody can read.',
      );
    response.status(204).end();
  });

  router.post('/', async (request, response) => {
    const { entries } = parseOrThrow(appendSchema, request.body);
    try {
      response.json({ pots: await openFor(response).log.append(entries) });
    } catch (error) {
      if (error instanceof NotTheirs)
        throw new Problem(
          403,
          'not-yours',
          'What another has noted is struck out by them, or by a manager.',
        );
      if (!(error instanceof EntryTaken)) throw error;
      throw new Problem(
        409,
        'entry-taken',
        `The log has another entry with the identifier ${error.id}; nothing of this was written.`,
      );
    }
  });

  return router;
}
