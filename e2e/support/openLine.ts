import { expect, type Page } from '@playwright/test';

/** Opens what stands under "More" of the line that is open. */
export async function openMore(page: Page) {
  const more = page
    .getByRole('form', { name: /^Edit line/ })
    .getByRole('button', { name: /^More: / });
  // It stays open for the next line and after a reload.
  if ((await more.getAttribute('aria-expanded')) === 'false') await more.click();
  await expect(more).toHaveAttribute('aria-expanded', 'true');
}
