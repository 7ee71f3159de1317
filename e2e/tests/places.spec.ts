import { expect, isSaved, test } from '../support/test';
import { openMore } from '../support/openLine';

test('a line is aimed at the underside, at a spot of its own, and shrinks; a reload shows it all', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await openMore(page);
  await page.getByRole('button', { name: 'Aimed: anywhere on it' }).click();
  await page.getByLabel('Faces').selectOption('down');
  const underside = page.getByRole('img', { name: /^After line 5, underside, \d+ % of the form/ });
  await expect(underside).toBeVisible();
  await page.getByLabel('within, degrees').fill('0');
  await expect(page.getByText('Nothing faces down within 0°.').first()).toBeVisible();
  await page.getByLabel('within, degrees').fill('60');
  await expect(underside).toBeVisible();
  await page.getByRole('button', { name: /^Ends: / }).click();
  await page.getByLabel('each coat smaller than the one before').check();
  await expect(page.getByText(/The coats go on .+ of folds\./)).toBeVisible();
  await page.getByLabel('Last coat within, degrees').fill('90');
  await expect(page.getByText(/“90” is not right: a number from 0 to 60/)).toBeVisible();
  await page.getByLabel('Last coat within, degrees').fill('30');
  await page.getByRole('combobox', { name: 'On a spot' }).selectOption('a new spot …');
  const spot = page.getByRole('group', { name: /^Spot / });
  await spot.getByLabel('Name').fill('Burnt corner');
  await spot.getByLabel('of the surface, %').fill('8');
  await isSaved(page);
  await page.reload();
  await expect(page.getByText(/on Burnt corner, facing down within 60°/).first()).toBeVisible();
  // The spot goes from under the line: nothing of it is laid, and the line says so.
  await page.getByRole('button', { name: 'Change the spot' }).click();
  await spot.getByRole('button', { name: /^Delete the spot under one line/ }).click();
  await expect(page.getByText('The spot it is aimed at is no longer there.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Aim it at nothing' }).first().click();
  await expect(page.getByText('The spot it is aimed at is no longer there.')).toHaveCount(0);
});

test('where a line goes is said with the keyboard alone', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/mudskip-tail`);
  await page.getByRole('button', { name: /^Line 2 / }).focus();
  await page.keyboard.press('Enter');
  await openMore(page);
  const fold = page.getByRole('button', { name: 'Aimed: anywhere on it' });
  await fold.focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('along it, root to tip').focus();
  await page.keyboard.press('Space');
  const starts = page.getByRole('slider', { name: 'Along starts at' });
  await starts.focus();
  await page.keyboard.press('ArrowRight');
  await expect(starts).toHaveValue('0.51');
  await expect(page.getByText('from root to tip at 51 % to 100 %').first()).toBeVisible();
});

test('on a phone a face shows its cheeks and lips, and nothing runs out of the page', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 360, height: 780 });
  await page.goto(`${demo.url}/recipes/ferryman-face`);
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await openMore(page);
  await expect(page.getByLabel('Faces')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^After line 8, Lips, 2 % of the form/ }),
  ).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
});

test('two or three coats: both ends are shown', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/ferryman-face`);
  await expect(page.getByText('2–3').first()).toBeVisible();
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await expect(page.getByRole('img', { name: 'The surface after 3 of them' })).toBeVisible();
});

test('a recipe goes from yellow to violet, and is kept as a variant with its tie', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/recolour`);
  await page.getByLabel('New mid').fill('#5a3a86');
  await page.getByLabel('Gull White').check();
  await page.getByRole('button', { name: 'Find new mixes' }).click();
  await expect(page.getByRole('img', { name: 'After, from pit to point' })).toBeVisible();
  await expect(page.getByRole('row', { name: /stays/ })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it as a variant' }).click();
  await expect(page.getByRole('button', { name: /^Line 1 base brush coat: .*Sloe/ })).toBeVisible();
  await isSaved(page);
  await page.goto(`${demo.url}/recipes/oilskin-shadow/versions`);
  await expect(page.getByRole('link', { name: /Oilskin yellow, .*#5a3a86/ })).toBeVisible();
});

test('a draft for a face gets its spots', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/draft`);
  await page.getByRole('button', { name: /Dark and light each chosen/ }).click();
  await page.getByLabel('Form: its spots get their lines').selectOption('face');
  await expect(page.getByText(/on Lips/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Take this draft' }).first().click();
  await expect(page.getByRole('button', { name: /^Line 1 / })).toBeVisible();
  await expect(page.getByText(/on Lips/).first()).toBeVisible();
});
