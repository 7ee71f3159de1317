import type { Page } from '@playwright/test';

/** The evenings of the sample's plan for the ferry crew, as the page names days; they lie ahead of today. */
export async function sampleEvenings(page: Page, url: string): Promise<SampleEvenings> {
  const { content } = await (await page.request.get(`${url}/api/armies/lanternfen-levy`)).json();
  const plans = content.plans as { id: string; sessions: { startsAt: string }[] }[];
  const starts = (plans.find(({ id }) => id === 'ferry-evenings')?.sessions ?? []).map(
    ({ startsAt }) => new Date(startsAt),
  );
  return { starts, names: starts.map(dayName) };
}

export interface SampleEvenings {
  starts: Date[];
  names: string[];
}

/** @example dayName(new Date('2026-12-03T18:00Z')) // → 'Thursday 3 December' */
export const dayName = (date: Date): string =>
  date
    .toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })
    .replace(',', '');
