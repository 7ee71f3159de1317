import { entrySchema } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { scopeOf } from '../club/scope';
import { accept } from '../http/accept';
import { Problem } from '../http/problem';
import { EntryTaken, NotTheirs, type LogStore } from './logStore';

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

/** The log: what was written after something that is known, and writing on. */
export function logRoutes(log: LogStore): Router {
  const router = Router();

  router.get('/', async (request, response) => {
    const { after } = accept(askedSchema, request.query);
    const rows = await log.textsAfter(after ?? 0, scopeOf(response).sender?.memberId);
    // Put together as text: ten thousand entries are not read here only to be written out again.
    const items = rows.map(
      ({ sequence, content }) => `{"sequence":${sequence},"entry":${content}}`,
    );
    // Only with the whole of it: who asks for what is new does so again and again.
    const damaged = JSON.stringify(after ? [] : await log.damaged());
    response.type('application/json').send(`{"items":[${items.join(',')}],"damaged":${damaged}}`);
  });

  router.delete('/:id', async (request, response) => {
    if (!(await log.removeDamaged(request.params.id)))
      throw new Problem(
        409,
        'kept',
        'Entries are struck out and never deleted, but those that nobody can read.',
      );
    response.status(204).end();
  });

  router.post('/', async (request, response) => {
    const { entries } = accept(appendSchema, request.body);
    const scope = scopeOf(response);
    await scope.beforeLogging(entries);
    try {
      response.json({ pots: await log.append(entries, scope.sender) });
    } catch (error) {
      if (error instanceof NotTheirs)
        throw new Problem(
          403,
          'not-yours',
          'What another has noted is struck out by them, or by a keeper.',
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
