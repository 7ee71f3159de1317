import { chromium, type Browser, type BrowserContext, type Request } from '@playwright/test';
import { chromiumOptions } from '../../e2e/support/browser';
import { startServer } from '../../e2e/support/ledgerServer';
import { times } from './measure';

const army = '/armies/lanternfen-levy';
const armyLeaves = [
  '',
  '/paint',
  '/variants',
  '/together',
  '/order',
  '/plan',
  '/changes',
  '/readings',
];
const mainPages = ['/recipes', '/shelf', '/armies', '/bench', '/log', '/palette', '/match'];
const mostBytes = 520_000;
const mostFiles = 30;
const mostRequests = 6;

/** Pages opened cold on the sample world: files, requests to the API and bytes over the wire. */
export async function benchPages(): Promise<void> {
  const server = await startServer({ demo: true });
  const browser = await chromium.launch(chromiumOptions);
  try {
    const pages = [
      ...mainPages,
      '/recipes/lanternfen-oilskin',
      '/recipes/draft',
      ...armyLeaves.map((leaf) => army + leaf),
    ];
    console.log('\nA page opened cold   files   API   KB over the wire');
    for (const path of pages) {
      const { files, asked, bytes } = await openedCold(browser, server.url + path);
      console.log(
        `  ${path.padEnd(30)} ${String(files).padStart(3)}   ${String(asked).padStart(3)}   ${(bytes / 1000).toFixed(0).padStart(4)}   ${times(bytes / mostBytes)} of ${mostBytes / 1000} KB${path.startsWith(army) ? `; ${times(files / mostFiles)} of ${mostFiles} files, ${times(asked / mostRequests)} of ${mostRequests} requests` : ''}`,
      );
    }
    console.log(`  an edit of an army asks ${await askedByAnEdit(browser, server.url)} time`);
  } finally {
    await browser.close();
    await server.stop();
  }
}

async function openedCold(browser: Browser, url: string) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const requests = requestsOf(context);
  const page = await context.newPage();
  await page.goto(url, { waitUntil: 'networkidle' });
  // Built files never change: a second worker is started from the browser's own copy of the first.
  const fetched = new Map(requests.map((request) => [request.url(), request])).values();
  const sizes = await Promise.all([...fetched].map(bytesOf));
  const bytes = sizes.reduce((sum, size) => sum + size, 0);
  await context.close();
  return { files: requests.length, asked: requests.filter(isOfApi).length, bytes };
}

async function askedByAnEdit(browser: Browser, url: string): Promise<number> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(url + army, { waitUntil: 'networkidle' });
  const requests = requestsOf(context);
  await page.getByLabel('Army', { exact: true }).fill('The levy, renamed');
  await page.keyboard.press('Tab');
  await page.waitForResponse((response) => response.request().method() === 'PUT');
  await page.waitForLoadState('networkidle');
  await context.close();
  return requests.filter(isOfApi).length;
}

/** Of the answer, head and all. What a worker is started with is told by its head alone. */
async function bytesOf(request: Request): Promise<number> {
  const { responseBodySize, responseHeadersSize } = await request.sizes();
  const told = Number((await (await request.response())?.headerValue('content-length')) ?? 0);
  return Math.max(responseBodySize, told) + responseHeadersSize;
}

function requestsOf(context: BrowserContext): Request[] {
  const requests: Request[] = [];
  context.on('requestfinished', (request) => requests.push(request));
  return requests;
}

const isOfApi = (request: Request) => new URL(request.url()).pathname.startsWith('/api/');
