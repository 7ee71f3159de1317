import { violationsOn } from '../support/axe';
import { expect, isSaved, test } from '../support/test';

test('undo outlives a reload, and an earlier moment is looked at, taken back in part, and whole', async ({
  page,
  demo,
}) => {
  const line = (name: RegExp) => page.getByRole('button', { name });
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await line(/^Line 1 /).click();
  await page.getByLabel('Water parts').fill('3');
  await isSaved(page);
  await page.reload();
  await expect(page.getByText('1 paint : 3 water').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('1 paint : 3 water')).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByText('1 paint : 3 water').first()).toBeVisible();
  await isSaved(page);

  await page.goto(`${demo.url}/recipes/oilskin-shadow/versions`);
  await page.getByRole('link', { name: 'Earlier moments of this recipe' }).click();
  await expect(page.getByRole('heading', { name: /^History of Oilskin yellow/ })).toBeVisible();
  await page.getByRole('list', { name: 'Earlier moments' }).getByRole('button').last().click();
  await expect(page.getByText('differs')).toBeVisible();
  expect(await violationsOn(page)).toEqual([]);
  await expect(page.getByRole('button', { name: 'Take back what is chosen' })).toBeDisabled();
  await page.getByRole('radio', { name: /1 paint : ½ water/ }).check();
  await page.getByRole('button', { name: 'Take back what is chosen' }).click();
  await expect(page.getByText('It is the same now.')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('differs')).toBeVisible();
  await page.getByRole('button', { name: 'Take all of it back' }).click();
  await expect(page.getByText('It is the same now.')).toBeVisible();
  await page.getByRole('link', { name: 'To the recipe' }).click();
  await expect(line(/^Line 1 /)).toBeVisible();
  await expect(page.getByText('1 paint : 3 water')).toHaveCount(0);
});

test('an army as it was: one unit’s models and a surface that was removed come back', async ({
  page,
  demo,
}) => {
  const address = `${demo.url}/api/armies/lanternfen-levy`;
  const kept = (await (await page.request.get(address)).json()) as {
    revision: number;
    content: { notes: string; units: { name: string; models: number; surfaces: unknown[] }[] };
  };
  const [unit, ...rest] = kept.content.units;
  const changed = {
    ...kept.content,
    notes: 'Another winter',
    units: [{ ...unit, models: unit.models + 2, surfaces: unit.surfaces.slice(1) }, ...rest],
  };
  await page.request.put(address, { data: { content: changed, revision: kept.revision } });
  await page.goto(`${demo.url}/armies/lanternfen-levy`);
  await page.getByRole('link', { name: 'History' }).click();
  const row = (name: RegExp) => page.getByRole('row', { name });
  await expect(row(/^Notes .*Another winter/)).toBeVisible();
  await row(/^Unit Dike Watch: Models/)
    .getByRole('checkbox')
    .check();
  await row(/^Unit Dike Watch, Oiled coat not there there/)
    .getByRole('checkbox')
    .check();
  expect(await violationsOn(page)).toEqual([]);
  await page.getByRole('button', { name: 'Take back what is chosen' }).click();
  await expect(row(/^Unit Dike Watch/)).toHaveCount(0);
  await expect(row(/^Notes/)).toBeVisible();
  await expect
    .poll(async () => ((await (await page.request.get(address)).json()) as typeof kept).content)
    .toEqual({ ...kept.content, notes: 'Another winter' });
});
