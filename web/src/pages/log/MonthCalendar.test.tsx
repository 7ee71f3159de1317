/** @jest-environment ./scripts/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import MonthCalendar from './MonthCalendar';

const days = new Map([
  ['2026-03-02', 1],
  ['2026-03-30', 2],
]);

function open(day: string | null = null) {
  const chosen: string[] = [];
  const { container } = render(
    <MonthCalendar days={days} newest="2026-03-30" day={day} onDay={(each) => chosen.push(each)} />,
  );
  const reached = () => container.querySelector('[tabindex="0"]')?.getAttribute('aria-label');
  const press = (key: string) => fireEvent.keyDown(screen.getByRole('table'), { key });
  return { chosen, reached, press, container };
}

test('the newest month is open, every day of it once, and what was painted on is marked', () => {
  const { container } = open();
  expect(screen.getByRole('table', { name: 'March 2026' })).toBeTruthy();
  expect(screen.getAllByRole('button', { name: /March \d+, 2026$/ })).toHaveLength(31);
  const marked = [...container.querySelectorAll('.painted-on')].map(
    ({ textContent }) => textContent,
  );
  expect(marked).toEqual(['2', '30']);
});

test('weeks begin on Monday', () => {
  open();
  expect(screen.getAllByRole('columnheader')[0].getAttribute('abbr')).toBe('Monday');
  const [first] = screen.getAllByRole('row').slice(1);
  // The first of March 2026 is a Sunday: it stands alone at the end of its week.
  expect(first.querySelectorAll('button')).toHaveLength(1);
  expect(first.querySelectorAll('td')[6].textContent).toBe('1');
});

test('a day is chosen by pressing it, and is pressed then', () => {
  const { chosen } = open('2026-03-02');
  fireEvent.click(screen.getByRole('button', { name: 'Monday, March 30, 2026' }));
  expect(chosen).toEqual(['2026-03-30']);
  const pressed = screen.getByRole('button', { name: 'Monday, March 2, 2026' });
  expect(pressed.getAttribute('aria-pressed')).toBe('true');
});

test.each([
  ['ArrowLeft', 'Sunday, March 29, 2026'],
  ['ArrowUp', 'Monday, March 23, 2026'],
  ['ArrowRight', 'Tuesday, March 31, 2026'],
  ['ArrowDown', 'Monday, April 6, 2026'],
  ['PageUp', 'Saturday, February 28, 2026'],
  ['PageDown', 'Thursday, April 30, 2026'],
])('%s leads to %s', (key, day) => {
  const { press, reached } = open();
  press(key);
  expect(reached()).toBe(day);
});

test('the months before and after are one press away', () => {
  open();
  fireEvent.click(screen.getByRole('button', { name: 'The month before' }));
  expect(screen.getByRole('table', { name: 'February 2026' })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'The month after' }));
  fireEvent.click(screen.getByRole('button', { name: 'The month after' }));
  expect(screen.getByRole('table', { name: 'April 2026' })).toBeTruthy();
});

test('a key that leads nowhere is left to the browser', () => {
  const { press, reached } = open();
  expect(press('Tab')).toBe(true);
  expect(reached()).toBe('Monday, March 30, 2026');
});
