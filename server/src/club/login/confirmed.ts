import { Problem } from '../../http/problem';
import type { ClubClock } from '../clubClock';
import type { Device } from './sessionStore';

/** A passphrase that was given once more counts for so long, ms. */
const confirmedMs = 10 * 60_000;

/**
 * Refuses a weighty act on a device whose member has not given their passphrase once more: somebody
 * else may sit at it.
 *
 * @throws Problem 403
 */
export function refuseUnlessConfirmed(
  { device }: { device: Pick<Device, 'confirmedAt'> },
  clock: ClubClock,
): void {
  if (device.confirmedAt !== null && device.confirmedAt > clock.iso(-confirmedMs)) return;
  throw new Problem(403, 'confirm', 'This asks for your passphrase once more.');
}
