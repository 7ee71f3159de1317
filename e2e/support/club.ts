import { expect, type Browser, type BrowserContextOptions, type Page } from '@playwright/test';
import { startServer, type LedgerServer } from './ledgerServer';

export interface SampleClub extends LedgerServer {
  /** what each member of the sample club comes in with, as the start has said */
  passphrases: ReadonlyMap<string, string>;
}

/** Starts the sample club, over TLS with a certificate of its own making. */
export async function startSampleClub(): Promise<SampleClub> {
  const server = await startServer({ demo: true, club: true });
  const said = /^ {4}(\w+) \(\w+\), passphrase: (.+)$/gm;
  await expect.poll(() => [...server.said().matchAll(said)].length).toBe(5);
  const passphrases = new Map(
    [...server.said().matchAll(said)].map(([, name, passphrase]) => [name, passphrase]),
  );
  return { ...server, passphrases };
}

/** A browser of somebody’s own, which takes a certificate nobody has vouched for. */
export async function ownBrowser(
  browser: Browser,
  options: BrowserContextOptions = {},
): Promise<Page> {
  const context = await browser.newContext({
    ignoreHTTPSErrors: true,
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    ...options,
  });
  return context.newPage();
}

/** Comes into the sample club in a browser of one’s own. @param isShared on a tablet of several */
export async function comeIn(
  browser: Browser,
  club: SampleClub,
  name: string,
  { isShared = false, ...options }: BrowserContextOptions & { isShared?: boolean } = {},
): Promise<Page> {
  const page = await ownBrowser(browser, options);
  await page.goto(club.url);
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page
    .getByLabel('Passphrase', { exact: true })
    .fill(club.passphrases.get(name) ?? 'not a member');
  if (isShared) await page.getByLabel(/Shared tablet/).check();
  await page.getByRole('button', { name: 'Log in' }).click();
  await expect(page.getByRole('link', { name: 'To the page' })).toBeAttached();
  return page;
}
