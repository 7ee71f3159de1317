import { z } from 'zod';
import { memberSchema, memberships } from '../../data/club/membership';
import { painterHere } from '../../data/log/painterHere';

export const cameInSchema = z.object({ member: memberSchema });

/** The page whoever comes in wanted; never one of another site. */
export function wantedPage(): string {
  const { pathname, search } = window.location;
  return pathname === '/come-in' || pathname === '/trust' ? '/' : pathname + search;
}

/** The name of a device in the list of devices. @example 'Firefox on Android' */
export function deviceName(agent: string = navigator.userAgent): string {
  // Each calls itself by the names of others too: the rarer name is the right one.
  const named = (names: readonly string[]) => names.find((name) => agent.includes(name));
  const browser = named(['Firefox', 'Chrome', 'Safari']) ?? 'a browser';
  const on = named(['Android', 'iPhone', 'iPad', 'Windows', 'Macintosh', 'Linux']);
  return on ? `${browser} on ${on}` : browser;
}

/** Opens a page as the member who has just logged in: nothing of an earlier member is gone on with. */
export async function goIn(page: string): Promise<void> {
  holdStill();
  await memberships.look();
  // On a shared tablet the painter is asked for again.
  painterHere.say('');
  window.location.assign(page);
}

/**
 * Takes no press until the next page is there: one on a link of this page would be undone by it.
 * A page the browser shows again takes presses as before.
 */
function holdStill(): void {
  const root = document.body;
  root.inert = true;
  window.addEventListener('pageshow', () => (root.inert = false), { once: true });
}
