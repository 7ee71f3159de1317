import { expect, isSaved, test } from '../support/test';

test('a yellow is drafted by three schools side by side, and one is taken', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('link', { name: 'Draft one' }).click();
  await page.getByRole('combobox', { name: 'Mid tone pot' }).fill('oilskin');
  await page.getByRole('option', { name: /Oilskin Yellow/ }).click();
  await expect(page.getByRole('img', { name: /^Finished, / })).toHaveCount(3);
  await page.getByRole('checkbox', { name: 'transparent over pale' }).uncheck();
  await page.getByRole('checkbox', { name: 'sketch stark, then unify' }).check();
  await expect(page.getByRole('checkbox', { name: 'three tones' })).toBeDisabled();
  const sketch = page.getByRole('region', { name: 'sketch stark, then unify' });
  await expect(sketch.getByText(/filter · Oilskin Yellow/)).toBeVisible();
  const shadow = page.getByRole('region', { name: 'from the shadow up' });
  await shadow.getByRole('button', { name: 'Take this draft' }).click();
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue(
    'Oilskin Yellow, from the shadow up',
  );
  await isSaved(page);
  await expect(
    page.getByRole('button', { name: /^Line 1 base brush coat: .*Oilskin Yellow/ }),
  ).toBeVisible();
});

test('a draft goes towards a colour, and says how near the shelf comes', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/draft`);
  await page.getByLabel('towards a colour').check();
  await page.getByLabel('Colour of the mid tone').fill('#00ff00');
  await expect(
    page.getByText(/The nearest the shelf comes to #00ff00: another colour/).first(),
  ).toBeVisible();
  const darks = page.getByLabel('Darks');
  await darks.fill('9');
  await expect(
    page.getByText('9 is not right: it should be a whole number from 0 to 3.'),
  ).toBeVisible();
  await darks.fill('1');
  await expect(page.getByRole('button', { name: 'Take this draft' })).toHaveCount(3);
});

test('from a shelf of nothing there is nothing to draft, and the sample helps', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/recipes/draft`);
  await expect(page.getByText(/it takes a primer to stand on/)).toBeVisible();
  await page.getByRole('button', { name: /example/i }).click();
  await expect(page.getByRole('button', { name: 'Take this draft' })).toHaveCount(3);
});
