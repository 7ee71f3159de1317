import { useSyncExternalStore } from 'react';

/** A release is looked for so often, ms, and whenever the page comes to the front. */
const lookEveryMs = 60 * 60_000;

let takeIt: (() => void) | null = null;
const told = new Set<() => void>();

/**
 * Keeps the pages themselves in the browser, so that they open without the server. A newer release
 * is fetched beside them and waits until somebody takes it.
 */
export async function keepPages(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  // With the server gone before this is here, the pages are what they were.
  const found = await import('workbox-window').catch(() => null);
  if (!found) return;
  const pages = new found.Workbox('/sw.js');
  pages.addEventListener('waiting', () => {
    takeIt = () => {
      pages.addEventListener('controlling', () => window.location.reload());
      pages.messageSkipWaiting();
    };
    told.forEach((tell) => tell());
  });
  try {
    await pages.register();
  } catch {
    // Forbidden, or the server is away: the pages are what they were.
    return;
  }
  const look = () => void pages.update().catch(() => undefined);
  setInterval(look, lookEveryMs);
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') look();
  });
}

/** How the pages of the server stand to this one. */
export type ServerPages = 'newer' | 'same' | 'away';

/**
 * Asks the server which pages it has. A browser without a service worker keeps none, and an old page
 * finds its parts gone once the server was brought to a newer release.
 */
export async function lookForNewRelease(): Promise<ServerPages> {
  try {
    const answer = await fetch('/index.html', { cache: 'no-store' });
    if (!answer.ok) return 'away';
    const page = await answer.text();
    const scripts = [...document.querySelectorAll<HTMLScriptElement>('script[type=module][src]')];
    if (scripts.every(({ src }) => page.includes(new URL(src).pathname))) return 'same';
  } catch {
    return 'away';
  }
  takeIt ??= () => window.location.reload();
  told.forEach((tell) => tell());
  return 'newer';
}

/** Takes the newer release that waits; null where there is none. */
export const useNewRelease = (): (() => void) | null =>
  useSyncExternalStore(
    (tell) => {
      told.add(tell);
      return () => told.delete(tell);
    },
    () => takeIt,
  );
