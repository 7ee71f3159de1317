import { existsSync } from 'node:fs';
import { join } from 'node:path';
import {
  armySchema,
  benchSchema,
  largestFileBytes,
  paletteSchema,
  recipeSchema,
} from '@yellow-ledger/core';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { openLedger } from './db/ledger';
import { demoRoutes } from './demo/demoRoutes';
import { fileRoutes } from './files/fileRoutes';
import { answerErrors } from './http/answerErrors';
import { loopbackOnly } from './http/loopbackOnly';
import { notFound } from './http/problem';
import { recordRoutes } from './http/recordRoutes';
import { logRoutes } from './log/logRoutes';
import { potBatchRoutes } from './pots/potBatchRoutes';
import { potRoutes } from './pots/potRoutes';
import { replacementRoutes } from './replacements/replacementRoutes';
import { versionRoutes } from './versions/versionRoutes';

const largestRecordBytes = 400_000;

export interface AppParts {
  db: Knex;
  log: Logger;
  /** folder of the built web client; without it only the API is served */
  webFolder?: string;
}

export function createApp({ db, log, webFolder }: AppParts): Express {
  const ledger = openLedger(db);
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: log }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          styleSrc: ["'self'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          connectSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      // Served over plain http on loopback: there is no https to insist on.
      strictTransportSecurity: false,
    }),
  );
  app.use(loopbackOnly);
  app.use('/api/files', fileRoutes(ledger));
  const wholeLists = express.json({ limit: largestFileBytes });
  app.use('/api/pot-batches', wholeLists, potBatchRoutes(ledger));
  app.use('/api/replacements', wholeLists, replacementRoutes(ledger));
  app.use('/api/log', wholeLists, logRoutes(ledger.log));
  app.use('/api', express.json({ limit: largestRecordBytes }));
  app.use('/api/pots', potRoutes(ledger.pots));
  app.use('/api/recipes', recordRoutes('recipe', recipeSchema, ledger.recipes));
  app.use('/api/armies', recordRoutes('army', armySchema, ledger.armies));
  app.use('/api/benches', recordRoutes('bench', benchSchema, ledger.benches));
  app.use('/api/palettes', recordRoutes('palette', paletteSchema, ledger.palettes));
  app.use('/api/recipes', versionRoutes(ledger.versions));
  app.use('/api/demo', demoRoutes(ledger));
  app.use('/api', (_request, _response, next) => next(notFound('such address')));
  if (webFolder && existsSync(webFolder)) serveWeb(app, webFolder);
  app.use(answerErrors(log));
  return app;
}

function serveWeb(app: Express, folder: string): void {
  // Built files carry a hash of their content in their name, so they never change under a name.
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }));
  app.use('/assets', (_request, _response, next) => next(notFound('such file')));
  app.use(express.static(folder, { index: false }));
  app.get('/{*page}', (_request, response) => {
    response.sendFile('index.html', { root: folder, headers: { 'Cache-Control': 'no-cache' } });
  });
}
