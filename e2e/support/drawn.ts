import { resolve } from 'node:path';
import type { Browser } from '@playwright/test';
import { startServer } from './ledgerServer';

const desk = { width: 1280, height: 800 };

/** From nothing to a drafted recipe on a form. @param path of the picture */
export async function drawBeginning(browser: Browser, path: string): Promise<void> {
  const empty = await startServer();
  const beginning = await browser.newPage({ viewport: desk });
  await beginning.goto(empty.url);
  await beginning.getByRole('button', { name: 'Begin with plain pigments' }).click();
  await beginning.getByRole('radio', { name: 'red' }).check();
  await beginning.getByRole('button', { name: 'Make a recipe and preview it' }).click();
  await beginning
    .getByRole('img', { name: /from straight below/ })
    .first()
    .waitFor();
  await beginning.waitForTimeout(1500);
  await beginning.screenshot({ path: path });
  await empty.stop();
}

/** The pictures on empty pages: the demo after two months, half as large. */
const shown: Record<string, string> = {
  recipes: '/recipes',
  shelf: '/shelf',
  armies: '/armies/lanternfen-levy',
  plan: '/armies/lanternfen-levy/plan',
  bench: '/bench/past-wil',
  log: '/log',
  palette: '/palette',
  match: '/match',
  figure: '/recipes/figure?of=oilskin-shadow,copper-helm',
  paintable: '/shelf/paintable',
  buy: '/shelf/buy',
};

/** The log after two months, and what empty pages are shown as. @param path of the log’s picture */
export async function drawPast(browser: Browser, path: string): Promise<void> {
  const past = await startServer({ demo: true, past: true });
  const small = await browser.newPage({ viewport: desk, deviceScaleFactor: 0.5 });
  const shows = resolve(import.meta.dirname, '../../web/public/shows');
  for (const [name, path] of Object.entries(shown)) {
    await small.goto(past.url + path);
    await small.waitForTimeout(4000);
    await small.screenshot({ path: resolve(shows, `${name}.jpg`), type: 'jpeg', quality: 72 });
    console.log(`drew ${name}.jpg`);
  }
  const log = await browser.newPage({ viewport: desk });
  await log.goto(`${past.url}/log`);
  await log.waitForTimeout(2500);
  await log.screenshot({ path: path });
  await past.stop();
}
