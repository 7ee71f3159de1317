/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { render, screen, within } from '@testing-library/react';
import type { Recipe } from '@yellow-ledger/core';
import { recipeWordsOf } from '../../../kit/words/recipeWords';
import { coat, line, pots, recipe } from '../../../testing/levy';
import { setLedgerData } from '../../../workers/shared/ledgerData';
import { predictWork } from '../../../workers/shared/predictWork';
import { RecipeCard } from './RecipeCard';

jest.mock('../useTotals', () => ({
  useTotals: () => () => ({ handsOnMinutes: 25, dryMinutes: 70 }),
}));

function card(shown: Recipe, paper: 'A6' | 'A4') {
  const put = pots.map((content) => ({ content, revision: 1, savedAt: '' }));
  setLedgerData([{ part: 'pots', put, gone: [], isWhole: true }]);
  const prediction = predictWork.predict(shown);
  render(
    <RecipeCard
      recipe={shown}
      words={recipeWordsOf(shown, pots, prediction)}
      prediction={prediction}
      paper={paper}
    />,
  );
  return screen.getByRole('article', { name: `Card on ${paper}` });
}

test('the small card has each line with its mix, how and where, and what the hand does not need is not on it', () => {
  const noted: Recipe = { ...coat, notes: 'For the boats.' };
  const small = card(noted, 'A6');
  const lines = within(small).getAllByRole('listitem');
  expect(lines).toHaveLength(2);
  expect(lines[0].textContent).toMatch(/^1.*umber.*brush coat, 2 coats.*dry 10 min each/);
  expect(lines[1].textContent).toMatch(/^2.*tallow.*edge line, 1 coat/);
  expect(small.textContent).toContain('25 min hands-on, 1 h 10 min drying');
  expect(small.textContent).not.toContain('Drops');
  expect(small.textContent).not.toContain('For the boats.');
});

test('the large card has drops for the models, and the notes', () => {
  const large = card({ ...coat, notes: 'For the boats.' }, 'A4');
  expect(large.textContent).toContain('drops for 6 models');
  expect(within(large).getAllByText(/Drops: /)).toHaveLength(2);
  expect(large.textContent).toContain('For the boats.');
});

test('a line that can hurt somebody has its caution on the card, once', () => {
  const sprayed = recipe('sprayed', [
    line('one', 'umber', { technique: 'spray' }),
    line('two', 'tallow', { technique: 'spray' }),
  ]);
  expect(within(card(sprayed, 'A6')).getAllByText('Caution.')).toHaveLength(1);
});

test('a line that is left out is not on the card, and the others keep their numbers', () => {
  const [base, edge] = coat.steps;
  const small = card({ ...coat, steps: [{ ...base, isOut: true }, edge] }, 'A6');
  const lines = within(small).getAllByRole('listitem');
  expect(lines).toHaveLength(1);
  expect(lines[0].textContent).toMatch(/^2/);
});
