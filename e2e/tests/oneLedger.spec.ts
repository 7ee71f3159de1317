import { done, layRecipe, logOf, now } from '../support/bench';
import { expect, isSaved, test } from '../support/test';

test('a recipe edited in the same tab is painted at the bench as it is now', async ({
  page,
  demo,
}) => {
  await layRecipe(page, demo.url, 'copper-helm', 2);
  await expect(now(page)).toContainText('coat 1 of 2');
  await page.getByRole('link', { name: 'Recipes' }).click();
  await page.getByRole('link', { name: 'Copper diving helm', exact: true }).click();
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await page.getByLabel('Coats', { exact: true }).fill('7');
  await isSaved(page);
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('link', { name: /Copper diving helm/ }).click();
  await expect(now(page)).toContainText('coat 1 of 7');
});

test('an entry the server refuses stays in sight with what to do, and goes on nobody’s account', async ({
  page,
  demo,
}) => {
  await layRecipe(page, demo.url, 'copper-helm', 2);
  // An answer of this ledger says so; any other would be passed over.
  const head = (await page.request.get(`${demo.url}/api/pots`)).headers()['x-ledger'];
  await page.route('**/api/log', (route) =>
    route.request().method() === 'POST'
      ? route.fulfill({
          status: 400,
          headers: { 'X-Ledger': head },
          json: { error: { code: 'bad-request', message: 'minutes is not right.' } },
        })
      : route.fallback(),
  );
  await done(page).click();
  await expect(page.getByText(/minutes is not right/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/minutes is not right/)).toBeVisible();
  await page.unroute('**/api/log');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBe(1);
  await expect(page.getByText(/minutes is not right/)).toHaveCount(0);
});

test('a plan that was made is the same for everybody, and says when it would be another', async ({
  page,
  demo,
}) => {
  const summary = page.getByRole('list', { name: 'Summary of the plan' });
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await expect(summary).toContainText('at the table');
  const lists = page.getByRole('list', { name: /^What .* does$/ });
  let jobs: string[] = [];
  await expect.poll(async () => (jobs = await lists.allInnerTexts())).toHaveLength(2);
  // Looking writes nothing, and whoever looks finds the same.
  await page.reload();
  await expect.poll(() => lists.allInnerTexts()).toEqual(jobs);
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByText(/^Kept since/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Kept since/)).toBeVisible();
  await expect.poll(() => lists.allInnerTexts()).toEqual(jobs);
});

test('an edit of a pot can be undone after painting from it', async ({ page, demo }) => {
  const pot = async () => (await page.request.get(`${demo.url}/api/pots/helmcopper`)).json();
  const before = await pot();
  await page.goto(`${demo.url}/shelf`);
  await page.getByRole('button', { name: `Remove ${before.content.name}` }).click();
  await expect.poll(async () => (await pot()).content.retired).toBe(true);
  await page.getByRole('link', { name: 'Bench' }).click();
  await page
    .getByLabel('What', { exact: true })
    .selectOption({ label: 'one recipe on models of its own' });
  await page.getByLabel('Recipe', { exact: true }).selectOption({ label: 'Copper diving helm' });
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await done(page).click();
  await expect.poll(async () => (await pot()).usedMl ?? 0).toBeGreaterThan(0);
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('button', { name: /^Undo: put/ }).click();
  await page.getByRole('button', { name: /^Undo: remove/ }).click();
  await expect.poll(async () => (await pot()).content).toEqual(before.content);
});
