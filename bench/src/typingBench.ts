import { chromium, type Page } from '@playwright/test';
import { chromiumOptions } from '../../e2e/support/browser';
import { startServer } from '../../e2e/support/ledgerServer';

const mostMs = 24;
const keys = new Set(['keydown', 'keypress', 'beforeinput', 'input', 'keyup']);

interface Typed {
  field: string;
  path: string;
  focus: (page: Page) => Promise<void>;
  text: string;
}

const typed: Typed[] = [
  {
    field: 'a line in words',
    path: '/recipes/oilskin-shadow',
    focus: (page) => page.keyboard.press('l'),
    text: '2 ochre + 1 umber, half water, 2 coats, raised',
  },
  {
    field: 'notes of a recipe',
    path: '/recipes/oilskin-shadow',
    focus: (page) => page.getByLabel('Notes').first().click(),
    text: 'Keep the pits dark and go slowly here.',
  },
  {
    field: 'search for recipes',
    path: '/recipes',
    focus: (page) => page.getByRole('searchbox').click(),
    text: 'oilskin',
  },
  {
    field: 'notes of a pot',
    path: '/shelf',
    focus: async (page) => {
      await page.getByRole('button', { name: 'Peat', exact: true }).click();
      await page.getByLabel('Notes').last().click();
    },
    text: 'Dries darker than it looks when wet.',
  },
];

/**
 * Notes in `window.keyEvents` how long the script of each event ran, and how long it was until the
 * next picture. A text: what runs here is compiled.
 */
const watchEvents = `
  window.keyEvents = [];
  new PerformanceObserver((list) => {
    for (const { name, processingStart, processingEnd, duration } of list.getEntries())
      keyEvents.push([name, processingEnd - processingStart, duration]);
  }).observe({ type: 'event', durationThreshold: 16 });
`;

/** How long the page is busy with a key that is typed, in the demo after two months. */
export async function benchTyping(): Promise<void> {
  const server = await startServer({ demo: true, past: true });
  const browser = await chromium.launch(chromiumOptions);
  try {
    console.log(`\nTyping: script of the events of one key, ms; ${mostMs} at most`);
    for (const { field, path, focus, text } of typed) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await page.addInitScript({ content: watchEvents });
      await page.goto(server.url + path, { waitUntil: 'networkidle' });
      await page.waitForTimeout(2000);
      await focus(page);
      await page.evaluate('keyEvents.length = 0');
      await page.keyboard.type(text, { delay: 60 });
      await page.waitForTimeout(600);
      const events = (await page.evaluate('keyEvents')) as [string, number, number][];
      const ofKeys = events.filter(([name]) => keys.has(name));
      const ms = ofKeys.map(([, took]) => took);
      const seen = Math.max(0, ...ofKeys.map(([, , until]) => until));
      console.log(
        `  ${field.padEnd(20)} longest ${Math.max(0, ...ms).toFixed(0)}, over ${mostMs}: ${ms.filter((each) => each > mostMs).length} of ${text.length} letters; longest until seen ${seen}`,
      );
      await page.close();
    }
  } finally {
    await browser.close();
    await server.stop();
  }
}
