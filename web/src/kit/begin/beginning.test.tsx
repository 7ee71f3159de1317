/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router';
import { BeginStrip } from './BeginStrip';
import { beginning, beginSteps, useBeginning } from './beginning';

beforeEach(() => localStorage.clear());

function Where() {
  return <p>at {useLocation().pathname}</p>;
}

function Now() {
  return <p>{useBeginning()?.is ?? 'not begun'}</p>;
}

const shown = (at: string) =>
  render(
    <MemoryRouter initialEntries={[at]}>
      <BeginStrip at="draft">two answers</BeginStrip>
      <Where />
      <Now />
    </MemoryRouter>,
  );

test('the five steps are shown, and which of them it is', () => {
  shown('/begin');
  expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual(
    beginSteps.map(({ words }) => words),
  );
  expect(screen.getByText('a draft').getAttribute('aria-current')).toBe('step');
});

test('it can be left at any step, and leads to the recipes from its own page alone', () => {
  shown('/begin');
  expect(screen.getByText('not begun')).toBeDefined();
  fireEvent.click(screen.getByRole('button', { name: /Skip the tour/ }));
  expect(screen.getByText('left')).toBeDefined();
  expect(screen.getByText('at /recipes')).toBeDefined();
  expect(beginning.now()).toEqual({ is: 'left' });
});

test('on a recipe leaving it stays there', () => {
  shown('/recipes/one');
  fireEvent.click(screen.getByRole('button', { name: /Skip the tour/ }));
  expect(screen.getByText('at /recipes/one')).toBeDefined();
});

test('what a browser kept and is no beginning counts as none', () => {
  for (const kept of ['{', '"on"', '{"is":"on"}', '{"is":"somewhere"}']) {
    localStorage.setItem('yellow-ledger.beginning', kept);
    expect(beginning.now()).toBeNull();
  }
});
