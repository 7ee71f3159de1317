/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, screen } from '@testing-library/react';
import type { Owned } from '../../data/club/clubSchemas';
import { answered, houseServer, renderInClub, sitHere } from '../../testing/inClub';
import { UnlessMine } from './UnlessMine';
import { WhoseBar } from './WhoseBar';

const owned = (memberId: string, isShared = false): Owned => ({
  kind: 'recipes',
  id: 'r',
  memberId,
  isShared,
});
const bar = <WhoseBar kind="recipes" id="r" />;
const buttons = () => screen.queryAllByRole('button').map(({ textContent }) => textContent);

test('a painter sees whose it is, and what they may make of it', async () => {
  await sitHere('painter');
  const { container, unmount } = await renderInClub('painter', [owned('me')], bar);
  expect(container.textContent).toContain('Yours alone');
  // It becomes the club’s by a proposal: it cannot be given.
  expect(buttons()).toEqual(['Show it to the club', 'Choose who sees it']);
  unmount();
  const shown = await renderInClub('painter', [owned('wren', true)], bar);
  expect(shown.container.textContent).toContain('Wren’s');
  expect(buttons()).toEqual([]);
  shown.unmount();
  const clubServer = await renderInClub('painter', [], bar);
  expect(clubServer.container.textContent).toBe('The club’s');
});

test('a manager gives what is theirs to the club, and takes what is the club’s', async () => {
  await sitHere('keeper');
  const { unmount } = await renderInClub('keeper', [owned('me', true)], bar);
  expect(buttons()).toEqual(['Show it to nobody', 'Give it to the club']);
  unmount();
  await renderInClub('keeper', [], bar);
  expect(buttons()).toEqual(['Make it mine']);
});

test('what stands under it is told when it is shown along', async () => {
  await sitHere('painter');
  const server = houseServer({
    'PUT /owners/recipes/r': { body: { along: ['below'] } },
    'GET /owners': { body: { items: [owned('me', true)] } },
  });
  await renderInClub('painter', [owned('me')], bar);
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Show it to the club' }));
    await answered();
  });
  expect(server.asked[0]).toEqual({
    method: 'PUT',
    path: '/owners/recipes/r',
    body: { is: 'shared' },
  });
  expect(await screen.findByText('Yours, shown to the club')).toBeTruthy();
});

test('what is refused is said, and nothing else is shown for it', async () => {
  await sitHere('painter');
  houseServer({
    'PUT /owners/recipes/r': {
      status: 403,
      body: { error: { code: 'not-yours', message: 'That is not yours to do in this club.' } },
    },
  });
  await renderInClub('painter', [owned('me')], bar);
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Show it to the club' }));
    await answered();
  });
  expect(await screen.findByText(/not yours to do/)).toBeTruthy();
  expect(screen.getByText('Yours alone')).toBeTruthy();
});

test.each([
  ['painter', [], true],
  ['keeper', [], false],
  ['painter', [owned('me')], false],
  ['keeper', [owned('wren', true)], true],
] as const)('fields of a %s on what belongs to %j take nothing: %s', async (role, owners, is) => {
  await sitHere(role);
  const part = (
    <UnlessMine kind="recipes" id="r">
      <input aria-label="Name" />
    </UnlessMine>
  );
  await renderInClub(role, [...owners], part);
  const fieldset = screen.getByLabelText('Name').closest('fieldset');
  expect(fieldset?.disabled).toBe(is);
});

test('what is one’s own is opened to some, to look at or to change, and taken back', async () => {
  await sitHere('painter');
  const openTo = [{ memberId: 'wren', mayWrite: true }];
  const server = houseServer({
    'PUT /owners/recipes/r': { body: { along: [] } },
    'GET /owners': { body: { items: [{ ...owned('me'), openTo }] } },
  });
  await renderInClub('painter', [owned('me')], bar);
  fireEvent.click(screen.getByRole('button', { name: 'Choose who sees it' }));
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Wren'), { target: { value: 'change' } });
    await answered();
  });
  expect(server.asked[0].body).toEqual({ is: 'mine', openTo });
  expect(await screen.findByText('Yours, shown to 1 member')).toBeTruthy();
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Wren'), { target: { value: 'nothing' } });
    await answered();
  });
  expect(server.asked.findLast(({ method }) => method === 'PUT')?.body).toEqual({
    is: 'mine',
    openTo: [],
  });
});

test('what another opened to be changed is changed, and not given away', async () => {
  await sitHere('painter');
  const joint = { ...owned('wren'), mayWrite: true };
  const { container } = await renderInClub('painter', [joint], bar);
  expect(container.textContent).toBe('Wren’s; you may change it');
});

test('of two members chosen one right after the other both see it', async () => {
  await sitHere('painter');
  const server = houseServer({ 'PUT /owners/recipes/r': { body: { along: [] } } });
  await renderInClub('painter', [owned('me')], bar);
  fireEvent.click(screen.getByRole('button', { name: 'Choose who sees it' }));
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Wren'), { target: { value: 'change' } });
    fireEvent.change(screen.getByLabelText('Sedge'), { target: { value: 'look' } });
    await answered();
  });
  const puts = server.asked.filter(({ method }) => method === 'PUT').map(({ body }) => body);
  expect(puts.at(-1)).toEqual({
    is: 'mine',
    openTo: [
      { memberId: 'wren', mayWrite: true },
      { memberId: 'sedge', mayWrite: false },
    ],
  });
});
