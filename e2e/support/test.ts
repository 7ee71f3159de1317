import { test as base, expect, type Page } from '@playwright/test';
import { startServer, type LedgerServer } from './ledgerServer';

interface Ledger {
  /** a server of this test's own, with the sample world */
  demo: LedgerServer;
  /** a server of this test's own, with nothing on it */
  empty: LedgerServer;
  /** what the browser complained of; no test may leave any */
  complaints: string[];
}

interface Standing {
  /** a server with the sample world for all tests of a worker that only look */
  standing: LedgerServer;
}

/** A test with a real server, a real file and a real browser, that ends with nothing complained of. */
export const test = base.extend<Ledger, Standing>({
  standing: [
    async ({}, use) => {
      const server = await startServer({ demo: true });
      await use(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  demo: async ({}, use) => {
    const server = await startServer({ demo: true });
    await use(server);
    await server.stop();
  },
  empty: async ({}, use) => {
    const server = await startServer();
    await use(server);
    await server.stop();
  },
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
