import {
  LedgerFileError,
  largestFileBytes,
  ledgerFileOf,
  ledgerFileText,
  readLedgerFile,
  resourceNames,
  shelfOf,
  writeLedgerFile,
  type ContentOf,
  type ResourceName,
} from '@yellow-ledger/core';
import express, { Router, type Response } from 'express';
import type { Ledger } from '../db/ledger';
import { verifyDepth } from '../http/nesting';
import { notFound, Problem } from '../http/problem';
import { importFile } from './importFile';

export function fileRoutes(ledger: Ledger): Router {
  const router = Router();

  router.get('/recipes/:id', async (request, response) => {
    const kept = await ledger.records.recipes.get(request.params.id);
    if (!kept) throw notFound('recipe');
    const shelf = shelfOf((await ledger.records.pots.list()).map(({ content }) => content));
    send(response, kept.content.name, ledgerFileText(writeLedgerFile([kept.content], shelf)));
  });

  router.get('/recipes', async (_request, response) => {
    const recipes = (await ledger.records.recipes.list()).map(({ content }) => content);
    const shelf = shelfOf((await ledger.records.pots.list()).map(({ content }) => content));
    const inUse = recipes.filter(({ archived }) => !archived);
    send(response, 'recipes', ledgerFileText(writeLedgerFile(inUse, shelf)));
  });

  router.get('/shelf', async (_request, response) => {
    const pots = (await ledger.records.pots.list()).map(({ content }) => content);
    send(response, 'shelf', ledgerFileText(ledgerFileOf({ pots, recipes: [] })));
  });

  router.get('/everything', async (_request, response) => {
    const lists = await Promise.all(
      resourceNames.map(async (name) => [
        name,
        (await ledger.records[name].list()).map(({ content }) => content),
      ]),
    );
    const file = ledgerFileOf({
      ...(Object.fromEntries(lists) as { [Name in ResourceName]: ContentOf<Name>[] }),
      versions: await ledger.versions.all(),
      log: await ledger.log.all(),
    });
    send(response, 'everything', ledgerFileText(file, await ledger.sections.list()));
  });

  const wholeText = express.text({
    type: 'application/json',
    limit: largestFileBytes,
    verify: verifyDepth,
  });
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
