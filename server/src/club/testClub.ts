import type { Role } from '@yellow-ledger/core';
import pino from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { openLedger } from '../db/ledger';
import { newDatabaseFile, openTestDatabase } from '../db/testDatabase';
import type { Carriage } from '../start/clubSettings';
import { opaqueIdsOf } from '../open/opaqueIds';
import { openClub } from './club';
import { ClubClock } from './clubClock';
import { clubDoor } from './login/clubDoor';
import { EventHub } from './events/eventHub';
import { newsStore } from './events/newsStore';

/** A member of a club under test, and the cookie they have come in with. */
export interface TestMember {
  id: string;
  name: string;
  cookie: string;
}

export const passphrase = 'reeds under the lantern';

/** A server of a club over a new database file, for tests; closed by the test that opened it. */
export async function testClub(
  carriage: Carriage = { by: 'made certificate' },
  clock = new ClubClock(),
) {
  const file = newDatabaseFile();
  const db = await openTestDatabase(file);
  const club = openClub(db, clock);
  const ledger = openLedger(db, file);
  const events = new EventHub(newsStore(db), club, opaqueIdsOf(db));
  club.onChange(() => events.check());
  const app = createApp({
    ledger,
    log: pino({ level: 'silent' }),
    club: clubDoor(club, carriage),
    events,
    backups: { folder: `${file}-backups`, isDaily: true },
  });

  const ask = (method: 'get' | 'put' | 'post' | 'delete', path: string, who: TestMember | null) => {
    const asked = request(app)[method](path).set('Host', 'localhost');
    return who ? asked.set('Cookie', who.cookie) : asked;
  };

  return {
    db,
    club,
    ledger,
    app,
    events,
    ask,
    /** Lets somebody in who has joined without the wait that a passphrase costs. */
    async member(name: string, role: Role): Promise<TestMember> {
      const { id } = await club.add(name, role, 'no hash: comes in by the cookie below');
      const { token } = await club.sessions.begin(id, 'a test', false);
      const device = await club.sessions.of(token);
      if (device) await club.sessions.confirm(device.id);
      const prefix = carriage.by === 'plain http' ? '' : '__Host-';
      return { id, name, cookie: `${prefix}yellow-ledger=${token}` };
    },
    close: () => {
      events.end();
      return db.destroy();
    },
  };
}
