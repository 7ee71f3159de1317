import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { startServer } from '../support/ledgerServer';
import { asFromPhone, ballUnderLamp, hugePng, tellsThePlace } from '../support/pictures';
import { expect, test } from '../support/test';

const leaf = '/recipes/oilskin-shadow/photographs';

async function putIn(page: Page, name: string, buffer: Buffer, mimeType = 'image/jpeg') {
  await page
    .getByLabel('A file with a photograph', { exact: true })
    .setInputFiles({ name, mimeType, buffer });
}

const pictureOn = (page: Page) => page.getByRole('img', { name: /^Photograph, / });

test('a photograph from a phone stands upright beside the prediction, says nothing of where it was taken, and outlives a power cut', async ({
  page,
}) => {
  let server = await startServer({ demo: true });
  await page.goto(server.url + leaf);
  await expect(page.getByRole('img', { name: /as predicted/ })).toBeVisible();
  await putIn(page, 'bench.jpg', asFromPhone(await ballUnderLamp(page, 3000, 1500)));
  await expect(pictureOn(page)).toBeVisible();
  await page.getByLabel('Shows').selectOption('before');
  await page.getByLabel('Words to it').fill('As it came out of the box');
  await page.keyboard.press('Enter');
  const named = page.getByRole('img', { name: 'As it came out of the box' });
  await expect(named).toBeVisible();
  const folder = join(server.dataFolder, 'demo.pictures');
  await expect
    .poll(async () => (await page.request.get(`${server.url}/api/photographs`)).text())
    .toContain('out of the box');
  await server.kill();
  server = await startServer({ demo: true, dataFolder: server.dataFolder });
  await page.goto(server.url + leaf);
  await expect(named).toBeVisible();
  // Lying on its side it was twice as wide as it is high.
  await expect
    .poll(() => named.evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight]))
    .toEqual([1000, 2000]);
  const kept = readdirSync(folder).map((name) => readFileSync(join(folder, name)));
  expect(kept).toHaveLength(2);
  expect(kept.some(tellsThePlace)).toBe(false);
  await server.stop();
});

test('what is no picture the ledger keeps is refused in a sentence, and what is there stays', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + leaf);
  const ball = await ballUnderLamp(page);
  await putIn(page, 'helm.jpg', ball);
  await expect(pictureOn(page)).toHaveCount(1);
  const refused: [string, Buffer, string, RegExp][] = [
    [
      'helm.png',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
      'image/png',
      /helm\.png is none of the pictures .* a JPEG, a PNG or a WebP/,
    ],
    [
      'half.jpg',
      ball.subarray(0, ball.length / 2),
      'image/jpeg',
      /half\.jpg is cut off before its end/,
    ],
    ['wall.png', hugePng(10_000, 6000), 'image/png', /10000 × 6000 pixels, 60\.0 million/],
    ['long.jpg', Buffer.concat([ball, Buffer.alloc(20_000_000)]), 'image/jpeg', /at most 20 MB/],
  ];
  for (const [name, bytes, type, says] of refused) {
    await putIn(page, name, bytes, type);
    await expect(page.getByRole('alert')).toContainText(says);
  }
  await expect(pictureOn(page)).toHaveCount(1);
  await page.getByRole('button', { name: /^Delete Photograph/ }).click();
  await expect(pictureOn(page)).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(pictureOn(page)).toHaveCount(1);
});

test('a photograph taken while the server is away is kept, shown, and goes out once it answers', async ({
  page,
}) => {
  let server = await startServer({ demo: true });
  const port = Number(new URL(server.url).port);
  await page.goto(server.url + leaf);
  const ball = await ballUnderLamp(page);
  // The code that imports pictures is fetched with the first.
  await putIn(page, 'first.jpg', ball);
  await expect(pictureOn(page)).toHaveCount(1);
  await server.stop();
  await putIn(page, 'second.jpg', await ballUnderLamp(page, 600, 600));
  await expect(pictureOn(page)).toHaveCount(2);
  await expect
    .poll(() =>
      pictureOn(page)
        .last()
        .evaluate((img: HTMLImageElement) => img.naturalWidth),
    )
    .toBe(600);
  server = await startServer({ demo: true, dataFolder: server.dataFolder, port });
  await expect.poll(() => readdirSync(join(server.dataFolder, 'demo.pictures')).length).toBe(3);
  await page.reload();
  await expect(pictureOn(page)).toHaveCount(2);
  await server.stop();
});

test('a photograph under a lamp is a map of light: pointed at, it says which place that is and as which line', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + leaf);
  await putIn(page, 'lamp.jpg', await ballUnderLamp(page));
  await page.getByRole('link', { name: 'Its light' }).click();
  const map = page.getByRole('application', { name: /The photograph in greys/ });
  const said = page.getByRole('status').filter({ hasText: 'of the way from the darkest' });
  const wayUp = async () =>
    Number(/(\d+) % of the way/.exec((await said.textContent()) ?? '')?.[1]);
  await expect(said).toContainText(/This is \w+, as line \d/);
  const rows = page.getByRole('region', { name: 'How much lies in each value' }).getByRole('row');
  await expect(rows).toHaveCount(6);
  // Towards the lamp it grows lighter, past the figure there is nothing.
  await map.focus();
  const middle = await wayUp();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect.poll(wayUp).toBeGreaterThan(middle + 10);
  // Changed over, the lamp is on the other side.
  await page.getByRole('checkbox', { name: 'left and right changed over' }).check();
  await expect.poll(wayUp).toBeLessThan(middle);
  await page.getByLabel('Greys', { exact: true }).selectOption('3 values');
  await expect(rows).toHaveCount(4);
  await map.focus();
  for (let i = 0; i < 25; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByText('This is behind the figure.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Greys', { exact: true })).toHaveValue('3');
});
