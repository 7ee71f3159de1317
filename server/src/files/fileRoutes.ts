import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  isOpaqueId,
  LedgerFileError,
  ledgerFileOf,
  ledgerFileText,
  shelfOf,
  writeLedgerFile,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import { Router, type Request, type Response } from 'express';
import pLimit from 'p-limit';
import { z } from 'zod';
import { parseOrThrow } from '../http/parseOrThrow';
import { notFound, Problem } from '../http/problem';
import { Cancelled, type LedgerWork } from '../work/ledgerWork';
import { openFor } from '../open/openFor';
import type { OpenLedger } from '../open/openLedger';
import { heldPictures } from '../pictures/heldPictures';
import { withGrounds, type RecipeReader } from '../recipes/groundsOf';
import { receive } from './receive';

const nameSchema = z.string().regex(/^[\w-]{1,64}$/, 'a name of 1–64 letters, digits, - or _');

/** Each import takes a thread and memory of its own; so many run beside each other, and so many wait. */
const mostAtOnce = 2;
const mostWaiting = 10;

/** @param workFolder where a file lies while it is taken in */
export function fileRoutes(work: LedgerWork, workFolder: string): Router {
  const router = Router();

  router.get('/recipes/:id', async (request, response) => {
    const open = openFor(response);
    const kept = await open.records<Recipe>('recipes').get(request.params.id);
    if (!kept) throw notFound('recipe');
    const { recipes, versions } = await withGrounds(kept.content, readerOf(open));
    const file = writeLedgerFile(recipes, shelfOf(await potsOf(open)), versions);
    const photographs = await open.photographsOf(kept.content.id);
    const pictures = await heldPictures(photographs, open.pictures);
    send(response, kept.content.name, ledgerFileText({ ...file, photographs, pictures }));
  });

  router.get('/recipes', async (_request, response) => {
    const open = openFor(response);
    const { items } = await open.records<Recipe>('recipes').listWithDamaged();
    const inUse = items.map(({ content }) => content).filter(({ archived }) => !archived);
    const shelf = shelfOf(await potsOf(open));
    send(response, 'recipes', ledgerFileText(writeLedgerFile(inUse, shelf)));
  });

  router.get('/shelf', async (_request, response) => {
    const pots = (await potsOf(openFor(response))).filter(({ id }) => !isOpaqueId(id));
    send(response, 'shelf', ledgerFileText(ledgerFileOf({ pots, recipes: [] })));
  });

  async function sendWhole(request: Request, response: Response, isOwn: boolean) {
    const open = openFor(response);
    response.attachment(fileName(isOwn ? 'mine' : 'everything')).type('application/json');
    await work.atOneMoment(async (within, signal) => {
      const pieces = await open.wholeFile(isOwn, within);
      await pipeline(Readable.from(pieces), response, { signal }).catch((error: unknown) => {
        // If the client aborts, do nothing. Otherwise the connection is cut, so that a truncated
        // download is not mistaken for a complete one.
        if (!request.destroyed && !signal.aborted) throw error;
      });
    });
  }

  // In a club, of everything what whoever asks is shown.
  router.get('/everything', (request, response) => sendWhole(request, response, false));

  router.get('/mine', (request, response) => sendWhole(request, response, true));

  const inTurn = pLimit(mostAtOnce);
  /** Imports that are running, by the name their sender has given them. */
  const underWay = new Map<string, number>();
  router.get('/under-way/:name', (request, response) => {
    const share = underWay.get(request.params.name);
    if (share === undefined) throw notFound('file that is being imported');
    response.json({ share });
  });

  router.post('/', async (request, response) => {
    if (!request.is('application/json'))
      throw new Problem(400, 'invalid', 'Send the file as application/json.');
    const name = parseOrThrow(nameSchema, request.query.as ?? randomUUID());
    const path = join(workFolder, `taken-${randomUUID()}`);
    const cancelled = new AbortController();
    response.once('close', () => cancelled.abort());
    underWay.set(name, 0);
    try {
      await receive(request, path);
      if (inTurn.pendingCount >= mostWaiting)
        throw new Problem(
          429,
          'busy',
          'Many files are being imported just now. Try again in a minute.',
        );
      const imported = await inTurn(() =>
        work.takeIn(path, {
          onProgress: (share) => void underWay.set(name, share),
          signal: cancelled.signal,
          ownerId: openFor(response).ownerId,
        }),
      );
      response.json(imported);
    } catch (error) {
      if (error instanceof LedgerFileError) throw new Problem(400, 'bad-file', error.message);
      if (!(error instanceof Cancelled)) throw error;
    } finally {
      underWay.delete(name);
      rmSync(path, { force: true });
    }
  });

  return router;
}

const potsOf = async (open: OpenLedger): Promise<Pot[]> =>
  (await open.records<Pot>('pots').listWithDamaged()).items.map(({ content }) => content);

/** Reads recipes; hidden ones are missing. */
const readerOf = (open: OpenLedger): RecipeReader => ({
  recipe: async (id) =>
    (await open.records<Recipe>('recipes').get(id).catch(noneWhereRefused))?.content ?? null,
  versionsOf: async (id) => (await open.versions.of(id).catch(noneWhereRefused)) ?? [],
});

function noneWhereRefused(error: unknown): null {
  if (error instanceof Problem) return null;
  throw error;
}

function send(response: Response, name: string, text: string): void {
  response.attachment(fileName(name)).type('application/json').send(text);
}

/** A name any file system takes. @example fileName('Oilskin, worn') // → 'oilskin-worn.ledger.json' */
function fileName(recipeName: string): string {
  const plain = recipeName
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return `${plain.slice(0, 60) || 'recipe'}.ledger.json`;
}
