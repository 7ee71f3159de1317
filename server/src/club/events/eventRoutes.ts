import { Router } from 'express';
import { Problem } from '../../http/problem';
import type { ClubDoor } from '../login/clubDoor';
import { whoAsks } from '../clubRequest';
import type { EventHub } from './eventHub';
import type { Told } from './newsStore';

/** A stream of what happens, for who has come in. */
export function eventRoutes(door: ClubDoor, hub: EventHub): Router {
  const router = Router();
  router.get('/events', async (request, response) => {
    const who = await whoAsks(door, request);
    const address = request.ip ?? 'nowhere';
    if (hub.isFull(address, who.device.id)) {
      response.set('Retry-After', '30');
      throw new Problem(
        429,
        'too-many-streams',
        'This device or this address listens often enough already. Close a page of the ledger.',
      );
    }
    const token = door.cookie.tokenIn(request) ?? '';
    // A browser that was cut off says itself how far it was told.
    const after = request.get('Last-Event-ID') ?? request.query.after;
    await hub.listen(response, { token, address, who }, readTold(after));
  });
  return router;
}

/** @example readTold('12.340') // → { change: 12, entry: 340 } */
function readTold(written: unknown): Told | null {
  const read = /^(\d{1,15})\.(\d{1,15})$/.exec(typeof written === 'string' ? written : '');
  return read && { change: Number(read[1]), entry: Number(read[2]) };
}
