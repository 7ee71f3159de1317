import { done, later, now, which } from '../support/bench';
import { expect, isSaved, test } from '../support/test';

test('a recipe goes onto a finished surface, and never in a circle', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('button', { name: 'New recipe' }).click();
  const ground = page.getByLabel('Undercoat', { exact: true });
  await ground.selectOption('Copper diving helm');
  await expect(page.getByText('Undercoat: Copper diving helm, as it is now')).toBeVisible();
  await page.getByRole('button', { name: 'Write the first line' }).click();
  await isSaved(page);
  // Frozen it cannot be as long as the helm below it can change.
  await page.getByRole('link', { name: 'Versions' }).click();
  await page.getByRole('button', { name: /^Save version/ }).click();
  await expect(page.getByText(/save a version of that one first/i)).toBeVisible();
  await page.goto(`${demo.url}/recipes/copper-helm`);
  await expect(ground).toBeVisible();
  const circle = ground.locator('option', { hasText: 'is painted on top of this one' });
  await expect(circle).toBeDisabled();
});

test('what a recipe stands on is deleted: it says so, and can be put on its primer', async ({
  page,
  demo,
}) => {
  await page.request.delete(`${demo.url}/api/recipes/oilskin-shadow?revision=1`);
  await page.goto(`${demo.url}/recipes/boundary-sign`);
  await expect(page.getByText(/recipe or the version it goes onto is gone/)).toBeVisible();
  await page.getByRole('button', { name: 'Paint it over Lampsoot Primer' }).click();
  await expect(page.getByText('Undercoat: Lampsoot Primer', { exact: true })).toBeVisible();
  await expect(page.getByText(/goes onto is gone/)).toHaveCount(0);
});

test('an over is made for some surfaces, and the bench asks for it once they are painted', async ({
  page,
  demo,
}) => {
  await page.clock.install();
  await page.goto(`${demo.url}/armies/lanternfen-levy`);
  await page.getByRole('button', { name: 'Ferry Crew' }).click();
  await page.getByRole('button', { name: /^More: / }).click();
  await page.getByRole('button', { name: 'Add something that goes over surfaces' }).click();
  await page.getByLabel('What goes over').fill('Dust');
  const over = page.getByRole('group', { name: 'Dust', exact: true });
  await over.getByLabel('Recipe', { exact: true }).selectOption('Reed dust, from the ground up');
  await over.getByRole('checkbox', { name: 'Face and arms' }).uncheck();
  await expect(over.getByRole('img', { name: /^Oiled smock after it: / })).toBeVisible();
  await expect(over.getByRole('img', { name: /^Face and arms after it/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'To the bench' }).click();
  await page.getByText(/^Models: /).click();
  await page.getByRole('textbox', { name: /^to model/ }).fill('1');
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(which(page)).toBeVisible();
  await expect(now(page)).not.toContainText('Dust');
  await page.getByRole('button', { name: 'Bench settings' }).click();
  await page.getByText('Painted before it came to this bench').click();
  await page.getByLabel('Surface', { exact: true }).selectOption({ index: 0 });
  const upTo = page.getByLabel('is painted up to and with');
  const lines = await upTo.locator('option').count();
  await upTo.selectOption({ index: lines - 1 });
  await page.getByRole('button', { name: 'Note it for all 1' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /^Dust: / }).click();
  await expect(now(page)).toContainText('Dust · Reed dust, from the ground up, line 1');
  await later(page);
  await done(page).click();
  await expect(page.getByText('Last: painted Dust, 1')).toBeVisible();
});

test('a figure of three recipes on one sheet, and on the bench, without an army', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('link', { name: 'One figure' }).click();
  for (const name of ['Oilskin yellow, from the shadow up', 'Boundary sign of the dike'])
    await page.getByLabel(name, { exact: true }).check();
  const sheet = page.getByRole('article', { name: 'Sheet' });
  await expect(sheet.getByRole('heading', { level: 3 })).toHaveText([
    'Oilskin yellow, from the shadow up',
    'Boundary sign of the dike over Oilskin yellow, from the shadow up',
  ]);
  await page.reload();
  await expect(sheet.getByRole('heading', { level: 3 })).toHaveCount(2);
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(which(page)).toBeVisible();
  await expect(now(page)).toContainText('Oilskin yellow, from the shadow up, line 1');
});

test('the sheet of a model has what the log has ticked', async ({ page, demo }) => {
  await page.goto(`${demo.url}/bench?army=lanternfen-levy&unit=bog-lamp`);
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await done(page).click();
  await expect(page.getByText(/^Last: painted/)).toBeVisible();
  await page.goto(`${demo.url}/armies/lanternfen-levy/sheet`);
  await page.getByLabel('Unit').selectOption('bog-lamp');
  await page.getByLabel('Ticks').selectOption('1');
  await expect(page.getByText(/\b1 of \d+ coats done/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /^1 of \d coats? done/ })).toHaveCount(1);
});

test('a light from a point is worked out, and written as a recipe for each surface it reaches', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy`);
  await page.getByRole('button', { name: 'Sluice Divers' }).click();
  await page.getByRole('button', { name: /^More: / }).click();
  await page.getByText('Glow from a light source').click();
  await page.getByLabel('Reaches, % of the figure').fill('1');
  await expect(page.getByText(/“1” is not right: a number from 5 to 300/)).toBeVisible();
  await page.getByLabel('Reaches, % of the figure').fill('90');
  await page.getByLabel('The light is').selectOption('in its left hand, low');
  await page.getByRole('button', { name: 'Work out the light' }).click();
  await expect(page.getByText('Nothing is painted: it is too far from the light.')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Diving dress lit' })).toBeVisible();
  await page.getByLabel('paint it on Hands').uncheck();
  await page.getByRole('button', { name: /^Write it down/ }).click();
  const over = page.getByRole('group', { name: 'Light on Diving dress', exact: true });
  await expect(
    over.getByRole('img', { name: /^Diving dress after it, its left/ }).first(),
  ).toBeVisible();
  await expect(page.getByRole('group', { name: /^Light on Hands/ })).toHaveCount(0);
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('link', { name: 'Light on Diving dress', exact: true }).click();
  await expect(
    page.getByText('Undercoat: Oilskin yellow, from the shadow up, as it is now'),
  ).toBeVisible();
});

test('a mark is written so that the light of what it is on goes on in it', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('button', { name: 'New recipe' }).click();
  await page
    .getByLabel('Undercoat', { exact: true })
    .selectOption('Oilskin yellow, from the shadow up');
  await page.getByText('A mark that keeps the light below').click();
  await page.getByLabel('keeps of the light, %').fill('120');
  await expect(page.getByText(/“120” is not right: a number from 0 for flat to 100/)).toBeVisible();
  await page.getByLabel('keeps of the light, %').fill('80');
  await page.getByRole('button', { name: 'Write its lines' }).click();
  await expect(page.getByRole('img', { name: /after line 3/ })).toBeVisible();
  const lines = page.getByRole('button', { name: /^Line \d+ / });
  expect(await lines.count()).toBeGreaterThanOrEqual(3);
  await page.keyboard.press('Control+z');
  await expect(lines).toHaveCount(0);
});
