import { test as base, expect, type Page } from '@playwright/test';
import { startServer, type LedgerServer } from './ledgerServer';
import { SharedServer } from './putBack';

interface Ledger {
  /** a server with the sample world, as it is at its start */
  demo: LedgerServer;
  /** a server with nothing on it */
  empty: LedgerServer;
  /** what the browser complained of; no test may leave any */
  complaints: string[];
  /** ends the browsers of several people that a test has opened */
  closedContexts: undefined;
}

interface OfWorker {
  /** a server with the sample world for all tests of a worker that only look */
  standing: LedgerServer;
  sharedDemo: SharedServer;
  sharedEmpty: SharedServer;
}

/** A test with a real server, a real file and a real browser, that ends with nothing complained of. */
export const test = base.extend<Ledger, OfWorker>({
  sharedDemo: [
    async ({}, use) => {
      const shared = new SharedServer({ demo: true });
      await use(shared);
      await shared.stop();
    },
    { scope: 'worker' },
  ],
  sharedEmpty: [
    async ({}, use) => {
      const shared = new SharedServer({});
      await use(shared);
      await shared.stop();
    },
    { scope: 'worker' },
  ],
  standing: [
    async ({}, use) => {
      const server = await startServer({ demo: true });
      await use(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  demo: async ({ sharedDemo }, use) => use(await sharedDemo.fresh()),
  empty: async ({ sharedEmpty }, use) => use(await sharedEmpty.fresh()),
  closedContexts: [
    async ({ browser }, use) => {
      await use(undefined);
      for (const context of browser.contexts()) await context.close();
    },
    { auto: true },
  ],
  complaints: [
    async ({ page }, use) => {
      const complaints: string[] = [];
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('console', (message) => {
        // A refused or unanswered request is told to the painter by the page itself.
        if (message.type() === 'error' && !message.text().includes('Failed to load resource'))
          complaints.push(message.text());
      });
      await use(complaints);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Waits until the recipe on screen is on the disk. */
export async function isSaved(page: Page): Promise<void> {
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
}

/** The picture of a ribbon, for telling whether it changed. */
export async function pictureOf(page: Page, label: RegExp | string): Promise<string> {
  const ribbon = page.getByRole('img', { name: label }).locator('.ribbon');
  await expect(ribbon).toBeVisible();
  return ribbon.evaluate((element) => (element as HTMLElement).style.background);
}
