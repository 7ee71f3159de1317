/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen, within } from '@testing-library/react';
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
  return { chosen, container };
}
const dayNamed = (name: string) => screen.getByRole('button', { name });

test('the newest month is open, every day of it once, and what was painted on is marked', () => {
  const { container } = open();
  expect(screen.getByRole('grid', { name: 'March 2026' })).toBeTruthy();
  expect(screen.getAllByRole('button', { name: /March \d+, 2026$/ })).toHaveLength(31);
  const marked = [...container.querySelectorAll('.painted-on')].map(
    ({ textContent }) => textContent,
  );
  expect(marked).toEqual(['2', '30']);
});

test('weeks begin on Monday', () => {
  const { container } = open();
  expect(container.querySelector('th')?.getAttribute('aria-label')).toBe('Monday');
  const [first] = within(screen.getByRole('grid')).getAllByRole('row');
  // The first of March 2026 is a Sunday: it stands alone at the end of its week.
  expect(first.querySelectorAll('button')).toHaveLength(1);
  expect(first.querySelectorAll('td')[6].textContent).toBe('1');
});

test('a day is chosen by pressing it, and the chosen one is said to be', () => {
  const { chosen } = open('2026-03-02');
  fireEvent.click(dayNamed('Monday, March 30, 2026'));
  expect(chosen).toEqual(['2026-03-30']);
  const cell = dayNamed('Monday, March 2, 2026').closest('td');
  expect(cell?.getAttribute('aria-selected')).toBe('true');
});

test.each([
  ['ArrowLeft', 'Sunday, March 29, 2026'],
  ['ArrowUp', 'Monday, March 23, 2026'],
  ['ArrowRight', 'Tuesday, March 31, 2026'],
  ['ArrowDown', 'Monday, April 6, 2026'],
  ['PageUp', 'Saturday, February 28, 2026'],
  ['PageDown', 'Thursday, April 30, 2026'],
])('%s leads to %s', (key, day) => {
  open();
  const from = dayNamed('Monday, March 30, 2026');
  act(() => from.focus());
  fireEvent.keyDown(from, { key });
  expect(document.activeElement?.getAttribute('aria-label')).toBe(day);
});

test('the months before and after are one press away', () => {
  open();
  fireEvent.click(dayNamed('The month before'));
  expect(screen.getByRole('grid', { name: 'February 2026' })).toBeTruthy();
  fireEvent.click(dayNamed('The month after'));
  fireEvent.click(dayNamed('The month after'));
  expect(screen.getByRole('grid', { name: 'April 2026' })).toBeTruthy();
});

test('a key that leads nowhere is left to the browser', () => {
  open();
  const from = dayNamed('Monday, March 30, 2026');
  act(() => from.focus());
  expect(fireEvent.keyDown(from, { key: 'x' })).toBe(true);
  expect(document.activeElement).toBe(from);
});
