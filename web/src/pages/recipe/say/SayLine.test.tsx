/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen, within } from '@testing-library/react';
import type { Step } from '@yellow-ledger/core';
import { recipeWordsOf } from '../../../parts/words/recipeWords';
import { coat, pots } from '../../../testing/levy';
import { SayLine } from './SayLine';

jest.mock('../../../workers/useAnswer', () => ({
  useAnswer: () => ({ answer: null, problem: null }),
}));

const added: Step[] = [];

beforeEach(() => {
  added.splice(0);
  Element.prototype.scrollIntoView = () => undefined;
});

function shown() {
  render(
    <SayLine
      recipe={coat}
      pots={pots}
      words={recipeWordsOf(coat, pots, null)}
      onAdd={(step) => void added.push(step)}
    />,
  );
  return screen.getByRole<HTMLInputElement>('combobox', { name: 'The next line, in words' });
}

const say = (field: HTMLInputElement, words: string) =>
  fireEvent.input(field, { target: { value: words } });
const enter = (field: HTMLInputElement) => fireEvent.keyDown(field, { key: 'Enter' });

test('a line that is understood is shown, added by Enter, and the field is empty again', () => {
  const field = shown();
  say(field, '2 tallow + 1 umber, 1:2, layer, crown up');
  const line = within(screen.getByRole('group', { name: 'The line as understood' }));
  expect(line.getByText(/2 tallow \+ 1 umber/)).toBeDefined();
  expect(line.getByText(/1 paint : 2 water/)).toBeDefined();
  expect(line.getByText(/from crown up/)).toBeDefined();
  enter(field);
  expect(added).toHaveLength(1);
  expect(added[0]).toMatchObject({ technique: 'layer', placement: { from: 0.8, to: 1 } });
  expect(field.value).toBe('');
});

test('each line has an identifier of its own', () => {
  const field = shown();
  for (const words of ['tallow', 'coot']) {
    say(field, words);
    enter(field);
  }
  expect(new Set(added.map(({ id }) => id)).size).toBe(2);
});

test('what is not understood is told, and nothing is added until it is put otherwise', () => {
  const field = shown();
  say(field, 'tallow, splodged');
  enter(field);
  expect(added).toEqual([]);
  expect(screen.getByText('splodged').tagName).toBe('MARK');
  expect(screen.getByRole('alert').textContent).toContain('Not added yet');
  expect(field.value).toBe('tallow, splodged');
  fireEvent.click(screen.getByRole('button', { name: 'Keep what is marked as the line’s note' }));
  enter(field);
  expect(added[0]).toMatchObject({ note: 'splodged' });
});

test('a figure that nobody said is told with what it was taken for', () => {
  const field = shown();
  say(field, 'line 1 + a bit of tallow');
  expect(screen.getByText(/“a bit of” is taken as ¼/)).toBeDefined();
  enter(field);
  expect(added[0].mix.parts.map(({ parts }) => parts)).toEqual([1, 0.25]);
});

test('a caution is shown where a line can hurt somebody', () => {
  const field = shown();
  say(field, 'spray soot');
  expect(screen.getByText(/^Caution/)).toBeDefined();
});

test('an empty field adds nothing and complains of nothing', () => {
  const field = shown();
  enter(field);
  expect(added).toEqual([]);
  expect(screen.queryByRole('alert')).toBeNull();
});
