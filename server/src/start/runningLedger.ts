import { rmSync, readdirSync } from 'node:fs';
import type { RequestListener } from 'node:http';
import { join } from 'node:path';
import type { Express } from 'express';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { createApp } from '../app';
import { keepBackups } from '../backup/backups';
import { putInPlace, removeTrial, trialFile } from '../backup/restore';
import { openClub, type Club } from '../club/club';
import { ClubClock } from '../club/clubClock';
import { clubDoor, type TrustedRoot } from '../club/login/clubDoor';
import { EventHub } from '../club/events/eventHub';
import { newsStore } from '../club/events/newsStore';
import { carryClubInto, latestMoment } from '../club/members/carryClub';
import { openDatabase } from '../db/openDatabase';
import { settleJournal } from '../db/settleJournal';
import { openLedger, type Ledger } from '../db/ledger';
import { opaqueIdsOf } from '../open/opaqueIds';
import { picturesNamed } from '../pictures/picturesNamed';
import type { LedgerWork } from '../work/ledgerWork';
import { WriteGate } from '../work/writeGate';
import { Problem } from '../http/problem';
import type { Carriage } from './clubSettings';

/** How a club is reached. */
export interface ReachedClub {
  carriage: Carriage;
  root: TrustedRoot | null;
  /** of this machine in the network, where it listens there */
  addresses: () => readonly string[];
  /** whether a name in the Host header, without its port, is the club's */
  isOwnHost: (name: string) => boolean;
}

export interface RunningOptions {
  databaseFile: string;
  backupFolder: string;
  webFolder: string;
  /** how what takes long is done, past which gate */
  workOf: (ledger: Ledger, gate: WriteGate, workFolder: string) => LedgerWork;
  /** the demo is put back by --reset, and nothing of it is anybody’s */
  isDemo: boolean;
  /** the club whose ledger it is, and how it is reached; without it, it is its owner’s alone */
  club?: ReachedClub | undefined;
  log: Logger;
  onCopy: (copy: string) => void;
}

/** So often a ledger is opened again after a backup was put in place, and so long between, ms. */
const mostTries = 20;
const betweenTriesMs = 250;

/** The open parts of a ledger, from opening its file to closing it. */
interface Opened {
  db: Knex;
  app: Express;
  club: Club | null;
  events: EventHub | undefined;
  gate: WriteGate;
  work: LedgerWork;
  end: () => void;
}

/** A ledger that is being served, and can be replaced by a backup while it is. */
export class RunningLedger {
  private opened: Opened | null = null;
  private isRestoring = false;

  constructor(private readonly options: RunningOptions) {}

  /** @param first done with the ledger before it is served */
  async open(
    first: (ledger: Ledger, club: Club | null) => Promise<void> = async () => undefined,
  ): Promise<void> {
    const { databaseFile, onCopy } = this.options;
    const db = await openDatabase(databaseFile, onCopy);
    try {
      await this.serve(db, first);
    } catch (error) {
      await db.destroy();
      throw error;
    }
  }

  private async serve(
    db: Knex,
    first: (ledger: Ledger, club: Club | null) => Promise<void>,
  ): Promise<void> {
    const { club: reached } = this.options;
    const { databaseFile, backupFolder, webFolder, workOf, isDemo, log } = this.options;
    const workFolder = workFolderOf(databaseFile);
    const gate = new WriteGate();
    const ledger = openLedger(db, databaseFile);
    const work = workOf(ledger, gate, workFolder);
    const club = reached ? openClub(db, new ClubClock(await latestMoment(db))) : null;
    await first(ledger, club);
    await ledger.pictures.sweep(await picturesNamed(db));
    const endBackups = isDemo ? () => undefined : keepBackups(work, backupFolder, log);
    const endSettling = settleJournal(db);
    const backups = {
      folder: backupFolder,
      isDaily: !isDemo,
      restore: (file: string) => this.restoreAlone(file, work),
    };
    const events = club ? new EventHub(newsStore(db), club, opaqueIdsOf(db)) : undefined;
    club?.onChange(() => events?.check());
    const app = createApp({
      ledger,
      ...(club &&
        reached && {
          club: clubDoor(
            club,
            reached.carriage,
            reached.root,
            reached.addresses,
            reached.isOwnHost,
          ),
          events,
        }),
      log,
      databaseFile,
      backups,
      webFolder,
      workFolder,
      work,
      gate,
    });
    this.opened = {
      db,
      app,
      club,
      events,
      gate,
      work,
      end: () => {
        endBackups();
        endSettling();
        events?.end();
      },
    };
  }

  /** The club that is being served; null for a ledger alone. */
  get club(): Club | null {
    return this.opened?.club ?? null;
  }

  /** Ends what stands open for as long as somebody listens, so that the rest can be closed. */
  endStreams(): void {
    this.opened?.events?.end();
  }

  readonly listener: RequestListener = (request, response) => {
    if (this.opened) return this.opened.app(request, response);
    // A moment: whoever asks tries again by himself.
    response.writeHead(503, { 'Retry-After': '1', 'Content-Type': 'application/json' });
    const message = 'A backup is just being put in place. In a moment the ledger answers again.';
    response.end(JSON.stringify({ error: { code: 'restoring', message } }));
  };

  async close(): Promise<void> {
    const { opened } = this;
    this.opened = null;
    opened?.end();
    await opened?.work.end();
    await opened?.db.destroy();
  }

  /** Opens what is there now, also where that fails at first: closed, it would answer nobody any more. */
  private async openAgain(): Promise<void> {
    const { log } = this.options;
    for (let tries = 1; ; tries++)
      try {
        return await this.open();
      } catch (error) {
        log.error({ err: error, tries }, 'the ledger could not be opened again');
        if (tries === mostTries) throw error;
        await new Promise((done) => setTimeout(done, betweenTriesMs));
      }
  }

  /** One at a time. @throws Problem 409 while another is being put in place */
  private async restoreAlone(file: string, work: LedgerWork): Promise<string | null> {
    if (this.isRestoring)
      throw new Problem(
        409,
        'restoring',
        'Another backup is just being put in place. Look at what it brought, then try again.',
      );
    this.isRestoring = true;
    try {
      return await this.restore(file, work);
    } finally {
      this.isRestoring = false;
    }
  }

  /** Puts a backup in place of the ledger. @returns where what was there is kept */
  private async restore(file: string, work: LedgerWork): Promise<string | null> {
    const { databaseFile, log } = this.options;
    const now = new Date();
    const trial = trialFile(databaseFile, now);
    try {
      await work.prepare(file, trial, databaseFile);
      // Writes from here on would go into the ledger that is put aside.
      await this.opened?.gate.end();
      let replaced: string | null = null;
      try {
        if (this.opened?.club) await carryClubInto(trial, this.opened.db);
        // Downloads under way are broken off: they would hold on to the file that is put aside.
        await this.close();
        replaced = putInPlace(trial, databaseFile, now);
      } finally {
        await this.close();
        await this.openAgain();
      }
      log.info({ file, replaced }, 'a backup was put in place');
      return replaced;
    } finally {
      removeTrial(trial);
    }
  }
}

const leftBehind = /^(staging|taken)-[0-9a-f-]{36}|\.restoring-[\dT-]+Z/;

/** Where what is needed for a moment is put: on the disk of the ledger. What a killed server left there goes. */
function workFolderOf(databaseFile: string): string {
  const folder = join(databaseFile, '..');
  for (const name of readdirSync(folder))
    if (leftBehind.test(name)) rmSync(join(folder, name), { force: true, recursive: true });
  return folder;
}
