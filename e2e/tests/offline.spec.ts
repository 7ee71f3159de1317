import type { Page } from '@playwright/test';
import { done, layRecipe, logOf } from '../support/bench';
import { startServer } from '../support/ledgerServer';
import { expect, isSaved, test } from '../support/test';

test.use({ serviceWorkers: 'allow' });

const isAway = (page: Page) =>
  expect(
    page.getByText(/The server has not answered since .*: what you see is what this browser/),
  ).toBeVisible();

/** Waits until the pages are kept in the browser, and of what they show the record of this identifier. */
async function isKept(page: Page, part: 'recipes' | 'benches', id: string): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect
    .poll(() => page.evaluate(keptKeys, part))
    .toContainEqual(expect.stringMatching(`^${id} `));
}

/** The keys of what is kept of one part; none where nothing was kept yet. */
async function keptKeys(part: string): Promise<string[]> {
  const { name } =
    (await indexedDB.databases()).find(({ name }) => name?.endsWith(`-had-${part}`)) ?? {};
  if (!name) return [];
  return new Promise((resolve, reject) => {
    const opened = indexedDB.open(name);
    opened.onerror = () => reject(opened.error);
    opened.onsuccess = () => {
      const read = opened.result.transaction('things').objectStore('things').getAllKeys();
      read.onerror = () => reject(read.error);
      read.onsuccess = () => {
        opened.result.close();
        resolve(read.result.map(String));
      };
    };
  });
}

/** The browser keeps nothing more: its database refuses, and its lasting store is full to the brim. */
function fillBrowser() {
  IDBObjectStore.prototype.put = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  const fill = (text: string) => {
    for (let nth = 0; ; nth++)
      try {
        localStorage.setItem(`filled ${text.length} ${nth}`, text);
      } catch {
        return;
      }
  };
  ['x'.repeat(500_000), 'x'.repeat(5000), 'x'.repeat(50), ''].forEach(fill);
}

test('without the server the pages open with what they had, and what is done goes out once it answers', async ({
  page,
}) => {
  let server = await startServer({ demo: true });
  const port = Number(new URL(server.url).port);
  for (const path of ['/shelf', '/recipes/copper-helm']) {
    await page.goto(server.url + path);
    await expect(
      page
        .getByRole('heading', { level: 1 })
        .or(page.getByLabel('Recipe', { exact: true }))
        .first(),
    ).toBeVisible();
  }
  await isKept(page, 'recipes', 'copper-helm');
  await page.reload();
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue('Copper diving helm');
  await server.kill();

  await page.goto(`${server.url}/recipes/copper-helm`);
  await isAway(page);
  await page.getByLabel('Recipe', { exact: true }).fill('Helm of the train');
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeVisible();
  await page.getByRole('button', { name: /Peat/ }).first().click();
  await page.getByLabel('Notes', { exact: true }).fill('Bought in the train');
  await page.reload();
  await isAway(page);
  await page.goto(`${server.url}/recipes/copper-helm/card`);
  await expect(page.getByText('Helm of the train').first()).toBeVisible();

  server = await startServer({ demo: true, dataFolder: server.dataFolder, port });
  await page.goto(`${server.url}/recipes/copper-helm`);
  const saved = async () => {
    const listed = async (name: string) => {
      const { items } = await (await page.request.get(`${server.url}/api/${name}`)).json();
      return (items as { content: { name: string; notes: string }; revision: number }[]).filter(
        ({ revision }) => revision > 1,
      );
    };
    return [...(await listed('recipes')), ...(await listed('pots'))].map(
      ({ content: { name, notes }, revision }) => [revision, name, notes].join(' '),
    );
  };
  await expect
    .poll(saved)
    .toEqual([
      expect.stringMatching(/^2 Helm of the train/),
      expect.stringMatching(/^2 Peat Bought in the train$/),
    ]);
  await expect(page.getByText(/The server has not answered/)).toBeHidden();
  await isSaved(page);
  await server.stop();
});

/** `PRESSES=200 npx playwright test offline` for the long run. */
const presses = Number(process.env.PRESSES ?? 24);

test('browser full, server away, page loaded anew: what was pressed at the bench is in the log once', async ({
  page,
}) => {
  // More than forty models are folded away.
  const unfold = async () => {
    if (presses > 40) await page.getByRole('button', { name: 'Tick them off one by one' }).click();
  };
  let server = await startServer({ demo: true });
  const port = Number(new URL(server.url).port);
  await layRecipe(page, server.url, 'copper-helm', presses);
  await isKept(page, 'benches', new URL(page.url()).pathname.split('/').pop()!);
  await page.reload();
  await expect(done(page)).toBeVisible();
  await unfold();
  await server.kill();
  await page.evaluate(fillBrowser);
  await page.addInitScript(fillBrowser);
  for (let model = 1; model <= presses; model++) {
    const button = page.getByRole('button', { name: `Model ${model} is done` });
    await button.click();
    if (model === presses) break;
    await expect(button).toBeDisabled();
    // Half of them by a page that is gone by now.
    if (model !== Math.floor(presses / 2)) continue;
    await page.reload();
    await unfold();
  }
  server = await startServer({ demo: true, dataFolder: server.dataFolder, port });
  const logged = async () => (await logOf(page, server.url)).map(({ where }) => where?.models[0]);
  await expect
    .poll(async () => (await logged()).join())
    .toBe(Array.from({ length: presses }, (_, nth) => nth + 1).join());
  await page.reload();
  await expect(page.getByText(/Nothing can be painted yet/)).toBeVisible();
  expect(await logged()).toEqual(Array.from({ length: presses }, (_, nth) => nth + 1));
  await server.stop();
});
