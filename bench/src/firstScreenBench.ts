import { chromium, type Browser, type BrowserContext } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromiumOptions } from '../../e2e/support/browser';
import { startServer } from '../../e2e/support/ledgerServer';
import { benchServer } from './benchServer';
import { fortySteps, pots } from './fortySteps';

const assets = resolve(import.meta.dirname, '../../web/dist');
const visits = 7;
const mostMainKb = 300;

/** When the names of the recipes and their pictures are seen, ms after the visit began. */
interface Seen {
  names: number;
  firstRibbon: number;
  /** of every recipe in sight */
  ribbons: number;
}

/** The recipes page: main-thread JavaScript, and when names and ribbons are seen, cold and again. */
export async function benchFirstScreen(): Promise<void> {
  const browser = await chromium.launch(chromiumOptions);
  try {
    const demo = await startServer({ demo: true, past: true });
    await report(browser, demo.url, 'the demo after two months').finally(demo.stop);
    const many = await thousandRecipes();
    await report(browser, many.url, '1,000 recipes of eight lines').finally(many.stop);
  } finally {
    await browser.close();
  }
}

async function report(browser: Browser, url: string, of: string): Promise<void> {
  const cold: Seen[] = [];
  const again: Seen[] = [];
  let scripts: string[] = [];
  for (let visit = 0; visit < visits; visit++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const asked = mainThreadScripts(context);
    cold.push(await seenAt(context, url));
    scripts = asked();
    again.push(await seenAt(context, url));
    await context.close();
  }
  const kb = scripts.reduce((sum, path) => sum + gzipSync(readFileSync(assets + path)).length, 0);
  console.log(`\nRecipes page, ${of} (median of ${visits} visits, ms)`);
  console.log(
    `  main-thread JavaScript ${(kb / 1000).toFixed(0)} KB gzipped in ${scripts.length} files; ${mostMainKb} at most`,
  );
  for (const [what, seen] of [
    ['cold', cold],
    ['second visit', again],
  ] as const)
    console.log(
      `  ${what.padEnd(13)} names ${middle(seen, 'names')}   first ribbon ${middle(seen, 'firstRibbon')}   ribbons in sight ${middle(seen, 'ribbons')}`,
    );
}

const middle = (seen: Seen[], of: keyof Seen) =>
  seen
    .map((each) => each[of])
    .sort((one, other) => one - other)
    [Math.floor(seen.length / 2)].toFixed(0);

/** Notes in `window.seen` when names and ribbons are first drawn. A text: what runs here is compiled. */
const watchRecipes = `
  window.seen = {};
  const look = () => {
    const entries = [...document.querySelectorAll('.recipe-entry')];
    const inSight = entries.filter((entry) => entry.getBoundingClientRect().top < innerHeight);
    const painted = inSight.filter((entry) => entry.querySelector('[role=img]'));
    const now = performance.now();
    if (entries.length > 0) seen.names ??= now;
    if (painted.length > 0) seen.firstRibbon ??= now;
    if (entries.length > 0 && painted.length === inSight.length) seen.ribbons ??= now;
    if (seen.ribbons === undefined) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
`;

async function seenAt(context: BrowserContext, url: string): Promise<Seen> {
  const page = await context.newPage();
  await page.addInitScript({ content: watchRecipes });
  await page.goto(`${url}/recipes`);
  await page.waitForFunction(() => 'ribbons' in (globalThis as unknown as { seen: object }).seen);
  const seen = await page.evaluate('seen');
  await page.waitForLoadState('networkidle');
  await page.close();
  // The browser and the server put away what they had before the next visit begins.
  await new Promise((rested) => setTimeout(rested, 700));
  return seen as Seen;
}

/** The scripts that the page itself runs; what a worker runs is asked for by that worker. */
function mainThreadScripts(context: BrowserContext): () => string[] {
  const paths = new Set<string>();
  context.on('request', (request) => {
    const { pathname } = new URL(request.url());
    const isOfPage = request.serviceWorker() === null && request.resourceType() === 'script';
    if (isOfPage && pathname.endsWith('.js') && !/worker/i.test(pathname)) paths.add(pathname);
  });
  return () => [...paths];
}

async function thousandRecipes() {
  const server = await benchServer();
  const put = (path: string, content: object) => server.send('PUT', path, { content, revision: 0 });
  for (const pot of pots) await put(`/api/pots/${pot.id}`, pot);
  const recipe = { ...fortySteps(), steps: fortySteps().steps.slice(0, 8) };
  for (let i = 0; i < 1000; i++)
    await put(`/api/recipes/r${i}`, { ...recipe, id: `r${i}`, name: `Recipe ${i}` });
  return server;
}
