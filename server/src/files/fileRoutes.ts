import {
  LedgerFileError,
  largestFileBytes,
  readLedgerFile,
  shelfOf,
  writeLedgerFile,
} from '@yellow-ledger/core';
import express, { Router } from 'express';
import type { Ledger } from '../db/ledger';
import { notFound, Problem } from '../http/problem';
import { importFile } from './importFile';

export function fileRoutes(ledger: Ledger): Router {
  const router = Router();

  router.get('/recipes/:id', async (request, response) => {
    const kept = await ledger.recipes.get(request.params.id);
    if (!kept) throw notFound('recipe');
    const shelf = shelfOf((await ledger.pots.list()).map(({ content }) => content));
    const file = writeLedgerFile([kept.content], shelf);
    response
      .attachment(fileName(kept.content.name))
      .type('application/json')
      .send(JSON.stringify(file, null, 2));
  });

  const wholeText = express.text({ type: 'application/json', limit: largestFileBytes });
  router.post('/', wholeText, async (request, response) => {
    const text: unknown = request.body;
    if (typeof text !== 'string')
      throw new Problem(400, 'invalid', 'Send the file as application/json.');
    try {
      response.json(await importFile(readLedgerFile(text), ledger));
    } catch (error) {
      if (error instanceof LedgerFileError) throw new Problem(400, 'bad-file', error.message);
      throw error;
    }
  });

  return router;
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
