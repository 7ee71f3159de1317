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
const mostLightMs = 1000;

/** When the names of the recipes and their pictures are seen, ms after the visit began. */
interface Seen {
  names: number;
  firstRibbon: number;
  /** of every recipe in sight */
  ribbons: number;
}

/** The first page: main-thread JavaScript, when names and ribbons are seen, and a recipe's light steps. */
export async function benchFirstScreen(): Promise<void> {
  const browser = await chromium.launch(chromiumOptions);
  try {
    const demo = await startServer({ demo: true, past: true });
    try {
      await report(browser, demo.url, 'the demo after two months');
      await reportLightSteps(browser, demo.url);
    } finally {
      await demo.stop();
    }
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

const middle = (seen: Seen[], of: keyof Seen) => median(seen.map((each) => each[of]));

const median = (all: readonly number[]) =>
  all.toSorted((one, other) => one - other)[Math.floor(all.length / 2)].toFixed(0);

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

const curve = '.values-leaf svg path.recharts-line-curve';

/** Notes in `window.chartAt` when the curves of the light steps are drawn. */
const watchChart = `
  const look = () => {
    if (document.querySelector('${curve}')) window.chartAt = performance.now();
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
`;

/** When the light steps of a recipe are seen: by their address, and from the recipe's own page. */
async function reportLightSteps(browser: Browser, url: string): Promise<void> {
  const byAddress: number[] = [];
  const byPress: number[] = [];
  for (let visit = 0; visit < visits; visit++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.addInitScript({ content: watchChart });
    await page.goto(`${url}/recipes/oilskin-shadow/values`);
    await page.waitForFunction(() => 'chartAt' in globalThis);
    byAddress.push((await page.evaluate('chartAt')) as number);
    await page.goto(`${url}/recipes/oilskin-shadow`, { waitUntil: 'networkidle' });
    await new Promise((rested) => setTimeout(rested, 700));
    const pressed = performance.now();
    await page.getByRole('link', { name: 'Light steps' }).click();
    await page.locator(curve).first().waitFor();
    byPress.push(performance.now() - pressed);
    await context.close();
  }
  console.log(
    `\nLight steps with their curves: by address, cold ${median(byAddress)}; pressed on the recipe's page ${median(byPress)}; ${mostLightMs} at most`,
  );
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
