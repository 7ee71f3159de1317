import { chromium, type Page } from '@playwright/test';
import { chromiumOptions } from '../../e2e/support/browser';
import { startServer } from '../../e2e/support/ledgerServer';
import { coats } from './manyCoats';
import { percentile, times } from './measure';

const long = 100_000;
const presses = 16;

/**
 * Presses “Done” and tells how long it was until something on the page had changed and was drawn. A
 * text: what runs here is compiled.
 */
const pressAndWait = `async () => {
  const panel = document.querySelector('[aria-label="Now"]');
  const button = [...panel.querySelectorAll('button')].find((each) => /^Done/.test(each.getAttribute('aria-label') ?? each.textContent));
  if (!button) return null;
  const from = performance.now();
  const seen = new Promise((then) => {
    new MutationObserver((_, watcher) => {
      watcher.disconnect();
      requestAnimationFrame(() => requestAnimationFrame(() => then(performance.now() - from)));
    }).observe(document.querySelector('main'), { subtree: true, childList: true, characterData: true });
  });
  button.click();
  return seen;
}`;

/** From a press on “Done” until the bench says the next thing, in a short log and in a long one. */
export async function benchPress(): Promise<void> {
  const medians: number[] = [];
  console.log('\nA press at the bench, in the browser, until what comes next is drawn');
  for (const entries of [10, long]) {
    const server = await startServer({ demo: true });
    const browser = await chromium.launch(chromiumOptions);
    try {
      await fill(server.url, entries);
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      const took: number[] = [];
      // The browser keeps the log it got for the first time, a little at a time.
      await lay(page, server.url);
      await page.waitForTimeout(60_000);
      while (took.length < presses) {
        await lay(page, server.url);
        await settled(page);
        for (let press = 0; press < 4; press++) {
          const ms = (await page.evaluate(`(${pressAndWait})()`)) as number | null;
          if (ms !== null) took.push(ms);
          await settled(page);
        }
      }
      medians.push(percentile(took, 0.5));
      console.log(
        `  with ${entries.toLocaleString('en')} entries: p50 ${percentile(took, 0.5).toFixed(0)} ms, p90 ${percentile(took, 0.9).toFixed(0)} ms, most ${Math.max(...took).toFixed(0)} ms`,
      );
    } finally {
      await browser.close();
      await server.stop();
    }
  }
  console.log(`  ${times(medians[1] / medians[0])} of ten entries`);
}

/** A long log takes a while to arrive the first time. */
const patience = { timeout: 120_000 };

async function lay(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/bench?recipe=reed-cloak`);
  await page.getByLabel('Models', { exact: true }).fill('3');
  await page.getByRole('button', { name: 'Put it on the bench' }).click(patience);
  await page.getByRole('button', { name: /^Done (all|model)/ }).waitFor(patience);
}

/** Two presses close together are one, and what a press sets going in the background is to be over. */
const settled = (page: Page) => page.waitForTimeout(1500);

async function fill(url: string, entries: number): Promise<void> {
  for (let from = 0; from < entries; from += 500) {
    const answer = await fetch(`${url}/api/log`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: url },
      body: JSON.stringify({ entries: coats(from, Math.min(500, entries - from)) }),
    });
    if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
  }
}
