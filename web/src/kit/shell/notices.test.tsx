/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import EarlierNotices from './EarlierNotices';
import { Notices, useNotice } from './notices';

jest.mock('../../data/useWriter', () => ({
  useWriter: () => ({ onNotice: () => () => undefined }),
}));

function Page() {
  const notify = useNotice();
  return (
    <>
      <button onClick={() => notify('Line 2 is deleted.')}>delete</button>
      <button onClick={() => notify('It was not saved.', { isProblem: true })}>fail</button>
      <EarlierNotices onClose={() => undefined} />
    </>
  );
}

const press = (name: string) => fireEvent.click(screen.getByText(name));
const atFoot = () => screen.getByRole('status', { hidden: true }).textContent;
const wait = (ms: number) => act(() => jest.advanceTimersByTime(ms));

beforeEach(() => {
  jest.useFakeTimers();
  render(
    <Notices>
      <Page />
    </Notices>,
  );
});
afterEach(() => jest.useRealTimers());

test('a notice goes by itself after some seconds, and can be read again', () => {
  press('delete');
  wait(4000);
  expect(atFoot()).toBe('Line 2 is deleted.');
  wait(4000);
  expect(atFoot()).toBe('');
  expect(screen.getAllByText('Line 2 is deleted.')).toHaveLength(1);
});

test('it stays while it is pointed at, and goes afterwards', () => {
  press('delete');
  const words = screen.getAllByText('Line 2 is deleted.').map((each) => each.parentElement);
  const notice = words.find((each) => each?.className === 'notice-words');
  fireEvent.pointerEnter(notice as Element);
  wait(60_000);
  expect(atFoot()).toBe('Line 2 is deleted.');
  fireEvent.pointerLeave(notice as Element);
  wait(10_000);
  expect(atFoot()).toBe('');
});

test('a problem stays until it is dismissed', () => {
  press('fail');
  wait(600_000);
  expect(atFoot()).toBe('It was not saved.');
  fireEvent.click(screen.getByLabelText('Dismiss'));
  expect(atFoot()).toBe('');
});
