/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen, within } from '@testing-library/react';
import type { Spot, Step } from '@yellow-ledger/core';
import { recipeWordsOf } from '../../../kit/words/recipeWords';
import { coat, pots } from '../../../testing/levy';
import { SayLine } from './SayLine';

jest.mock('../../../workers/useAnswer', () => ({
  useAnswer: () => ({ answer: null, problem: null }),
}));

const added: Step[] = [];
const onSpots: { step: Step; spot: Spot }[] = [];
const changed: Step[][] = [];

beforeEach(() => {
  added.splice(0);
  onSpots.splice(0);
  changed.splice(0);
  Element.prototype.scrollIntoView = () => undefined;
});

function shown() {
  render(
    <SayLine
      recipe={coat}
      pots={pots}
      words={recipeWordsOf(coat, pots, null)}
      onAdd={(steps) => void added.push(...steps)}
      onAddOnSpot={(step, spot) => void onSpots.push({ step, spot })}
      onChange={(steps) => void changed.push(steps)}
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

test('Enter takes the only pot a name can go on to, and the next Enter the line', async () => {
  const field = shown();
  say(field, 'layer ta');
  expect(await screen.findAllByRole('option')).toHaveLength(1);
  enter(field);
  expect(field.value).toMatch(/^layer tallow/);
  expect(added).toEqual([]);
  enter(field);
  expect(added).toHaveLength(1);
});

test('each line has an identifier of its own', () => {
  const field = shown();
  for (const words of ['tallow', 'coot']) {
    say(field, words);
    enter(field);
  }
  expect(new Set(added.map(({ id }) => id)).size).toBe(2);
});

test('a pot that is not there is asked about, and nothing is added until it is put otherwise', () => {
  const field = shown();
  say(field, '2 tallow + 1 flumox');
  enter(field);
  expect(added).toEqual([]);
  expect(screen.getByText('flumox').tagName).toBe('MARK');
  expect(screen.getByRole('alert').textContent).toContain('Not added yet');
  expect(field.value).toBe('2 tallow + 1 flumox');
  say(field, '2 tallow + 1 umber, splodged');
  enter(field);
  expect(added[0]).toMatchObject({ note: 'splodged' });
});

test('what comes after “then” is a line of its own, and one press adds both', () => {
  const field = shown();
  say(field, 'tallow on the edges, then coot in the recesses');
  expect(screen.getAllByRole('group', { name: 'The line as understood' })).toHaveLength(2);
  fireEvent.click(screen.getByRole('button', { name: 'Add 2 lines' }));
  fireEvent.submit(screen.getByRole('form', { name: 'Say a line' }));
  expect(added.map(({ placement }) => placement.from)).toEqual([0.87, 0]);
});

test('a command is shown before it is done, and changes the lines that are there', () => {
  const field = shown();
  say(field, 'delete line 1');
  expect(screen.getByRole('status').textContent).toContain('Delete line 1');
  enter(field);
  expect(added).toEqual([]);
  expect(changed[0].map(({ id }) => id)).toEqual(coat.steps.slice(1).map(({ id }) => id));
});

test('a part of the body is a spot of that name in one press, or a note', () => {
  const field = shown();
  say(field, 'tallow on the knuckles');
  fireEvent.click(screen.getByRole('button', { name: /Make a spot “knuckles”/ }));
  expect(onSpots[0]).toMatchObject({ step: { note: 'knuckles' }, spot: { name: 'knuckles' } });
  say(field, 'tallow on the knuckles');
  enter(field);
  expect(added[0].note).toBe('knuckles');
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
