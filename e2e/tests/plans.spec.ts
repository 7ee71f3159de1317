import { dayName, sampleEvenings } from '../support/sampleEvenings';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import ICAL from 'ical.js';
import { expect, test } from '../support/test';

const summary = (page: Page) => page.getByRole('list', { name: 'Summary of the plan' });
const openSetup = (page: Page) => page.getByText(/· \d+ sessions?$/).click();

for (const [plan, painters] of [
  ['All of it, alone', 1],
  ['All of it, three at the club', 3],
] as const)
  test(`the whole Levy over club evenings for ${painters} painting`, async ({ page, demo }) => {
    await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
    await page.getByLabel('Plan', { exact: true }).selectOption(plan);
    await expect(summary(page)).toContainText(
      /at the table, [\d.]+ % above the shortest possible/,
      {},
    );
    await expect(summary(page)).not.toContainText('have no room');
    await expect(page.getByRole('img', { name: /^Timetable/ }).first()).toBeVisible();
    await expect(page.getByRole('list', { name: /^What .* does$/ })).toHaveCount(painters);
    await page
      .getByText(/^To prepare: \d+ paints?/)
      .first()
      .click();
    await expect(page.getByText(/ ml/).first()).toBeVisible();
  });

test('the timetable goes out as iCalendar and a parser reads it back', async ({ page, demo }) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await expect(summary(page)).toContainText('at the table');
  const read = async (button: string) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const file = await download;
    expect(file.suggestedFilename()).toBe('Ferry crew, three evenings.ics');
    const calendar = new ICAL.Component(ICAL.parse(readFileSync(await file.path(), 'utf8')));
    return calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  };
  const jobs = await read('Calendar of every job');
  const listed = await page
    .getByRole('list', { name: /^What .* does$/ })
    .getByRole('listitem')
    .count();
  const evenings = [3, 10, 17].map((day) => Date.UTC(2026, 11, day, 18));
  const during = (event: ICAL.Event) =>
    evenings.some(
      (begins) =>
        event.startDate.toJSDate().getTime() >= begins &&
        event.endDate.toJSDate().getTime() <= begins + 150 * 60_000,
    );
  expect(jobs.length).toBeGreaterThanOrEqual(listed);
  expect(jobs.filter((event) => !during(event))).toEqual([]);
  expect(jobs[0].summary).toMatch(/^(Wil|Hesper): .*, Ferry Crew, models? /);
  expect(jobs[0].description).toContain('Dry at');
  const sessions = await read('Calendar of sessions');
  expect(sessions.length).toBeGreaterThan(1);
  expect(sessions.every((event) => event.duration.toSeconds() === 150 * 60)).toBe(true);
  expect(sessions[0].description).toContain('Ferry Crew');
});

test('a plan is begun, and what cannot be is said at its field', async ({ page, demo }) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await page.getByRole('button', { name: 'Begin another plan' }).click();
  const form = page.getByRole('form', { name: 'Edit Plan 4' });
  await form.getByLabel('Lasts').fill('0');
  await expect(
    form.getByText('0 is not right: it should be a whole number from 1 to 1,440.'),
  ).toBeVisible();
  await form.getByLabel('Lasts').fill('90');
  await form.getByRole('button', { name: 'Add a session' }).click();
  await form
    .getByLabel('Begins')
    .nth(1)
    .fill(await form.getByLabel('Begins').first().inputValue());
  await expect(form.getByText(/should be a time when no other session is going on/)).toBeVisible();
  await form
    .getByRole('button', { name: /^Remove the session/ })
    .nth(1)
    .click();

  await form.getByRole('button', { name: 'Add a painter' }).click();
  for (const name of ['Painter 1', 'Painter 2']) {
    await form.getByText(`Models only ${name} paints`).click();
    await form
      .getByRole('group')
      .filter({ hasText: `Models only ${name} paints` })
      .last()
      .getByRole('button', { name: 'Add models' })
      .click();
  }
  await expect(form.getByRole('alert')).toContainText(
    'models that Painter 1 does not claim too; model 1 would be painted by both',
  );
  await form.getByRole('button', { name: 'Remove Painter 2' }).click();
  await expect(form.getByRole('alert')).toHaveCount(0);

  await form.getByLabel('A hair dryer between coats').check();
  await expect(form.getByRole('note')).toContainText('Never near solvents');
  await expect(summary(page)).toContainText('coats have no room in these sessions');
  await page.reload();
  await openSetup(page);
  await expect(page.getByRole('form', { name: 'Edit Plan 4' }).getByLabel('Lasts')).toHaveValue(
    '90',
  );
});

test('after an evening that went otherwise it is planned on from there', async ({ page, demo }) => {
  const { names } = await sampleEvenings(page, demo.url);
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await expect(summary(page)).toContainText('at the table');
  await expect(
    page.getByRole('heading', { name: new RegExp(`^${names[0]}`), level: 2 }),
  ).toBeVisible();
  await page
    .getByText(/^Evening over/)
    .first()
    .click();
  const crew = page.getByRole('region', { name: 'Ferry Crew' }).first();
  await crew.getByRole('button', { name: 'Nothing', exact: true }).click();
  const surface = crew.getByRole('combobox').first();
  await expect(surface).toHaveValue('0');
  await surface.selectOption('1');
  await crew.getByText('By the coat').first().click();
  const first = crew.getByRole('textbox', { name: /painted/ }).first();
  await expect(first).not.toHaveValue('0');
  await first.fill('99');
  // More than were planned cannot have been painted.
  await expect(first).not.toHaveValue('99');
  await page.getByRole('button', { name: 'Record it and plan on', exact: true }).first().click();
  await expect(
    page.getByRole('heading', { name: new RegExp(`^${names[0]}`), level: 2 }),
  ).toBeHidden({});
  await expect(
    page.getByRole('heading', { name: new RegExp(`^${names[1]}`), level: 2 }),
  ).toBeVisible();
  await openSetup(page);
  await expect(page.getByRole('button', { name: / · over$/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(
    page.getByRole('heading', { name: new RegExp(`^${names[0]}`), level: 2 }),
  ).toBeVisible({});
});

test('on a phone a session is planned and read', async ({ page, demo }) => {
  await page.setViewportSize({ width: 360, height: 780 });
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await expect(summary(page)).toContainText('at the table');
  await openSetup(page);
  await page.getByLabel('Speed').first().fill('2');
  await expect(page.getByRole('list', { name: 'What Wil does' })).toBeVisible();
  const overhang = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overhang).toBe(0);
});

test('a plan is written with the keyboard alone', async ({ page, demo }) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy`);
  const { keyboard } = page;
  await page.getByRole('link', { name: 'Plan', exact: true }).focus();
  await keyboard.press('Enter');
  await page.getByRole('button', { name: 'Begin another plan' }).focus();
  await keyboard.press('Space');
  const form = page.getByRole('form', { name: 'Edit Plan 4' });
  await form.getByLabel('Plan called').focus();
  await keyboard.press('Control+a');
  await keyboard.type('Muster');
  await keyboard.press('Tab');
  await expect(page.getByRole('form', { name: 'Edit Muster' }).getByLabel('Room')).toBeFocused();
  await keyboard.type('cold');
  await page.getByRole('button', { name: 'Models to paint' }).focus();
  await keyboard.press('Enter');
  await keyboard.press('Tab');
  await keyboard.press('Enter');
  await expect(page.getByText('Models to paint: Dike Watch')).toBeVisible();
  await page.getByLabel('Lasts').focus();
  await keyboard.press('Control+a');
  await keyboard.type('600');
  await expect(page.getByRole('list', { name: /^What Painter 1 does$/ })).toBeVisible({});
});

test.describe('where clocks are put back', () => {
  test.use({ timezoneId: 'Europe/Berlin' });

  test('the club meets at seven before and after, and both moments are kept', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
    await page.getByRole('button', { name: 'Begin another plan' }).click();
    const form = page.getByRole('form', { name: 'Edit Plan 4' });
    await form.getByLabel('Begins').fill('2026-10-22T19:00');
    await form.getByRole('button', { name: 'Add a session' }).click();
    await expect(form.getByLabel('Begins').nth(1)).toHaveValue('2026-10-29T19:00');
    const kept = async () => {
      const army = await (await page.request.get(`${demo.url}/api/armies/lanternfen-levy`)).json();
      const sessions = army.content.plans.at(-1).sessions as { startsAt: string }[];
      return sessions.map(({ startsAt }) => startsAt);
    };
    await expect.poll(kept).toEqual(['2026-10-22T17:00:00.000Z', '2026-10-29T18:00:00.000Z']);
  });
});

test('it says when it will be done; too late, a way out is taken, and the plan is kept', async ({
  page,
  demo,
}) => {
  const { names, starts } = await sampleEvenings(page, demo.url);
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  const answer = page.getByRole('region', { name: 'When it will be done' });
  await expect(answer.getByRole('status')).toContainText(`It will be done on ${names[2]}`);
  const between = new Date(starts[1].getTime() + 2 * 24 * 60 * 60_000);
  await page.getByLabel('To be done by').fill(between.toISOString().slice(0, 10));
  await expect(answer.getByRole('status')).toContainText(`By ${dayName(between)} there are 2.`);
  await answer.getByRole('button', { name: 'What would help?' }).click();
  const ways = page.getByRole('list', { name: 'Ways to be done sooner' });
  await expect(ways.getByRole('listitem').first()).toContainText(`done on ${names[1]}`);
  await ways
    .getByRole('button', { name: 'Take it: Everything to rank and file standard for now' })
    .click();
  await expect(answer.getByRole('status')).toContainText(`It will be done on ${names[1]}`);
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByText(/^Kept since/)).toBeVisible();
  await page.getByRole('button', { name: 'Hesper does not come' }).first().click();
  await expect(page.getByText(/^It is (still )?done on/)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.reload();
  await expect(page.getByText(/^Kept since/)).toBeVisible();
  await expect(page.getByText('Everything to rank and file standard for now')).toBeHidden();
});

test('evenings of every week go in at once, and who comes is ticked for each by itself', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await openSetup(page);
  const inAMonth = new Date(Date.now() + 30 * 24 * 60 * 60_000).toISOString().slice(0, 10);
  await page.getByLabel('until').fill(inAMonth);
  const put = page.getByRole('button', { name: /^Add \d+ evenings$/ });
  const count = Number((await put.innerText()).match(/\d+/)?.[0]);
  expect(count).toBeGreaterThan(4);
  await put.click();
  await expect(page.getByText(`· ${count + 3} sessions`)).toBeVisible();
  for (const place of [0, 1])
    await page
      .getByRole('button', { name: /to 20:30 · / })
      .nth(place)
      .click();
  const second = page.getByRole('group', { name: 'Who comes' }).nth(1);
  await second.getByText('Wil', { exact: true }).click();
  await expect(second.getByRole('checkbox', { name: 'Wil' })).not.toBeChecked();
  await expect(
    page.getByRole('group', { name: 'Who comes' }).first().getByRole('checkbox', { name: 'Wil' }),
  ).toBeChecked();
});
