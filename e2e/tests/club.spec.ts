import type { Page } from '@playwright/test';
import { violationsOn } from '../support/axe';
import { done } from '../support/bench';
import { comeIn, ownBrowser, startSampleClub, type SampleClub } from '../support/club';
import { startServer } from '../support/ledgerServer';
import { expect, test } from '../support/test';
import { Secret, TOTP } from 'otpauth';

const board = (page: Page) => page.getByRole('region', { name: 'This evening' });
const atTheTable = (page: Page, name: string) =>
  board(page).getByRole('listitem').filter({ hasText: name }).first();

/** Every entry the server has that one of them painted this evening, once each. */
async function paintedBy(page: Page, club: SampleClub, name: string): Promise<string[]> {
  const answer = await page.request.get(`${club.url}/api/log`);
  const { items } = (await answer.json()) as {
    items: { entry: { id: string; kind: string; by?: string } }[];
  };
  return items
    .filter(({ entry }) => entry.kind === 'coat' && entry.by === name)
    .map(({ entry }) => entry.id);
}

/** Gives the passphrase once more, as weighty acts ask for it. */
async function giveOnceMore(page: Page, club: SampleClub, name: string): Promise<void> {
  const dialog = page.getByRole('dialog', { name: 'Your passphrase, once more' });
  await dialog.getByLabel('Passphrase').fill('not that one');
  await dialog.getByRole('button', { name: 'Go on' }).click();
  await expect(dialog.getByText('That is not your passphrase.')).toBeVisible();
  await dialog.getByLabel('Passphrase').fill(club.passphrases.get(name) ?? '');
  await dialog.getByRole('button', { name: 'Go on' }).click();
  await expect(dialog).toBeHidden();
}

/** Presses done at a bench, once what is wet there has dried. */
async function press(page: Page): Promise<void> {
  await page.clock.fastForward('40:00');
  await done(page).click();
}

test('an evening: what one paints shows with the others, who was away catches up, nothing is lost or doubled', async ({
  browser,
}) => {
  const club = await startSampleClub();
  try {
    const ottoline = await comeIn(browser, club, 'Ottoline');
    const wren = await comeIn(browser, club, 'Wren', { viewport: { width: 360, height: 740 } });
    const barnaby = await comeIn(browser, club, 'Barnaby');
    const sedge = await comeIn(browser, club, 'Sedge', { isShared: true });
    await ottoline.goto(`${club.url}/club/evening`);
    await expect(atTheTable(ottoline, 'Wren')).toContainText('18 coats this evening');

    for (const page of [wren, barnaby, sedge]) await page.clock.install();
    await wren.goto(`${club.url}/bench/evening-wren`);
    await expect(done(wren)).toBeEnabled();
    await press(wren);
    await expect(atTheTable(ottoline, 'Wren')).toContainText('24 coats this evening');
    await expect(atTheTable(ottoline, 'Wren')).toContainText('now');

    // Two who take up the same models are told before both have paint on them.
    await barnaby.goto(`${club.url}/bench/evening-wren`);
    await expect(barnaby.getByRole('status').filter({ hasText: 'Wren paints' })).toBeVisible();
    await barnaby.getByRole('button', { name: /^I’ll paint/ }).click();
    await expect(barnaby.getByText(/Wren is painting model .* already/)).toBeVisible();

    // On the shared tablet one press says who paints.
    await sedge.goto(`${club.url}/bench/evening-sedge`);
    await expect(done(sedge)).toBeEnabled();
    await sedge.context().setOffline(true);
    await press(sedge);
    await expect(sedge.getByText(/The server does not answer. Carry on/)).toBeVisible();
    await sedge.getByRole('button', { name: 'Barnaby', exact: true }).click();
    await press(sedge);
    await press(wren);
    await expect(atTheTable(ottoline, 'Wren')).toContainText('30 coats this evening');
    await sedge.context().setOffline(false);
    await sedge.clock.fastForward(60_000);
    await expect(atTheTable(ottoline, 'Sedge')).toContainText('14 coats this evening');
    await expect(atTheTable(ottoline, 'Barnaby')).toContainText('15 coats this evening');
    for (const [name, coats] of [
      ['Wren', 5],
      ['Sedge', 2],
      ['Barnaby', 3],
    ] as const) {
      const ids = await paintedBy(ottoline, club, name);
      expect(ids).toHaveLength(coats);
      expect(new Set(ids).size).toBe(coats);
    }

    // The entries the tablet missed are there, too.
    await sedge.goto(`${club.url}/club/evening`);
    await expect(atTheTable(sedge, 'Wren')).toContainText('30 coats this evening');
  } finally {
    await club.stop();
  }
});

test('a painter proposes a recipe to the club, a manager approves it, and no army changes', async ({
  browser,
}) => {
  const club = await startSampleClub();
  try {
    const ottoline = await comeIn(browser, club, 'Ottoline');
    const wren = await comeIn(browser, club, 'Wren');
    await wren.goto(`${club.url}/recipes/copper-helm`);
    await expect(wren.getByText('The club’s', { exact: true })).toBeVisible();
    await expect(wren.getByLabel('Recipe', { exact: true })).toBeDisabled();
    await wren.getByRole('link', { name: 'Versions' }).click();
    await wren.getByLabel('Name of a new variant').fill('Copper, brighter');
    await wren.getByRole('button', { name: 'Copy as a variant' }).click();
    await expect(wren.getByText('Yours alone')).toBeVisible();
    await wren.getByRole('link', { name: 'Propose it to the club' }).click();
    await wren
      .getByLabel('Propose it as')
      .selectOption({ label: 'the next version of Copper diving helm' });
    await wren.getByLabel(/Why is it better/).fill('as it was, to begin with');
    await wren.getByRole('button', { name: 'Propose it', exact: true }).click();
    await expect(wren.getByRole('heading', { name: /Copper, brighter/ })).toBeVisible();
    await wren.getByLabel('A remark on all of it').fill('Look at line two');
    await wren.getByRole('button', { name: 'Remark', exact: true }).click();
    await expect(wren.getByText('Look at line two')).toBeVisible();

    await ottoline.goto(`${club.url}/club/proposals`);
    await ottoline.getByRole('link', { name: 'Quick yellow' }).click();
    await expect(ottoline.getByText(/They differ most at the/)).toBeVisible();
    await expect(ottoline.getByRole('region', { name: 'Painted by it until now' })).toContainText(
      'Dike Watch',
    );
    await ottoline.getByRole('button', { name: 'Approve: make it a club version' }).click();
    await expect(ottoline.getByText(/Approved as version \d+ by/)).toBeVisible();

    // The painter sees it without asking for it; the army stands on what it stood on.
    await wren.getByRole('link', { name: 'All proposals' }).click();
    await expect(wren.getByText('approved as version 2')).toBeVisible();
    await wren.goto(`${club.url}/armies/lanternfen-levy/changes`);
    await expect(wren.getByRole('heading', { name: /Dike Watch.*20 on version 1/ })).toBeVisible();
  } finally {
    await club.stop();
  }
});

test('who is put out with writes waiting is told, and has them still', async ({ browser }) => {
  const club = await startSampleClub();
  try {
    const ottoline = await comeIn(browser, club, 'Ottoline');
    const barnaby = await comeIn(browser, club, 'Barnaby');
    await barnaby.clock.install();
    await barnaby.goto(`${club.url}/bench/evening-barnaby`);
    await expect(done(barnaby)).toBeEnabled();
    await barnaby.context().setOffline(true);
    await press(barnaby);
    await expect(barnaby.getByText(/The server does not answer. Carry on/)).toBeVisible();

    await ottoline.goto(`${club.url}/club`);
    const row = ottoline.getByRole('listitem').filter({ hasText: 'Barnaby' });
    await row.getByRole('button', { name: 'Remove …' }).click();
    await row.getByRole('button', { name: 'Remove Barnaby from the club' }).click();
    await giveOnceMore(ottoline, club, 'Ottoline');
    await expect(row).toHaveCount(0);

    await barnaby.context().setOffline(false);
    await barnaby.clock.fastForward(60_000);
    await expect(barnaby.getByText('This device is not in the club any more')).toBeVisible();
    await expect(barnaby.getByText(/1 thing you did could not be sent. It is kept/)).toBeVisible();
    const ids = await paintedBy(ottoline, club, 'Barnaby');
    expect(ids).toHaveLength(0);
  } finally {
    await club.stop();
  }
});

test('one-time codes: turned on by a phone, asked for at the door, and a recovery code in their place', async ({
  browser,
}) => {
  const club = await startSampleClub();
  try {
    const wren = await comeIn(browser, club, 'Wren');
    await wren.goto(`${club.url}/club/devices`);
    const codes = wren.getByRole('region', { name: 'One-time codes' });
    await codes.getByRole('button', { name: 'Turn on one-time codes …' }).click();
    await giveOnceMore(wren, club, 'Wren');
    const secret = Secret.fromBase32(await codes.getByLabel('The key').inputValue());
    const codeNow = () => new TOTP({ secret }).generate();
    await codes.getByLabel('Code the app shows now').fill('000000');
    await codes.getByRole('button', { name: 'Turn on' }).click();
    await expect(codes.getByText(/That is not the code/)).toBeVisible();
    await codes.getByLabel('Code the app shows now').fill(codeNow());
    await codes.getByRole('button', { name: 'Turn on' }).click();
    const listed = codes.getByRole('list', { name: 'Recovery codes' }).getByRole('listitem');
    await expect(listed).toHaveCount(10);
    expect(await violationsOn(wren)).toEqual([]);
    const [recoveryCode] = await listed.allTextContents();
    await codes.getByRole('button', { name: 'I have kept them' }).click();
    await expect(codes.getByText('Recovery codes left: 10.')).toBeVisible();

    const phone = await ownBrowser(browser, { viewport: { width: 360, height: 740 } });
    await phone.goto(club.url);
    await phone.getByLabel('Name').fill('Wren');
    await phone.getByLabel('Passphrase', { exact: true }).fill(club.passphrases.get('Wren') ?? '');
    await phone.getByRole('button', { name: 'Log in' }).click();
    const code = phone.getByLabel('Code from your authenticator app');
    await expect(code).toBeFocused();
    await code.fill('111111');
    await phone.getByRole('button', { name: 'Log in' }).click();
    await expect(phone.getByText(/That is not the code/)).toBeVisible();
    await code.fill(recoveryCode.toLowerCase());
    await code.press('Enter');
    await expect(phone.getByRole('link', { name: 'To the page' })).toBeAttached();
    await wren.reload();
    await expect(codes.getByText('Recovery codes left: 9.')).toBeVisible();
  } finally {
    await club.stop();
  }
});

test('what is mine is opened to one member, taken back on one page, and a guest is offered nothing', async ({
  browser,
}) => {
  const club = await startSampleClub();
  try {
    const barnaby = await comeIn(browser, club, 'Barnaby');
    await barnaby.goto(`${club.url}/shelf`);
    await barnaby.getByRole('button', { name: 'Add a pot' }).click();
    const editor = barnaby.getByRole('form', { name: 'New pot' });
    await editor.getByLabel('Name').fill('Barnaby’s own blue');
    await editor.getByRole('button', { name: 'Done' }).click();

    const wren = await comeIn(browser, club, 'Wren');
    await wren.goto(`${club.url}/shelf`);
    await expect(wren.getByRole('button', { name: 'Lampsoot Primer', exact: true })).toBeVisible();
    const hers = wren.getByRole('button', { name: 'Barnaby’s own blue', exact: true });
    await expect(hers).toBeHidden();

    await barnaby.getByRole('button', { name: 'Barnaby’s own blue', exact: true }).click();
    await barnaby.getByRole('button', { name: 'Choose who sees it' }).click();
    await barnaby.getByLabel('Wren').selectOption('may look at it');
    await expect(barnaby.getByText('Yours, shown to 1 member')).toBeVisible();
    await expect(hers).toBeVisible();

    await barnaby.goto(`${club.url}/club/who-sees`);
    const shown = barnaby.getByRole('list', { name: 'My pots, shown' });
    await expect(shown).toContainText('Wren');
    await shown.getByRole('button', { name: 'Keep it to yourself' }).click();
    await expect(shown.getByRole('listitem')).toHaveCount(0);
    await expect(hers).toBeHidden();

    const marsh = await comeIn(browser, club, 'Marsh');
    for (const path of ['recipes', 'shelf', 'armies', 'bench', 'palette']) {
      await marsh.goto(`${club.url}/${path}`);
      await expect(marsh.getByRole('note')).toContainText('You are a guest');
      await expect(
        marsh.getByRole('button', {
          name: /^(New recipe|Archive|Duplicate|Add a|Remove|Write a new|Put it on)/,
        }),
      ).toHaveCount(0);
    }
  } finally {
    await club.stop();
  }
});

test('a ledger becomes a club by one link, lets somebody in by another, and each works once', async ({
  browser,
}) => {
  const server = await startServer({ club: true });
  const link = () => /(https:\/\/\S+\/come-in#\S+)/.exec(server.said())?.[1];
  try {
    await expect.poll(link).toBeTruthy();
    const keeper = await ownBrowser(browser);
    await keeper.goto(link()!);
    await keeper.getByLabel('Name the others know you by').fill('Hesper');
    await keeper.getByLabel(/^Passphrase/).fill('short');
    await keeper.getByRole('button', { name: 'Join' }).click();
    await expect(keeper.getByText(/at least 12 characters/)).toBeVisible();
    await keeper.getByLabel(/^Passphrase/).fill('herons over the sluice');
    await keeper.getByRole('button', { name: 'Join' }).click();
    await keeper.getByRole('link', { name: 'Club', exact: true }).click();
    await keeper.getByRole('button', { name: 'Make a link' }).click();
    const invitation = await keeper.getByLabel('The link', { exact: true }).inputValue();

    const painter = await ownBrowser(browser, { viewport: { width: 360, height: 740 } });
    await painter.goto(invitation);
    await painter.getByLabel('Name the others know you by').fill('hesper');
    await painter.getByLabel(/^Passphrase/).fill('reeds under the lantern');
    await painter.getByRole('button', { name: 'Join' }).click();
    await expect(painter.getByText(/or one that looks like it/)).toBeVisible();
    await painter.getByLabel('Name the others know you by').fill('Odo');
    await painter.getByRole('button', { name: 'Join' }).click();
    await expect(painter.getByRole('link', { name: 'To the page' })).toBeAttached();
    await expect(keeper.getByText('Odo', { exact: true })).toBeVisible();

    const late = await ownBrowser(browser);
    await late.goto(invitation);
    await expect(late.getByText(/This link lets nobody in/)).toBeVisible();
    await late.getByLabel('Name', { exact: true }).fill('Odo');
    await late.getByLabel('Passphrase', { exact: true }).fill('reeds under the lamp');
    await late.getByRole('button', { name: 'Log in' }).click();
    await expect(
      late.getByText('This name and this passphrase do not belong together.'),
    ).toBeVisible();
  } finally {
    await server.stop();
  }
});

test('a ledger of one’s own goes into a club and back out, over kill -9, and who is in stays in', async ({
  browser,
}) => {
  const firstLinkOf = (said: string) => /(https:\/\/\S+\/come-in#\S+)/.exec(said)?.[1];
  const alone = await startServer();
  const { dataFolder } = alone;
  const own = await ownBrowser(browser);
  await own.goto(`${alone.url}/shelf`);
  await own.getByRole('button', { name: 'Open the example collection', exact: true }).click();
  await expect(own.getByRole('button', { name: 'Peat', exact: true })).toBeVisible();
  await alone.kill();

  let club = await startServer({ dataFolder, club: true });
  try {
    await expect.poll(() => firstLinkOf(club.said())).toBeTruthy();
    const keeper = await ownBrowser(browser);
    await keeper.goto(firstLinkOf(club.said())!);
    await expect(keeper.getByText(/The ledger holds 18 recipes/)).toBeVisible();
    await keeper.getByLabel('Name the others know you by').fill('Hesper');
    await keeper.getByLabel(/^Passphrase/).fill('herons over the sluice');
    await keeper.getByRole('button', { name: 'Join' }).click();
    await keeper.getByRole('link', { name: 'Shelf', exact: true }).click();
    await keeper.getByRole('button', { name: 'Peat', exact: true }).click();
    await expect(keeper.getByText('Yours alone')).toBeVisible();
    const port = Number(new URL(club.url).port);
    await club.kill();
    club = await startServer({ dataFolder, club: true, port });
    expect(firstLinkOf(club.said())).toBeUndefined();
    await keeper.goto(`${club.url}/recipes/copper-helm`);
    await expect(keeper.getByText('Yours alone')).toBeVisible();
  } finally {
    await club.stop();
  }

  const again = await startServer({ dataFolder });
  try {
    const page = await ownBrowser(browser);
    await page.goto(`${again.url}/recipes/copper-helm`);
    await expect(page.getByLabel('Recipe', { exact: true })).toBeEnabled();
    await expect(page.getByText('Yours alone')).toHaveCount(0);
  } finally {
    await again.stop();
  }
});

test('every screen of a club is for everybody: light, dark, and on a phone', async ({
  browser,
}) => {
  const club = await startSampleClub();
  try {
    const outside = await ownBrowser(browser);
    for (const path of ['/', '/trust', '/come-in#nobody-has-this']) {
      await outside.goto(club.url + path);
      await expect(outside.getByRole('heading', { level: 1 })).toBeVisible();
      expect(await violationsOn(outside)).toEqual([]);
      await outside.goto('about:blank');
    }
    const page = await comeIn(browser, club, 'Ottoline');
    const screens: [string, () => Promise<void>][] = [
      ['/club', () => expect(page.getByText('Ottoline', { exact: true }).first()).toBeVisible()],
      ['/club/evening', () => expect(board(page)).toBeVisible()],
      ['/club/devices', () => expect(page.getByText('(this one)')).toBeVisible()],
      [
        '/club/who-sees',
        () => expect(page.getByText('yours alone until you show it')).toBeVisible(),
      ],
      ['/club/trail', () => expect(page.getByText('logged in').first()).toBeVisible()],
      [
        '/club/proposals',
        async () => {
          await page.getByRole('link', { name: 'Quick yellow' }).click();
          await expect(page.getByText(/They differ most at the/)).toBeVisible();
        },
      ],
      ['/bench/evening-wren', () => expect(done(page)).toBeEnabled()],
      [
        '/armies/lanternfen-levy/paint',
        () => expect(page.getByRole('region', { name: 'Pots of the army' })).toBeVisible(),
      ],
    ];
    for (const [path, ready] of screens) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(club.url + path);
      await ready();
      expect(await violationsOn(page), path).toEqual([]);
      await page.evaluate(() => (document.documentElement.dataset.bsTheme = 'dark'));
      expect(await violationsOn(page, { runOnly: ['color-contrast'] }), `${path}, dark`).toEqual(
        [],
      );
      await page.setViewportSize({ width: 360, height: 740 });
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: path })
        .toBeLessThanOrEqual(360);
    }
  } finally {
    await club.stop();
  }
});
