import type { Page } from '@playwright/test';
import { layUnit, logOf, paint, which } from '../support/bench';
import { startServer } from '../support/ledgerServer';
import { expect, test } from '../support/test';

const levy = '/armies/lanternfen-levy';

test('twenty cloaks are dealt, dealt otherwise, edited and undone', async ({ page, demo }) => {
  await page.goto(`${demo.url}${levy}/variants`);
  const picks = page.getByRole('combobox', { name: /^Reed mantle of model/ });
  await expect(picks).toHaveCount(20);
  await expect(page.getByText('No model is like the one before it in the line.')).toBeVisible();
  const dealt = () =>
    picks.evaluateAll((all) => all.map((each) => (each as HTMLSelectElement).value));
  const before = await dealt();
  expect(new Set(before).size).toBe(4);
  await page.getByRole('button', { name: 'Deal again' }).click();
  await expect(page.getByRole('button', { name: 'Deal by number 5' })).toBeVisible();
  expect(await dealt()).not.toEqual(before);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Deal by number 4' })).toBeVisible();
  expect(await dealt()).toEqual(before);
  await page.getByRole('button', { name: 'Deal by number 4' }).click();
  await expect(picks.first()).toHaveValue(before[0]);
  await picks.nth(1).selectOption(before[0]);
  await expect(page.getByText('Like the one before it: model 2.')).toBeVisible();
  await page.reload();
  await expect(picks.nth(1)).toHaveValue(before[0]);
});

test('a surface is given variants, a place, a sub-assembly, and is held back', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}${levy}`);
  await page.getByRole('button', { name: 'Ferry Crew' }).click();
  const form = page.getByRole('form', { name: 'Edit Ferry Crew' });
  await form.getByRole('button', { name: /Oiled smock · / }).click();
  await form.getByText('More about Oiled smock').click();
  const more = form.getByRole('group').filter({ hasText: 'More about Oiled smock' });
  await more.getByLabel('Another variant of Oiled smock').selectOption('Cloak of mossy reeds');
  await expect(more.getByLabel('Variant 1 of Oiled smock', { exact: true })).toHaveValue(
    'reed-cloak-mossy',
  );
  await more.getByLabel('boots').check();
  await more.getByLabel('Painted apart, as').fill('body');
  await more.getByLabel('Held back to the end').selectOption('the whole surface');
  await form.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('link', { name: 'Order of work' }).click();
  await page.getByLabel('Unit').selectOption({ label: 'Ferry Crew, 7 models' });
  await expect(page.getByRole('radio', { name: /by sub-assembly/ })).toBeVisible();
  await expect(page.getByText('Held back until all else is done')).toBeVisible();
  await expect(
    page.getByRole('list', { name: 'Order of work' }).getByRole('listitem').last(),
  ).toContainText('Oiled smock');
  await page.reload();
  await page.getByRole('link', { name: 'Variants' }).click();
  await page.getByLabel('Unit').selectOption({ label: 'Ferry Crew, 7 models' });
  await page.getByRole('button', { name: /^Deal by number/ }).click();
  await expect(page.getByText('No model is like the one before it in the line.')).toBeVisible();
});

test('one model is painted otherwise than its unit', async ({ page, demo }) => {
  await page.goto(`${demo.url}${levy}`);
  await page.getByRole('button', { name: 'Ferry Crew' }).click();
  await page.getByRole('button', { name: /^More: / }).click();
  await page.getByText('Single models painted differently').click();
  await page.getByLabel('Model', { exact: true }).fill('3');
  await page.getByLabel('is painted by').selectOption('Cloak of mossy reeds');
  await expect(page.getByLabel('Oiled smock of model 3', { exact: true })).toHaveValue(
    'reed-cloak-mossy',
  );
  await page.getByRole('form').getByRole('button', { name: 'Done' }).click();
  await page.getByRole('link', { name: 'Together' }).click();
  await page.getByLabel('Unit').selectOption({ label: 'Ferry Crew, 7 models' });
  await page.getByRole('button', { name: 'Show numbers' }).click();
  const smock = page.getByRole('row').filter({ hasText: 'Oiled smock' });
  await expect(smock).toContainText('L*');
  const asUnit = await smock.textContent();
  await page.getByLabel('Model', { exact: true }).fill('3');
  await expect(smock).not.toHaveText(asUnit ?? '');
});

test('the order with the least risk is named, and another way can be looked at', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}${levy}/order`);
  const risks = page.getByRole('radio');
  await expect(risks).toHaveCount(3);
  await expect(page.getByText(/min \(least\)/)).toBeVisible();
  const lines = page.getByRole('list', { name: 'Order of work' }).getByRole('listitem');
  const bySurface = await lines.allTextContents();
  await page.getByRole('radio', { name: /stage by stage/ }).check();
  await expect(lines.nth(1)).toContainText('base');
  expect((await lines.allTextContents()).join()).not.toBe(bySurface.join());
  const ticks = page.getByRole('region', { name: 'To count on every model' });
  await expect(ticks).toContainText('rivets many');
  await ticks.getByLabel(/^straps 6/).fill('19');
  await expect(ticks).toContainText('6 still to do');
  await page.reload();
  await expect(ticks.getByLabel(/^straps 6/)).toHaveValue('19');
});

test('a model is judged on a figure: what runs together is named', async ({ page, demo }) => {
  await page.goto(`${demo.url}${levy}/together`);
  await expect(page.getByRole('img', { name: /The model\..*face: Face and hands/ })).toBeVisible();
  const found = page.getByRole('list', { name: 'What was found' });
  await expect(found).toContainText(/touch and are near each other in value: seen in greys/);
  await page.getByRole('button', { name: 'Show numbers' }).click();
  const mantle = page.getByRole('row').filter({ hasText: 'Reed mantle' });
  await expect(mantle).toContainText('L*');
  const first = await mantle.textContent();
  await page.getByLabel('Model', { exact: true }).fill('4');
  await expect(mantle).not.toHaveText(first ?? '');
});

test('a newer version is told to those painted by the older one, and can be taken or left', async ({
  page,
  demo,
}) => {
  const recipe = `${demo.url}/api/recipes/oilskin-shadow`;
  const { content, revision } = await (await page.request.get(recipe)).json();
  const freeze = (number: number, from: number) =>
    page.request.put(`${recipe}/versions/${number}`, { data: { note: '', revision: from } });
  expect((await freeze(1, revision)).ok()).toBe(true);
  const steps = content.steps.map((step: { stage: string; mix: object }, index: number) =>
    index === 6
      ? { ...step, mix: { ...step.mix, parts: [{ from: 'pot', potId: 'heron', parts: 1 }] } }
      : step,
  );
  const put = await page.request.put(recipe, {
    data: { content: { ...content, steps }, revision },
  });
  expect((await freeze(2, (await put.json()).revision)).ok()).toBe(true);

  await page.goto(`${demo.url}${levy}`);
  await page.getByText('Recipes of the whole army').click();
  await page.getByLabel('cloth, version').selectOption('1');
  await page.getByRole('link', { name: 'Changes' }).click();
  const drift = page.getByRole('listitem').filter({ hasText: 'Oiled coat of Dike Watch' });
  await expect(drift).toContainText('20 on version 1 of Oilskin yellow');
  await expect(drift).toContainText(/: .*; at arm’s length/);
  await expect(drift).toContainText(/coats? on 20 models, .* hands-on, .* ml of thinned paint/);
  await expect(drift.getByRole('img')).toHaveCount(2);
  await drift.getByRole('button', { name: 'Repaint: pin to version 2' }).click();
  await expect(drift).toBeHidden();
  const diver = page.getByRole('listitem').filter({ hasText: 'Diving dress of Sluice Divers' });
  await diver.getByRole('button', { name: 'Keep it as it is' }).click();
  await expect(diver).toContainText('Left on version 1.');
});

test('a finished surface in another colour: coats, neighbours, time and paint', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}${levy}/changes`);
  await page.getByLabel('Painted over by').selectOption('Oilskin yellow, shaded and restored');
  await expect(
    page.getByText(/\d+ coats? of its base until what is there no longer shows/),
  ).toBeVisible();
  await expect(page.getByText(/A slip would spoil .*Face and hands/)).toBeVisible();
  await expect(page.getByText(/20 models: \d+ coats each, .* hands-on in all/)).toBeVisible();
});

test('painted models go over to another colour by what the log says is there, or are stripped, with the caution first', async ({
  page,
  demo,
}) => {
  await page.clock.install();
  await layUnit(page, demo.url, 'Ferry Crew', 2);
  const first = await which(page).textContent();
  await paint(page);
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBeGreaterThan(0);
  const [coat] = await logOf(page, demo.url);
  await page.goto(`${demo.url}${levy}/changes`);
  await page.getByLabel('Unit', { exact: true }).selectOption('ferry-crew');
  await page.getByLabel('Surface', { exact: true }).selectOption(coat.where?.surfaceId ?? '');
  await page.getByLabel('Painted over by').selectOption('Oilskin tarred black');
  await expect(page.getByLabel('As it stands on')).toHaveValue('1');
  await expect(page.getByText(/^2 models: \d+ coats each/)).toBeVisible();
  await page.getByRole('button', { name: 'Give 2 models this recipe' }).click();
  await expect(
    page.getByRole('status').filter({ hasText: 'goes by the other recipe now' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Strip it instead' }).click();
  await expect(page.getByRole('note')).toContainText('Caution. What takes paint off can burn skin');
  await page.getByRole('button', { name: 'Note that 2 models were stripped' }).click();
  await expect(page.getByText('The log knows of nothing on this surface')).toBeVisible();
  await expect
    .poll(async () => (await logOf(page, demo.url)).map(({ kind }) => kind))
    .toContain('stripped');
  // On the bench the black begins on bare models, and what was painted stays in the log.
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('link', { name: 'Continue: Ferry Crew' }).click();
  await expect(which(page)).toBeVisible();
  expect(first).not.toBeNull();
  await page.goto(`${demo.url}/log`);
  await expect(page.getByText(/stripped of all its paint/).first()).toBeVisible();
  await expect(page.getByText(/, coat 1;/).first()).toBeVisible();
});

test('what is short is told in pots to buy', async ({ page, demo }) => {
  await page.goto(`${demo.url}${levy}/paint`);
  await expect(page.getByRole('row').filter({ hasText: 'Marigold Clay' })).toContainText(
    /\d+ pots? \(/,
  );
});

test('what was being written when the page was closed goes on where it was', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}${levy}`);
  await page.route('**/api/armies/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  const name = page.getByLabel('Army', { exact: true });
  await name.fill('Winter Levy');
  await name.blur();
  await page.waitForRequest((request) => request.method() === 'PUT');
  await page.unroute('**/api/armies/**');
  await page.reload();
  await expect(name).toHaveValue('Winter Levy');
  await expect
    .poll(
      async () => (await (await page.request.get(`${demo.url}/api${levy}`)).json()).content.name,
    )
    .toBe('Winter Levy');
});

test('an army changed in two tabs keeps both changes, and what both changed can be chosen', async ({
  page,
  demo,
  context,
}) => {
  await page.goto(`${demo.url}${levy}`);
  await expect(page.getByLabel('Army', { exact: true })).toHaveValue('Lanternfen Levy');
  const other = await context.newPage();
  await other.goto(`${demo.url}${levy}`);
  const called = async (tab: Page, name: string) => {
    await tab.getByLabel('Army', { exact: true }).fill(name);
    await tab.getByLabel('Army', { exact: true }).press('Enter');
    await tab.getByLabel('Army', { exact: true }).blur();
  };
  const kept = async () =>
    (await (await page.request.get(`${demo.url}/api${levy}`)).json()).content as {
      name: string;
      units: { name: string }[];
    };
  await called(other, 'Levy of the other tab');
  await expect.poll(async () => (await kept()).name).toBe('Levy of the other tab');

  await page.getByRole('button', { name: 'Add a unit' }).click();
  await expect(
    page.getByText('It was changed elsewhere too; both changes are kept.'),
  ).toBeVisible();
  await expect(page.getByLabel('Army', { exact: true })).toHaveValue('Levy of the other tab');
  await expect.poll(async () => (await kept()).units.length).toBe(8);
  expect((await kept()).name).toBe('Levy of the other tab');

  await called(other, 'Theirs');
  await expect(other.getByText(/both changes are kept/)).toBeVisible();
  await expect.poll(async () => (await kept()).name).toBe('Theirs');
  await called(page, 'Mine');
  await expect(page.getByText(/Somebody changed the same thing elsewhere/)).toBeVisible();
  await expect(page.getByLabel('Army', { exact: true })).toHaveValue('Theirs');
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect.poll(async () => (await kept()).name).toBe('Mine');
  expect((await kept()).units).toHaveLength(8);
});

test('a plan and a deal are there after kill -9', async ({ page, demo }) => {
  await page.goto(`${demo.url}${levy}/variants`);
  await page.getByRole('button', { name: 'Deal again' }).click();
  await expect(page.getByRole('button', { name: 'Deal by number 5' })).toBeEnabled();
  const picks = page.getByRole('combobox', { name: /^Reed mantle of model/ });
  const dealt = () =>
    picks.evaluateAll((all) => all.map((each) => (each as HTMLSelectElement).value));
  const before = await dealt();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('button', { name: 'Begin another plan' }).click();
  await page.getByLabel('Plan called').fill('After the muster');
  await expect
    .poll(async () =>
      JSON.stringify(await (await page.request.get(`${demo.url}/api${levy}`)).json()),
    )
    .toContain('After the muster');
  await demo.kill();
  const again = await startServer({ dataFolder: demo.dataFolder, demo: true });
  await page.goto(`${again.url}${levy}/plan`);
  await expect(page.getByLabel('Plan', { exact: true })).toContainText('After the muster');
  await page.goto(`${again.url}${levy}/variants`);
  await expect(picks).toHaveCount(20);
  expect(await dealt()).toEqual(before);
  await again.stop();
});
