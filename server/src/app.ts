import { existsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { resourceNames, resources } from '@yellow-ledger/core';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import sirv from 'sirv';
import { backupRoutes, type BackupPlace } from './backup/backupRoutes';
import type { ClubDoor } from './club/login/clubDoor';
import { clubGate } from './club/clubGate';
import { claimRoutes } from './club/tables/claimRoutes';
import { inFirst } from './club/clubRequest';
import { clubRoutes } from './club/clubRoutes';
import { memberRoutes } from './club/members/memberRoutes';
import { secondFactorRoutes } from './club/login/secondFactorRoutes';
import { ownerRoutes } from './club/owners/ownerRoutes';
import type { EventHub } from './club/events/eventHub';
import { eventRoutes } from './club/events/eventRoutes';
import { proposalRoutes } from './club/proposals/proposalRoutes';
import { shelfRoutes } from './club/tables/shelfRoutes';
import type { Ledger } from './db/ledger';
import { demoRoutes } from './demo/demoRoutes';
import { fileRoutes } from './files/fileRoutes';
import { refuseIfDatabaseMoved } from './http/refuseIfDatabaseMoved';
import { answerErrors } from './http/answerErrors';
import { ownHostsOnly } from './http/ownHostsOnly';
import { ownPagesOnly } from './http/ownPagesOnly';
import { ledgerIdHeader } from './http/ledgerIdHeader';
import { verifyDepth } from './http/nesting';
import { notFound } from './http/problem';
import { requestLog } from './http/requestLog';
import { recordRoutes } from './http/recordRoutes';
import { logRoutes } from './log/logRoutes';
import { setOpen } from './open/openFor';
import { openToAll } from './open/openToAll';
import { pictureBody, pictureRoutes } from './pictures/pictureRoutes';
import { potBatchRoutes } from './pots/potBatchRoutes';
import { replacementRoutes } from './replacements/replacementRoutes';
import { version } from './version';
import { versionRoutes } from './versions/versionRoutes';
import type { LedgerWork } from './work/ledgerWork';
import { workHere } from './work/workHere';
import { throughGate, WriteGate } from './work/writeGate';

/** Writes that are sent together have at most so many bytes. */
const largestTogether = 16_000_000;

/** A proposal holds a recipe, which can be as long as its schema lets it be. */
const largestProposal = 3_000_000;

export interface AppParts {
  ledger: Ledger;
  log: Logger;
  /** the database file, once it is on the disk: nothing is taken when it is not there any more */
  databaseFile?: string;
  /** how what takes long is done, past which gate; in this thread unless said otherwise */
  work?: LedgerWork;
  gate?: WriteGate;
  /** where a file lies while it is taken in */
  workFolder?: string;
  /** where backups are kept; without it there are none to be seen */
  backups?: BackupPlace;
  /** whose members alone are let in; without it the ledger is its owner’s on this machine */
  club?: ClubDoor;
  /** tells the members of a club what happens */
  events?: EventHub;
  /** folder of the built web client; without it only the API is served */
  webFolder?: string;
}

export function createApp({
  ledger,
  log,
  databaseFile,
  backups,
  club,
  events,
  webFolder,
  workFolder = tmpdir(),
  gate = new WriteGate(),
  ...parts
}: AppParts): Express {
  const work = parts.work ?? workHere(ledger, workFolder);
  const writes = throughGate(gate);
  const app = express();
  app.disable('x-powered-by');
  app.use(requestLog(log));
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
          imgSrc: ["'self'", 'data:', 'blob:'],
          connectSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      // Alone it is served over plain http on loopback: there is no https to insist on.
      strictTransportSecurity: club?.insistsOnHttps ?? false,
      // Headers for browsers that cannot run the app anyway; skipped because every asset would carry them.
      xDnsPrefetchControl: false,
      xDownloadOptions: false,
      xPermittedCrossDomainPolicies: false,
      xXssProtection: false,
    }),
  );
  if (club) app.set('trust proxy', club.isBehindProxy ? 'loopback' : false);
  app.use(ownHostsOnly(club?.isOwnHost ?? isLoopback));
  app.get(
    '/healthz',
    (_request, response) => void response.json({ isOpen: true, ...(!club && { version }) }),
  );
  app.use(ownPagesOnly(club?.pages));
  if (databaseFile !== undefined) app.use(refuseIfDatabaseMoved(databaseFile));
  app.use(compression());
  if (club) {
    app.use('/api', ownPagesOnly(club.pages, true));
    if (events) {
      // Every write is told once it is answered.
      app.use('/api', (request, response, next) => {
        if (request.method !== 'GET') response.once('finish', () => events.look());
        next();
      });
      app.use('/api/club', eventRoutes(club, events));
    }
    const proposal = express.json({ limit: largestProposal, verify: verifyDepth });
    // Nothing large is read of who has not come in.
    app.use('/api/club/proposals', inFirst(club), proposal, writes);
    app.use('/api/club', proposalRoutes(club, ledger));
    app.use('/api/club', clubRoutes(club));
    app.use(
      '/api/club',
      express.json({ verify: verifyDepth }),
      writes,
      memberRoutes(club),
      secondFactorRoutes(club),
      ownerRoutes(club, ledger),
      claimRoutes(club, ledger),
      shelfRoutes(club, ledger),
    );
    app.use('/api', clubGate(club, ledger, log));
  } else {
    app.get('/api/club/me', (_request, response) => void response.json({ member: null }));
    const open = openToAll(ledger);
    app.use('/api', (_request, response, next) => {
      setOpen(response, open);
      next();
    });
  }
  app.use('/api', ledgerIdHeader(ledger.db));
  app.use('/api/files', fileRoutes(work, workFolder));
  if (backups) app.use('/api/backups', backupRoutes(backups, work, workFolder));
  app.use('/api/pictures', pictureBody, writes, pictureRoutes());
  const wholeLists = express.json({ limit: largestTogether, verify: verifyDepth });
  app.use('/api/pot-batches', wholeLists, writes, potBatchRoutes());
  app.use('/api/replacements', wholeLists, writes, replacementRoutes());
  app.use('/api/log', wholeLists, writes, logRoutes());
  for (const name of resourceNames) {
    const body = express.json({ limit: resources[name].largestBytes, verify: verifyDepth });
    app.use(`/api/${name}`, body, writes, recordRoutes(name));
  }
  app.use('/api', express.json({ verify: verifyDepth }), writes, versionRoutes());
  app.use('/api/demo', writes, demoRoutes(ledger));
  app.use('/api', (_request, _response, next) => next(notFound('such address')));
  if (webFolder && existsSync(webFolder)) serveWeb(app, webFolder);
  app.use(answerErrors(log));
  return app;
}

const loopback = new Set(['127.0.0.1', 'localhost', '[::1]']);
/** A ledger alone is for this machine only. */
const isLoopback = (name: string) => loopback.has(name);

function serveWeb(app: Express, folder: string): void {
  // Built files carry a hash of their content in their name, so they never change under a name.
  const aYear = 365 * 24 * 60 * 60;
  app.use(
    '/assets',
    sirv(join(folder, 'assets'), { brotli: true, gzip: true, immutable: true, maxAge: aYear }),
  );
  app.use('/assets', (_request, _response, next) => next(notFound('such file')));
  app.use(express.static(folder, { index: false }));
  app.get('/{*page}', (_request, response) => {
    response.sendFile('index.html', { root: folder, headers: { 'Cache-Control': 'no-cache' } });
  });
}
