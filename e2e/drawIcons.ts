import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumOptions } from './support/browser';

/** Draws the icons of the installed pages anew from the mark: `npx tsx e2e/drawIcons.ts`. */
const folder = resolve(import.meta.dirname, '../web/public');
const mark = readFileSync(resolve(folder, 'mark.svg'), 'utf8');
const ground = '#d9d6cc';

/** Of a maskable icon only the middle four fifths are sure to be seen. */
const icons = [
  { name: '192', size: 192, share: 1 },
  { name: '512', size: 512, share: 1 },
  { name: '512-maskable', size: 512, share: 0.62 },
  { name: '180-touch', size: 180, share: 0.76 },
];

const browser = await chromium.launch(chromiumOptions);
for (const { name, size, share } of icons) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(
    `<body style="margin:0;display:grid;place-items:center;height:100vh;${share < 1 ? `background:${ground}` : ''}">
       <div style="width:${share * 100}%">${mark}</div></body>`,
  );
  await page.screenshot({
    path: resolve(folder, 'icons', `${name}.png`),
    omitBackground: share === 1,
  });
  await page.close();
}
await browser.close();
