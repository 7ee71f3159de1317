/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { answered, houseServer } from '../../testing/inClub';
import { deviceName } from './comingIn';
import { ComeIn } from './ComeIn';
import { JoinByLink } from './JoinByLink';

const show = async (part: React.ReactNode) => {
  const shown = render(<>{part}</>);
  await act(answered);
  return shown;
};
const type = (label: RegExp | string, value: string) =>
  act(() => void fireEvent.input(screen.getByLabelText(label), { target: { value } }));
/** Validation and sending are each some turns away. */
const press = (name: string) =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    await new Promise((then) => setTimeout(then, 20));
  });
const refused = (status: number, code: string, message: string) => ({
  status,
  body: { error: { code, message } },
});
const link = (over: object = {}) => ({ body: { role: 'painter', name: null, ...over } });
const passphrase = 'reeds under the lantern';

test('a link that lets nobody in says so, and coming in by name stands below it', async () => {
  houseServer({ 'POST /link': refused(404, 'link-gone', 'This link lets nobody in.') });
  await show(<JoinByLink token="used" />);
  expect(screen.getByRole('alert').textContent).toContain('This link lets nobody in.');
  expect(screen.getByRole('button', { name: 'Log in' })).toBeTruthy();
});

test('what is wrong is said beside its field, and a passphrase is never written out', async () => {
  const server = houseServer({ 'POST /link': link() });
  const { container } = await show(<JoinByLink token="t" />);
  await type('Name the others know you by', 'Odo');
  await type(/^Passphrase/, 'short one');
  await press('Join');
  expect(container.textContent).toContain('at least 12 characters');
  expect(container.textContent).not.toContain('short one');
  expect(server.asked.map(({ path }) => path)).not.toContain('/join');
});

test('a name that is taken is said, what was typed stays, and the second time lets in', async () => {
  const server = houseServer({
    'POST /link': link(),
    'POST /join': refused(409, 'name-taken', 'Somebody here has this name.'),
  });
  let isIn = false;
  await show(<JoinByLink token="t" onIn={() => (isIn = true)} />);
  await type('Name the others know you by', 'Hesper');
  await type(/^Passphrase/, passphrase);
  await press('Join');
  expect(screen.getByText('Somebody here has this name.')).toBeTruthy();
  expect((screen.getByLabelText(/^Passphrase/) as HTMLInputElement).value).toBe(passphrase);
  const member = { id: 'm', name: 'Odo', role: 'painter', joinedAt: '2026-11-27T18:00:00.000Z' };
  server.answers['POST /join'] = { body: { member } };
  await type('Name the others know you by', 'Odo');
  await press('Join');
  expect(isIn).toBe(true);
  expect(server.asked.at(-1)?.body).toMatchObject({ token: 't', name: 'Odo', passphrase });
});

test('the first manager is asked whose the ledger is; who sets a new passphrase is asked no name', async () => {
  houseServer({ 'POST /link': link({ role: 'keeper', holds: { recipes: 3, pots: 1 } }) });
  const { unmount } = await show(<JoinByLink token="t" />);
  expect(screen.getByText(/The ledger holds 3 recipes, 1 pot/)).toBeTruthy();
  expect(screen.getByRole('radiogroup', { name: 'Whose the ledger is' })).toBeTruthy();
  unmount();
  houseServer({ 'POST /link': link({ name: 'Hesper' }) });
  await show(<JoinByLink token="t" />);
  expect(screen.getByText('A new passphrase for Hesper')).toBeTruthy();
  expect(screen.queryByLabelText('Name the others know you by')).toBeNull();
});

test('who guesses is told to wait; who is away from the server is told that', async () => {
  const server = houseServer({
    'POST /come-in': refused(429, 'wait', 'Too much went wrong of late. Try again in 30 s.'),
  });
  await show(<ComeIn onIn={() => undefined} />);
  await type('Name', 'Odo');
  await type('Passphrase', 'a guess of mine');
  await press('Log in');
  expect(screen.getByText(/Try again in 30 s/)).toBeTruthy();
  global.fetch = () => Promise.reject(new TypeError('no network'));
  await press('Log in');
  expect(screen.getByText(/server does not answer/)).toBeTruthy();
  expect(server.asked).toHaveLength(1);
});

test.each([
  ['Mozilla/5.0 (Linux; Android 14) AppleWebKit/537 Chrome/126 Safari/537', 'Chrome on Android'],
  ['Mozilla/5.0 (iPhone; CPU iPhone OS 17_5) Version/17.5 Safari/604', 'Safari on iPhone'],
  ['Something/1.0', 'a browser'],
])('%s calls itself %s', (agent, name) => {
  expect(deviceName(agent)).toBe(name);
});
