import { may, relations } from '@yellow-ledger/core';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import type { Ledger } from '../db/ledger';
import { notFound } from '../http/problem';
import { setOpen } from '../open/openFor';
import { opaqueIdsOf } from '../open/opaqueIds';
import { OwnPictures } from '../pictures/ownPictures';
import { openToMember } from '../open/openToMember';
import { askerOf } from './who';
import type { ClubDoor } from './login/clubDoor';
import { refuseUnlessConfirmed } from './login/confirmed';
import { refuseUnless, refused, whoAsks } from './clubRequest';
import { rightOf } from './routeRights';

/**
 * Lets through, below /api, who has come in and may do what is asked: by the table of rights, and
 * nothing that does not stand there. Where it hangs on whose a record is, those are let through who
 * may do it to any, and the ledger that is open to them refuses the rest.
 */
export const clubGate = (door: ClubDoor, ledger: Ledger, log: Logger): RequestHandler => {
  const opaque = opaqueIdsOf(ledger.db);
  const ownPictures = new OwnPictures();
  return async (request, response, next) => {
    const who = await whoAsks(door, request);
    const right = rightOf(request.method, request.path);
    if (!right) throw notFound('such address');
    const { action, matter, relation } = right;
    if (relation !== 'of the record') refuseUnless(who, relation ?? 'club', action, matter);
    else if (!relations.some((each) => may(who.member.role, each, action, matter))) throw refused();
    if (right.isWeighty) refuseUnlessConfirmed(who, door.club.clock);
    setOpen(
      response,
      openToMember(ledger, askerOf(who, door.club.clock), await opaque(), ownPictures),
    );
    const did = right.trail;
    if (did) {
      // Which one it was is told to nobody: it may be what a member keeps to themselves.
      const about = { what: right.path.replace(/\/:\w+$/, '') };
      const notWritten = (error: unknown) =>
        log.error({ err: error, did, ...about }, 'not written into the activity log');
      const add = () => door.club.trail.add(who.member.id, did, about);
      // After a restore this club is not the one that answers any more: it takes its trail along.
      if (action === 'restore') await add();
      else
        response.once('finish', () => {
          if (response.statusCode < 300) add().catch(notWritten);
        });
    }
    next();
  };
};
