import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/support/browser';
import { startServer } from '../e2e/support/ledgerServer';
const server = await startServer({ demo: true, past: true });
const browser = await chromium.launch(chromiumOptions);
for (let v = 0; v < 5; v++) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const out: string[] = [];
  for (const visit of ['cold', 'again']) {
    const page = await context.newPage();
    await page.addInitScript({ content: `window.seen = {}; const look = () => { const now = performance.now();
      if (document.querySelector('.recipe-leaves, [aria-label="Leaves"], nav')) seen.shell ??= now;
      if (document.querySelector('.recipe-head')) seen.head ??= now;
      if (document.querySelector('.values-leaf')) seen.leaf ??= now;
      if (document.querySelector('.values-leaf svg path.recharts-line-curve, .values-leaf svg path.recharts-curve')) seen.chart ??= now;
      if (!seen.chart) requestAnimationFrame(look); }; requestAnimationFrame(look);` });
    await page.goto(server.url + '/recipes/oilskin-shadow/values');
    await page.waitForFunction(() => 'chart' in (globalThis as unknown as { seen: object }).seen);
    out.push(visit + ' ' + JSON.stringify(await page.evaluate('seen')));
    await page.waitForLoadState('networkidle'); await page.close();
    await new Promise((r) => setTimeout(r, 700));
  }
  // from the page itself
  const page = await context.newPage();
  await page.goto(server.url + '/recipes/oilskin-shadow', { waitUntil: 'networkidle' });
  await page.waitForTimeout(1500);
  const t = Date.now();
  await page.getByRole('link', { name: 'Light steps' }).click();
  await page.locator('.values-leaf svg path.recharts-line-curve, .values-leaf svg path.recharts-curve').first().waitFor();
  out.push('press ' + (Date.now() - t));
  console.log(out.join('  '));
  await context.close();
}
await browser.close(); await server.stop();
