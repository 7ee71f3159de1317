import { randomUUID } from 'node:crypto';
import { startServer } from '../support/ledgerServer';
import { expect, isSaved, test } from '../support/test';

test('every save that was acknowledged is there after kill -9 in the middle of saving', async ({
  request,
}) => {
  let server = await startServer({ demo: true });
  for (let round = 0; round < 4; round++) {
    const { content, revision } = await (
      await request.get(`${server.url}/api/recipes/reed-cloak`)
    ).json();
    let acknowledged = { notes: content.notes, revision };
    let isRunning = true;
    const saving = (async () => {
      while (isRunning) {
        const notes = randomUUID();
        const answer = await request
          .put(`${server.url}/api/recipes/reed-cloak`, {
            data: { content: { ...content, notes }, revision: acknowledged.revision },
          })
          .catch(() => null);
        if (!answer?.ok()) return;
        acknowledged = { notes, revision: acknowledged.revision + 1 };
      }
    })();
    await expect.poll(() => acknowledged.revision).toBeGreaterThan(revision + 3 + round);
    await server.kill();
    isRunning = false;
    await saving;
    expect(acknowledged.revision).toBeGreaterThan(revision);

    server = await startServer({ demo: true, dataFolder: server.dataFolder });
    const kept = await (await request.get(`${server.url}/api/recipes/reed-cloak`)).json();
    // The one write that was under way may have landed too, unacknowledged.
    expect(kept.revision - acknowledged.revision).toBeGreaterThanOrEqual(0);
    expect(kept.revision - acknowledged.revision).toBeLessThanOrEqual(1);
    if (kept.revision === acknowledged.revision)
      expect(kept.content.notes).toBe(acknowledged.notes);
  }
  await server.stop();
});

test('a server that is gone loses nothing: it is said, kept, and saved when it is back', async ({
  page,
}) => {
  let server = await startServer({ demo: true });
  await page.goto(`${server.url}/recipes/copper-helm`);
  await page.getByLabel('Recipe', { exact: true }).fill('Helm, first change');
  await isSaved(page);
  const port = Number(new URL(server.url).port);
  await server.kill();
  await page.getByLabel('Recipe', { exact: true }).fill('Helm, written while it was gone');
  await expect(page.getByText(/Not saved; your work is kept in this browser/)).toBeVisible();
  server = await startServer({ demo: true, dataFolder: server.dataFolder, port });
  await isSaved(page);
  const kept = await (await page.request.get(`${server.url}/api/recipes/copper-helm`)).json();
  expect(kept.content.name).toBe('Helm, written while it was gone');
  await server.stop();
});

test('a tab closed while the server was gone has its work again when the recipe is opened', async ({
  page,
}) => {
  let server = await startServer({ demo: true });
  await page.goto(`${server.url}/recipes/copper-helm`);
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue('Copper diving helm');
  const port = Number(new URL(server.url).port);
  await server.kill();
  await page.getByLabel('Recipe', { exact: true }).fill('Helm, tab closed');
  await expect(page.getByText(/Not saved; your work is kept/)).toBeVisible();
  await page.goto('about:blank');
  server = await startServer({ demo: true, dataFolder: server.dataFolder, port });
  await page.goto(`${server.url}/recipes/copper-helm`);
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue('Helm, tab closed');
  await isSaved(page);
  await server.stop();
});

test('what was written for one ledger never goes into another that answers at its address', async ({
  page,
}) => {
  let own = await startServer();
  const port = Number(new URL(own.url).port);
  const address = `${own.url}/recipes/copper-helm`;
  await page.request.post(`${own.url}/api/demo/sample`);
  await page.goto(address);
  const name = page.getByLabel('Recipe', { exact: true });
  await expect(name).toHaveValue('Copper diving helm');
  await own.kill();
  await name.fill('Helm of the own ledger');
  await expect(page.getByText(/Not saved; your work is kept/)).toBeVisible();

  // The page finds the demo at the address, and opens anew as the demo’s.
  const demo = await startServer({ demo: true, port });
  await expect(name).toHaveValue('Copper diving helm');
  const there = await (await page.request.get(`${demo.url}/api/recipes/copper-helm`)).json();
  expect(there).toMatchObject({ revision: 1, content: { name: 'Copper diving helm' } });
  await demo.stop();

  own = await startServer({ dataFolder: own.dataFolder, port });
  await page.goto(address);
  await expect(name).toHaveValue('Helm of the own ledger');
  await isSaved(page);
  const kept = await (await page.request.get(`${own.url}/api/recipes/copper-helm`)).json();
  expect(kept.content.name).toBe('Helm of the own ledger');
  await own.stop();
});

test('two tabs editing one recipe: both versions are shown and each line is chosen', async ({
  page,
  context,
  demo,
}) => {
  const address = `${demo.url}/recipes/oilskin-restored`;
  const other = await context.newPage();
  await page.goto(address);
  await other.goto(address);
  const coatsOf = async (tab: typeof page, line: number, coats: string) => {
    await tab.getByRole('button', { name: new RegExp(`^Line ${line} `) }).click();
    await tab.getByLabel('Coats', { exact: true }).fill(coats);
    await tab.keyboard.press('Escape');
  };
  await expect(page.getByRole('button', { name: /^Line 1 / })).toBeVisible();
  await coatsOf(other, 1, '5');
  await coatsOf(other, 6, '4');
  await isSaved(other);

  await coatsOf(page, 1, '7');
  const choice = page.getByRole('alert', { name: 'Changed elsewhere' });
  await expect(choice).toBeVisible();
  await expect(choice.getByRole('row', { name: /Line 1/ })).toContainText('7×');
  await expect(choice.getByRole('row', { name: /Line 1/ })).toContainText('5×');
  await expect(
    choice
      .getByRole('row', { name: /Line 6/ })
      .getByRole('radio')
      .nth(1),
  ).toBeChecked();
  await choice
    .getByRole('row', { name: /Line 1/ })
    .getByRole('radio')
    .nth(1)
    .check();
  await choice.getByRole('button', { name: 'Keep what is chosen' }).click();
  await expect(choice).toBeHidden();
  await isSaved(page);
  const { content } = await (
    await page.request.get(`${demo.url}/api/recipes/oilskin-restored`)
  ).json();
  expect(content.steps[0].coats).toBe(5);
  expect(content.steps[5].coats).toBe(4);
});

test('a recipe deleted elsewhere can be put back', async ({ page, demo }) => {
  const url = `${demo.url}/api/recipes/lantern-glass`;
  await page.goto(`${demo.url}/recipes/lantern-glass`);
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue(/Lantern glass/);
  await page.request.delete(`${url}?revision=1`);
  await page.getByLabel('Recipe', { exact: true }).fill('Lantern glass, saved');
  await expect(page.getByText('This recipe was deleted elsewhere')).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await isSaved(page);
  expect((await (await page.request.get(url)).json()).content.name).toBe('Lantern glass, saved');
});
