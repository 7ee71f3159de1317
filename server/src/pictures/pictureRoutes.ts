import {
  mostKeptBytes,
  PictureError,
  pictureFormats,
  pictureHashSchema,
} from '@yellow-ledger/core';
import { raw, Router } from 'express';
import { parseOrThrow } from '../http/parseOrThrow';
import { notFound, Problem } from '../http/problem';
import { openFor } from '../open/openFor';

const types = pictureFormats.map(({ type }) => type);

/** Reads a picture that is sent; the body is left as it was where it is of another type. */
export const pictureBody = raw({ type: types, limit: mostKeptBytes });

/** Pictures by their hash: put in once, read from then on, never changed. */
export function pictureRoutes(): Router {
  const router = Router();

  router.post('/', async (request, response) => {
    if (!Buffer.isBuffer(request.body))
      throw new Problem(400, 'invalid', `Send a picture as one of ${types.join(', ')}.`);
    try {
      response.status(201).json(await openFor(response).pictures.put(request.body));
    } catch (error) {
      if (error instanceof PictureError) throw new Problem(400, 'bad-picture', error.message);
      throw error;
    }
  });

  router.get('/:hash', async (request, response) => {
    const hash = parseOrThrow(pictureHashSchema, request.params.hash);
    const bytes = await openFor(response).pictures.read(hash);
    if (!bytes) throw notFound('such picture');
    const format = pictureFormats.find(({ begins }) => begins(bytes));
    response
      .type(format?.type ?? 'application/octet-stream')
      .set('Cache-Control', 'private, max-age=31536000, immutable')
      .send(bytes);
  });

  return router;
}
