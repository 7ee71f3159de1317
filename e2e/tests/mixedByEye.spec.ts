import { layRecipe, now } from '../support/bench';
import { violationsOn } from '../support/axe';
import { strokeUnderWarmLamp } from '../support/pictures';
import { expect, test } from '../support/test';

test('a mix that nobody counted is read from a photograph under a warm lamp, and kept', async ({
  page,
  demo,
}) => {
  await layRecipe(page, demo.url, 'reed-cloak', 2);
  const response = await page.request.get(`${demo.url}/api/pots/fenumber`);
  const { content } = (await response.json()) as { content: { swatch: string } };
  await page.getByRole('button', { name: 'Adjust the mix' }).click();
  const puddle = page.getByRole('region', { name: 'Mixed by drops' });
  await puddle.getByLabel('In words').fill('drop of umber');
  await puddle.getByLabel('In words').press('Enter');
  await puddle.getByRole('button', { name: 'Mixed by eye' }).click();
  await puddle.getByLabel('Picture', { exact: true }).setInputFiles({
    name: 'stroke.png',
    mimeType: 'image/png',
    buffer: await strokeUnderWarmLamp(page, content.swatch),
  });
  const found = puddle.getByRole('region', { name: 'Worked out from the stroke' });
  await expect(found).toBeVisible();
  const picture = puddle.getByRole('application', { name: /^The picture/ });
  await puddle.getByRole('radio', { name: 'white paper' }).check();
  await picture.focus();
  for (let step = 0; step < 15; step++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(puddle.getByText(/taken out by the white place/)).toBeVisible();
  await expect(found).toContainText(/Fen Umber: nobody will see it/);
  expect(await violationsOn(page)).toEqual([]);
  await found.getByRole('button', { name: 'Take these drops' }).click();
  await puddle.getByRole('button', { name: 'That’s it' }).click();
  await expect(now(page)).toContainText('improvised mix');
  await expect(now(page)).toContainText('Fen Umber');
});
