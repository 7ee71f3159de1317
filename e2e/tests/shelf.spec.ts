import { expect, test } from '../support/test';

test.beforeEach(async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf`);
  await expect(page.getByRole('button', { name: 'Marigold Clay', exact: true })).toBeVisible();
});

test('pots are searched, filtered and sorted', async ({ page }) => {
  const rows = page.getByRole('row');
  await page.getByLabel('Search the shelf').fill('streaks');
  await expect(rows).toHaveCount(2);
  await expect(page.getByRole('button', { name: 'Oilskin Yellow', exact: true })).toBeVisible();
  await page.getByLabel('Search the shelf').fill('');
  await page.getByRole('combobox', { name: 'Kind' }).selectOption('wash');
  await expect(rows).toHaveCount(6);
  await page.getByRole('button', { name: 'Name', exact: true }).click();
  await expect(rows.nth(1)).toContainText('Blushwater Wash');
  await page.getByRole('button', { name: 'Name', exact: true }).click();
  await expect(rows.nth(1)).toContainText('Rust Seep Wash');
});

test('a pot is edited in its row: swatch, hiding by picture and by number', async ({
  page,
  demo,
}) => {
  await page.getByRole('button', { name: 'Marigold Clay', exact: true }).click();
  const form = page.getByRole('form', { name: 'Edit Marigold Clay' });
  await form.getByLabel('Swatch, dried, full strength').fill('C80');
  await form.getByRole('radio', { name: 'opaque' }).check();
  await expect(form.getByLabel('as a number')).toHaveValue('0.95');
  await form.getByLabel('as a number').fill('0.33');
  await expect(form.getByRole('radio', { name: 'very thin' })).toBeChecked();
  await form.getByRole('slider', { name: 'Hue' }).press('ArrowRight');
  await expect(form.getByLabel('Swatch, dried, full strength')).not.toHaveValue('#cc8800');
  await expect(form.getByText('Saved.')).toBeVisible();
  await form.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Marigold Clay' })).toContainText(
    '0.33 very thin',
  );

  await page.reload();
  await expect(page.getByRole('row').filter({ hasText: 'Marigold Clay' })).toContainText(
    '0.33 very thin',
  );
  const answer = await page.request.get(`${demo.url}/api/pots/marigold`);
  expect((await answer.json()).content.swatch).toMatch(/^#[0-9a-f]{6}$/);
});

test('bad input is named, nothing typed is lost, and nothing wrong is saved', async ({
  page,
  demo,
}) => {
  await page.getByRole('button', { name: 'Marigold Clay', exact: true }).click();
  const form = page.getByRole('form', { name: 'Edit Marigold Clay' });
  await form.getByLabel('Swatch, dried, full strength').fill('mustard');
  await form.getByLabel('as a number').fill('1.4');
  await form.getByLabel('Left').fill('-2');
  await form.getByLabel('Name').fill('');
  await expect(form.getByText('“mustard” is not right')).toBeVisible();
  await expect(
    form.getByText('1.4 is not right: it should be a number from 0 to 1.'),
  ).toBeVisible();
  await expect(form.getByText(/-2 is not right/)).toBeVisible();
  await expect(form.getByText(/Empty is not right: it should be 1 to 120/)).toBeVisible();

  // Leaving the page and coming back.
  await page.getByRole('link', { name: 'Recipes' }).click();
  await expect(page.getByRole('heading', { name: 'Recipes' })).toBeVisible();
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('button', { name: 'Marigold Clay', exact: true }).click();
  await expect(form.getByLabel('Swatch, dried, full strength')).toHaveValue('mustard');
  await expect(form.getByLabel('as a number')).toHaveValue('1.4');
  const answer = await page.request.get(`${demo.url}/api/pots/marigold`);
  expect((await answer.json()).revision).toBe(1);
});

test('what is typed while a slow server answers is not lost', async ({ page, demo }) => {
  await page.route('**/api/pots/peat', async (route) => {
    await new Promise((later) => setTimeout(later, 400));
    await route.continue();
  });
  await page.getByRole('button', { name: 'Peat', exact: true }).click();
  const notes = page.getByLabel('Notes', { exact: true });
  const text = 'for the boots, the belts and the bank below the boat house';
  // Slow enough that several saves come back in the middle of it.
  // Waited for from before: it may have come back when the first words are through.
  const saved = page.waitForResponse((response) => response.request().method() === 'PUT');
  await notes.pressSequentially(text.slice(0, 20), { delay: 20 });
  await saved;
  await notes.pressSequentially(text.slice(20), { delay: 60 });
  await expect(notes).toHaveValue(text);
  await expect(page.getByText('Saved.')).toBeVisible();
  const answer = await page.request.get(`${demo.url}/api/pots/peat`);
  expect((await answer.json()).content.notes).toBe(text);
});

test('adding, editing and retiring are undone and done again', async ({ page }) => {
  await page.getByRole('button', { name: 'Add a pot' }).click();
  await page.getByLabel('Name').fill('Eel Skin');
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  const pot = page.getByRole('button', { name: 'Eel Skin', exact: true });
  await expect(pot).toBeVisible();

  await page.getByRole('button', { name: 'Remove Eel Skin' }).click();
  await expect(pot).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(pot).toBeVisible();
  await page.getByRole('button', { name: 'Undo: add Eel Skin' }).click();
  await expect(pot).toBeHidden();
  await page.getByRole('button', { name: 'Redo: add Eel Skin' }).click();
  await expect(pot).toBeVisible();
});

test('undo does not undo what somebody else wrote since', async ({ page, demo }) => {
  await page.getByRole('button', { name: 'Remove Coot Black' }).click();
  await expect(page.getByText('Coot Black is removed')).toBeVisible();
  const url = `${demo.url}/api/pots/coot`;
  const kept = async () => (await page.request.get(url)).json();
  await expect.poll(async () => (await kept()).content.retired).toBe(true);
  const { content, revision } = await kept();
  await page.request.put(url, { data: { content: { ...content, notes: 'Theirs' }, revision } });
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/changed elsewhere too; both changes are kept/)).toBeVisible();
  await expect
    .poll(async () => (await kept()).content)
    .toMatchObject({ notes: 'Theirs', retired: false });
});

test('a pot changed in two tabs shows both and loses neither', async ({ page, demo }) => {
  await page.getByRole('button', { name: 'Peat', exact: true }).click();
  const url = `${demo.url}/api/pots/peat`;
  const { content, revision } = await (await page.request.get(url)).json();
  await page.request.put(url, { data: { content: { ...content, hiding: 0.5 }, revision } });
  await page.getByLabel('Notes', { exact: true }).fill('Mine');
  await expect(page.getByText(/This pot was changed elsewhere: there it is Peat/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep what is here' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  expect((await (await page.request.get(url)).json()).content).toMatchObject({
    notes: 'Mine',
    hiding: 0.92,
  });
});

test('a guessed pot is measured on a card, and everything made from it loses its ≈', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/shelf`);
  await page.getByRole('button', { name: 'Sloe', exact: true }).click();
  const form = page.getByRole('form', { name: 'Edit Sloe' });
  const isGuess = form.getByLabel(/only a guess/);
  await expect(isGuess).toBeChecked();
  await form.getByText('Measure it on a striped card').click();
  // The halves of the card the wrong way round.
  await form.getByLabel('Bare card, black half').fill('#f3f3f3');
  await form.getByLabel('Bare card, white half').fill('#363636');
  await form.getByRole('button', { name: 'Work it out' }).click();
  await expect(form.getByText(/white should be much lighter than its black/)).toBeVisible();
  await form.getByLabel('Bare card, black half').fill('#363636');
  await form.getByLabel('Bare card, white half').fill('#f3f3f3');
  await form.getByLabel('Coat over the black half').fill('#45304f');
  await form.getByLabel('Coat over the white half').fill('#5d3b6c');
  await form.getByRole('button', { name: 'Work it out' }).click();
  await expect(
    form.getByText(/coverage 0\.\d\d\. Laid over the card again it comes within/),
  ).toBeVisible();
  await form.getByRole('button', { name: 'Take this for the pot' }).click();
  await expect(isGuess).not.toBeChecked();
  await expect(form.getByLabel('Swatch, dried, full strength')).not.toHaveValue('#4b2d58');
  await expect
    .poll(async () => {
      const kept = await page.request.get(`${demo.url}/api/pots/sloe`);
      return ((await kept.json()) as { content: { hidingIsGuess: boolean } }).content.hidingIsGuess;
    })
    .toBe(false);
});

test('a wash from before is read as it was, until its owner says what the swatch shows', async ({
  page,
  demo,
}) => {
  const answer = await page.request.get(`${demo.url}/api/pots/peatwater`);
  const { content, revision } = await answer.json();
  delete content.swatchShows;
  const put = await page.request.put(`${demo.url}/api/pots/peatwater`, {
    data: { content, revision },
  });
  expect(put.ok()).toBe(true);
  await page.reload();
  await page.getByRole('button', { name: /^1 wash, ink or one-coat paint: is the swatch/ }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Peatwater Wash' })
    .getByRole('button', { name: 'one coat over white' })
    .click();
  await expect(page.getByText(/is the swatch one coat/)).toBeHidden();
  await expect
    .poll(
      async () =>
        (await (await page.request.get(`${demo.url}/api/pots/peatwater`)).json()).content
          .swatchShows,
    )
    .toBe('one coat over white');
});
