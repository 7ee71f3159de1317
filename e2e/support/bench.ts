import { expect, type Page } from '@playwright/test';

/** Puts one recipe on models of its own on the bench, and waits until its first step is shown. */
export async function layRecipe(
  page: Page,
  url: string,
  recipe: string,
  models: number,
): Promise<void> {
  await page.goto(`${url}/bench?recipe=${recipe}`);
  await page.getByLabel('Models', { exact: true }).fill(String(models));
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await stepIsShown(page);
}

/** Puts the first models of a unit of the sample army on the bench. */
export async function layUnit(page: Page, url: string, unit: string, last: number): Promise<void> {
  await page.goto(`${url}/bench`);
  await page.getByText(/^Models: /).click();
  await page.getByRole('combobox', { name: /^Unit/ }).selectOption(unit);
  await page.getByRole('textbox', { name: /^to model/ }).fill(String(last));
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await stepIsShown(page);
}

const stepIsShown = (page: Page) =>
  expect(page.getByRole('img', { name: 'The surface as it should be now' })).toBeVisible();

export const now = (page: Page) => page.getByRole('region', { name: 'Now' });
export const done = (page: Page) => page.getByRole('button', { name: /^Done (all|model)/ });
export const which = (page: Page) => now(page).getByRole('heading', { level: 2 });

/**
 * Longer than two presses that count as one: the page's own clock goes on, nobody waits. Its clock
 * is taken in hand before the page is opened, by `page.clock.install`.
 */
export const later = (page: Page) => page.clock.fastForward(700);

/** Presses done, and waits for the step that comes next. */
export async function paint(page: Page): Promise<void> {
  const before = await now(page).innerText();
  await later(page);
  await done(page).click();
  await expect
    .poll(() =>
      now(page)
        .innerText()
        .catch(() => ''),
    )
    .not.toBe(before);
}

interface Kept {
  sequence: number;
  entry: {
    id: string;
    order: number;
    kind: string;
    coat?: number;
    of?: string;
    line?: number;
    where?: { models: number[]; surfaceId: string; unitId: string };
    benchId?: string;
  };
}

/** The models and lines of the coats in the log that count, as “1: 1,2,3”, in the order they were written. */
export async function coatsCounted(page: Page, url: string): Promise<string[]> {
  const log = await logOf(page, url);
  const struck = new Set<string | undefined>();
  for (const { id, kind, of } of log.sort((one, other) => other.order - one.order))
    if (kind === 'strike' && !struck.has(id)) struck.add(of);
  return log.flatMap(({ id, kind, where, line }) =>
    kind === 'coat' && !struck.has(id) ? [`${line}: ${where?.models.join()}`] : [],
  );
}

/** The log as the server has it, without what the sample world has painted before. */
export async function logOf(page: Page, url: string): Promise<Kept['entry'][]> {
  const { items } = (await (await page.request.get(`${url}/api/log`)).json()) as { items: Kept[] };
  return items.map(({ entry }) => entry).filter(({ id }) => !/^drummer-\d+$/.test(id));
}
