import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type axe from 'axe-core';

const axeSource = readFileSync(
  createRequire(import.meta.url).resolve('axe-core/axe.min.js'),
  'utf8',
);

/** Faults that keep somebody from using a page who does not see it, or has no mouse. */
export async function violationsOn(page: Page, options: axe.RunOptions = {}): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource);
  const { violations } = await page.evaluate(
    (run) => (window as unknown as { axe: typeof axe }).axe.run(run),
    { ...options, resultTypes: ['violations' as const] },
  );
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}
