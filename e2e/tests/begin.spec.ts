import { expect, test } from '../support/test';

test('from an empty ledger to a drafted recipe on a form in at most 12 presses', async ({
  page,
  empty,
}) => {
  let presses = 0;
  const press = async (role: 'radio' | 'button', name: string) => {
    presses++;
    await page.getByRole(role, { name, exact: true }).click();
  };
  await page.goto(empty.url);
  await expect(
    page.getByRole('heading', { name: 'What do you want to paint first?' }),
  ).toBeVisible();
  await press('radio', 'cloth');
  await press('radio', 'yellow');
  await press('button', 'Begin with plain pigments');
  await press('button', 'Make a recipe and preview it');
  await expect(page.getByRole('img', { name: /from straight below/ }).first()).toBeVisible();
  expect(presses).toBeLessThanOrEqual(12);
  await expect(page.getByText('look at it on a form')).toHaveAttribute('aria-current', 'step');
  await page.getByRole('link', { name: 'Change one thing' }).click();
  await expect(page.getByRole('button', { name: /^Line 1 / })).toBeVisible();
  await page.getByRole('link', { name: 'To the bench' }).first().click();
  await expect(page.getByText('to the bench', { exact: true })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await expect(page.getByLabel('Models', { exact: true })).toHaveValue('6');
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(page.getByRole('img', { name: 'The surface as it should be now' })).toBeVisible();
  // A step that has been gone through does not come again.
  await page.goto(empty.url);
  await expect(page.getByRole('link', { name: 'Yellow cloth', exact: true })).toBeVisible();
  await expect(page.getByText('look at it on a form')).toBeHidden();
});

test('the beginning is left at any step, and does not come again', async ({ page, empty }) => {
  await page.goto(empty.url);
  await page.getByRole('button', { name: 'Begin with plain pigments' }).click();
  await page.getByRole('button', { name: 'Make a recipe and preview it' }).click();
  await page.getByRole('link', { name: 'Change one thing' }).click();
  await expect(page.getByRole('button', { name: /^Line 1 / })).toBeVisible();
  await page.getByRole('button', { name: 'Skip the tour' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Line 1 / })).toBeVisible();
  await expect(page.getByText('look at it on a form')).toBeHidden();
  await page.goto(empty.url);
  await expect(page.getByRole('heading', { name: 'Recipes' })).toBeVisible();
});

test('anything is found from anywhere by a part of its name', async ({ page, demo }) => {
  await page.goto(`${demo.url}/bench`);
  await expect(page.getByRole('navigation', { name: 'Pages' })).toBeVisible();
  await page.keyboard.press('Control+k');
  const field = page.getByRole('combobox', { name: /Find a pot/ });
  await field.fill('goslin');
  await expect(page.getByRole('option', { name: 'Gosling Down pot' })).toBeVisible();
  await field.press('Enter');
  await expect(page.getByRole('form', { name: 'Edit Gosling Down' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: /Find a pot/ }).fill('write new');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Write the first line' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: /Find a pot/ }).fill('zzzz');
  await expect(page.getByText('Nothing of that name.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('combobox', { name: /Find a pot/ })).toBeHidden();
});

test('going back finds the page where it was left, with its open line', async ({ page, demo }) => {
  await page.setViewportSize({ width: 1000, height: 500 });
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 6 / }).click();
  await expect(page.getByRole('form', { name: 'Edit line 6' })).toBeVisible();
  await page.mouse.wheel(0, 300);
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(300);
  await page.waitForFunction(() => {
    const kept = Number(sessionStorage.getItem('yellow-ledger.scroll')?.match(/:(\d+)/)?.[1] ?? 0);
    return Math.abs(kept - window.scrollY) < 3;
  });
  const was = await page.evaluate(() => window.scrollY);
  await page.evaluate(() => document.querySelector<HTMLElement>('a[href="/log"]')?.click());
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('form', { name: 'Edit line 6' })).toBeVisible();
  await expect
    .poll(async () => Math.abs((await page.evaluate(() => window.scrollY)) - was))
    .toBeLessThan(40);
});

test('the demo’s two months are on its pages', async ({ page }) => {
  const { startServer } = await import('../support/ledgerServer');
  const server = await startServer({ demo: true, past: true });
  try {
    await page.goto(`${server.url}/log`);
    await expect(page.getByText(/1,[0-7]\d\d entries/)).toBeVisible();
    await page.goto(`${server.url}/log/progress`);
    await expect(page.getByRole('row', { name: /Reed Cutters/ })).toContainText('12: 1–12');
    await page.goto(`${server.url}/palette`);
    await expect(page.getByText('Coat, mid').first()).toBeVisible();
  } finally {
    await server.stop();
  }
});
