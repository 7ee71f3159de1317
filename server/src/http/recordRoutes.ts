import {
  idSchema,
  resources,
  revisionSchema,
  type AnyRecord,
  type Kept,
  type ResourceName,
} from '@yellow-ledger/core';
import { Router, type Response } from 'express';
import { z } from 'zod';
import { StaleWrite } from '../db/storeErrors';
import { openFor } from '../open/openFor';
import { parseOrThrow } from './parseOrThrow';
import { notFound, Problem } from './problem';

const fromQuery = z.object({
  revision: z
    .string({ error: 'a whole number' })
    .regex(/^\d+$/, 'a whole number')
    .transform(Number),
});

const momentParams = z.object({
  id: idSchema,
  revision: z
    .string()
    .regex(/^[1-9]\d{0,8}$/, 'a whole number from 1')
    .transform(Number),
});

/** A list can be asked for its newest alone: whoever waits sees those first. */
const listQuery = z.object({
  newest: z
    .string({ error: 'a whole number' })
    .regex(/^[1-9]\d{0,2}$/, 'a whole number from 1 to 999')
    .transform(Number)
    .optional(),
});

/**
 * The ways in to one kind of record: list, read, write, delete. A write names the revision it was
 * made from; when the record has moved on it is refused with 409 and both versions.
 *
 * @param kind what it is, which says its schema and what it is called
 */
export function recordRoutes(kind: ResourceName): Router {
  const { label: what, schema } = resources[kind] as unknown as {
    label: string;
    schema: z.ZodType<AnyRecord>;
  };
  const storeFor = (response: Response) => openFor(response).records<AnyRecord>(kind);
  const router = Router();
  const writeSchema = z.strictObject({ content: schema, revision: revisionSchema });

  router.get('/', async (request, response) => {
    const { newest = Infinity } = parseOrThrow(listQuery, request.query);
    const { items, damaged } = await storeFor(response).listWithDamaged();
    const isAll = items.length <= newest;
    response.json({
      items: isAll ? items : [...items].sort(newestFirst).slice(0, newest),
      ...(damaged.length > 0 && { damaged }),
      ...(!isAll && { isAll }),
    });
  });

  router.get('/:id', async (request, response) => {
    const kept = await storeFor(response).get(request.params.id);
    if (!kept) throw notFound(what);
    response.json(kept);
  });

  router.put('/:id', async (request, response) => {
    const { content, revision } = parseOrThrow(writeSchema, request.body);
    if (content.id !== request.params.id)
      throw new Problem(
        400,
        'invalid',
        `The ${what} sent has another identifier than its address.`,
      );
    response.json(await staleAs409(storeFor(response).put(content, revision), what, content));
  });

  router.delete('/:id', async (request, response) => {
    const { revision } = parseOrThrow(fromQuery, request.query);
    await staleAs409(storeFor(response).remove(request.params.id, revision), what, null);
    response.status(204).end();
  });

  router.get('/:id/history', async (request, response) => {
    response.json({ items: await storeFor(response).moments(request.params.id) });
  });

  router.get('/:id/history/:revision', async (request, response) => {
    const { id, revision } = parseOrThrow(momentParams, request.params);
    const kept = await storeFor(response).former(id, revision);
    if (!kept)
      throw new Problem(404, 'not-found', `That moment of this ${what} is not kept any more.`);
    response.json(kept);
  });

  return router;
}

const newestFirst = (one: Kept<unknown>, other: Kept<unknown>) =>
  one.savedAt < other.savedAt ? 1 : -1;

async function staleAs409<Result>(work: Promise<Result>, what: string, yours: unknown) {
  try {
    return await work;
  } catch (error) {
    if (!(error instanceof StaleWrite)) throw error;
    const message = error.current
      ? `This ${what} was changed elsewhere since you opened it; choose what to keep.`
      : `This ${what} was deleted elsewhere since you opened it.`;
    throw new Problem(409, 'stale', message, { yours, current: error.current });
  }
}
