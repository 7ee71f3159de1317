import { chromium } from '@playwright/test';
import { chromiumOptions } from './support/browser';
import { startServer } from './support/ledgerServer';
const server = await startServer({ demo: true } as any);
const browser = await chromium.launch(chromiumOptions);
const shots = JSON.parse(process.argv[2]) as [string, string, string?, string?][];
for (const [name, path, act, size] of shots) {
  const page = await browser.newPage({
    viewport: size === 'phone' ? { width: 360, height: 780 } : { width: 1280, height: 800 },
  });
  page.on('pageerror', (e) => console.log('PAGEERROR', name, e.message.slice(0, 300)));
  page.on(
    'console',
    (m) => m.type() === 'error' && console.log('CONSOLE', name, m.text().slice(0, 300)),
  );
  await page.goto(server.url + path);
  await page.waitForTimeout(2500);
  if (act) await eval(`(async (page) => { ${act} })`)(page);
  await page.screenshot({ path: `/tmp/shot-${name}.png` });
  console.log(
    name,
    await page.evaluate(
      'document.documentElement.scrollWidth + "x" + document.documentElement.scrollHeight',
    ),
  );
  await page.close();
}
await browser.close();
await server.stop();
process.exit(0);
