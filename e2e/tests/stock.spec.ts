import type { APIRequestContext } from '@playwright/test';
import { expect, test } from '../support/test';

/** Changes figures of a sample pot behind the page's back. */
async function alter(request: APIRequestContext, url: string, id: string, part: object) {
  const { content, revision } = await (await request.get(`${url}/api/pots/${id}`)).json();
  const data = { content: { ...content, ...part }, revision };
  const written = await request.put(`${url}/api/pots/${id}`, { data });
  expect(written.ok()).toBe(true);
}

test('an empty pot is replaced in its recipe, and what stood there is kept', async ({
  page,
  demo,
}) => {
  await alter(page.request, demo.url, 'fenumber', { volumeMl: 0 });
  await page.goto(`${demo.url}/shelf/buy`);
  await expect(page.getByRole('heading', { name: 'Fen Umber' })).toBeVisible();
  await expect(page.getByText(/^Empty\. Used by/)).toBeVisible();
  await page.getByRole('link', { name: 'Replace Fen Umber in its recipes' }).click();

  // Seen on the recipe before anything is written, by where the figures will stand.
  await page.getByRole('radio', { name: /^Fen Umber beside Copse Bark Copse Bark/ }).check();
  const line = page.getByRole('listitem').filter({ hasText: 'from the shadow up' });
  await expect(line.getByRole('img', { name: /with Copse Bark/ })).toBeVisible();
  await expect(line).toContainText(
    /Does not pass\. Differs most at the pit: (clearly different|another colour)/,
  );
  await page
    .getByLabel('The models will stand')
    .selectOption('alone, framed by a contrasting colour');
  await expect(line).toContainText(/Passes\..*Near enough alone, framed/);
  const ofTwo = page.getByRole('radio', { name: /Fen Umber beside \d+ .+ \+ \d+ / }).first();
  const mixed = (await ofTwo.getAttribute('aria-label')) ?? (await ofTwo.locator('..').innerText());
  const [, firstPot] = /(\d+ [A-Z][\w’ ]+?) \+ \d/.exec(mixed) ?? [];
  expect(firstPot).toBeDefined();
  await ofTwo.check();
  await expect(line).toContainText('Passes.');
  await page.getByRole('button', { name: 'Replace in 1 recipe' }).click();
  await expect(page.getByText('No recipe uses Fen Umber.')).toBeVisible();

  await page.goto(`${demo.url}/recipes/oilskin-shadow/versions`);
  await expect(page.getByText(`Before: Fen Umber replaced by ${firstPot}`)).toBeVisible();
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await expect(
    page.getByRole('button', { name: new RegExp(`^Line \\d+ .*${firstPot} \\+`) }).first(),
  ).toBeVisible();
});

test('when a recipe has moved on meanwhile, nothing is replaced and it is said', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/shelf/replace/marigold`);
  // Beside the original one of the two does not pass, and is not chosen by itself.
  await expect(page.getByRole('button', { name: 'Replace in 1 recipe' })).toBeVisible();
  await page.getByLabel('Replace in Oilskin yellow, from the shadow up').check();
  const address = `${demo.url}/api/recipes/oilskin-restored`;
  const { content, revision } = await (await page.request.get(address)).json();
  await page.request.put(address, {
    data: { content: { ...content, notes: 'Changed in another tab.' }, revision },
  });
  await page.getByRole('button', { name: 'Replace in 2 recipes' }).click();
  await expect(page.getByText(/Nothing was replaced; look again/)).toBeVisible();
  const after = await (await page.request.get(address)).json();
  expect(after.content.notes).toBe('Changed in another tab.');
});

test('a pot is put on the list from its bottle, and taken off again', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf`);
  await page.getByRole('button', { name: 'Heron Grey', exact: true }).click();
  const form = page.getByRole('form', { name: 'Edit Heron Grey' });
  await form.getByText(/^The bottle:/).click();
  await form.getByLabel('on the list to buy').check();
  await form.getByLabel('Warn me below').fill('20');
  await form.getByLabel('Opened on').fill('2026-03-01');
  await form.getByLabel('Drops in a ml').fill('3');
  await expect(
    form.getByText('3 is not right: it should be a number from 5 to 100.'),
  ).toBeVisible();
  await form.getByLabel('Drops in a ml').fill('32');
  await form.getByLabel('Drops one brushload holds').fill('some');
  await expect(
    form.getByText('“some” is not right: it should be a number from 0.1 to 20.'),
  ).toBeVisible();
  await form.getByLabel('Drops one brushload holds').fill('1,5');
  await expect(form.getByText(/is not right/)).toBeHidden();
  await expect(form.getByText(/One drop is 0\.031 ml/)).toBeVisible();
  await expect(form.getByText('Saved.')).toBeVisible();
  await form.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Heron Grey' })).toContainText('low');
  await page.getByRole('link', { name: 'To buy' }).click();
  await page.getByRole('button', { name: 'Take off the list: Heron Grey' }).click();
  await expect(page.getByRole('button', { name: 'Take off the list: Heron Grey' })).toBeHidden();
});

test('without the club’s box a recipe lacks a pot, and its stand-in is named', async ({
  page,
  demo,
}) => {
  await alter(page.request, demo.url, 'ferrymantan', { owner: 'The club' });
  await page.goto(`${demo.url}/shelf/paintable`);
  const skin = page.getByRole('listitem').filter({ hasText: 'Weathered skin' });
  await expect(skin).toBeVisible();
  await expect(page.getByRole('heading', { name: /with something missing/ })).toHaveCount(0);
  await page.getByLabel('The club').uncheck();
  await expect(page.getByRole('heading', { name: /with something missing/ })).toBeVisible();
  await expect(skin.first()).toContainText(/Ferryman Tan|With substitutes|Lacks/);
  await skin.getByRole('link', { name: 'Look closer at Ferryman Tan' }).click();
  await expect(page.getByRole('heading', { name: 'Replace Ferryman Tan' })).toBeVisible();
});

test('what goes with a pot is shown as mixes on the way to it', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf`);
  await page.getByRole('button', { name: 'Oilskin Yellow', exact: true }).click();
  await page.getByText('What goes with it').click();
  await expect(page.getByText(/its opposite in paint/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /in five mixes/ }).first()).toBeVisible();
});

test('a pot is measured with the simulated reader, its errors and all', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf`);
  await page.getByRole('button', { name: 'Sloe', exact: true }).click();
  const form = page.getByRole('form', { name: 'Edit Sloe' });
  await form.getByText('Measure it on a striped card').click();
  await form.getByLabel(/simulated reader/).check();
  const read = form.getByRole('button', { name: /^Read: / });
  await read.first().click();
  await expect(form.getByText(/has not seen its white tile yet/)).toBeVisible();
  await form.getByRole('button', { name: 'Calibrate on the white tile' }).click();
  await form.getByLabel('held off the surface').check();
  await read.first().click();
  await expect(form.getByText(/not flat on the surface/)).toBeVisible();
  await form.getByLabel('held off the surface').uncheck();
  for (const place of await read.all()) await place.click();
  await expect(form.getByText(/5 readings, at most/)).toHaveCount(4);
  await form.getByRole('button', { name: 'Work it out' }).click();
  await expect(form.getByText(/comes within 0\.\d ΔE00/)).toBeVisible();
  await form.getByRole('button', { name: 'Take this for the pot' }).click();
  await expect(form.getByLabel(/only a guess/)).not.toBeChecked();
  // Read on and the lamp drifts: it asks for its tile.
  await read.first().click();
  await expect(form.getByText(/The lamp has drifted over 24 readings/)).toBeVisible();
});
