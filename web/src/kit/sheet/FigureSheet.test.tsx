/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { render, screen, within } from '@testing-library/react';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { coat, levy, line, pots, recipe, skin } from '../../testing/levy';
import { sheetWork, type ShownPart } from '../../workers/shared/sheetWork';
import { FigureSheet } from './FigureSheet';

let answered: { answer: ShownPart[] | null; problem: string | null };
jest.mock('../../workers/useAnswer', () => ({ useAnswer: () => answered }));
jest.mock('../../workers/usePaintedForm', () => ({ usePaintedForm: () => null }));

const [watch] = levy.units;
const sprayed = recipe('skin', [
  line('base', 'cheek', { technique: 'spray', note: 'thin, from afar' }),
]);

beforeEach(() => {
  takeShelf(pots);
  takeLedger([coat, skin]);
});

function shown(model: number | null, answer = sheetWork.figureSheet(levy, watch, model, 4)) {
  answered = { answer, problem: null };
  render(<FigureSheet army={levy} unit={watch} pots={pots} model={model} models={4} />);
}

test('every surface has its lines with number, mix, coats and ticks', () => {
  shown(null);
  const part = within(screen.getByRole('region', { name: 'Coat' }));
  const lines = part.getAllByRole('listitem');
  expect(lines).toHaveLength(2);
  expect(lines[0].textContent).toMatch(/^1umber/);
  expect(within(lines[0]).getByRole('img', { name: '0 of 2 coats done' }).children).toHaveLength(2);
  expect(within(lines[1]).getByRole('img', { name: '0 of 1 coat done' })).toBeTruthy();
  expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('Dike Watch');
  expect(screen.getByText(/Drops for 4 models/)).toBeTruthy();
  expect(screen.queryByText(/coats done$/, { selector: 'p' })).toBeNull();
});

test('of one model its ticks and its number are told', () => {
  const parts = sheetWork.figureSheet(levy, watch, 3, 1).map((part) => ({
    ...part,
    lines: part.lines.map((each) => (each.step.id === 'base' ? { ...each, done: 1 } : each)),
  }));
  shown(3, parts);
  expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('Dike Watch, model 3');
  const part = within(screen.getByRole('region', { name: 'Coat' }));
  expect(part.getByText(/1 of 3 coats done/)).toBeTruthy();
  const ticks = part.getByRole('img', { name: '1 of 2 coats done' }).children;
  expect([...ticks].map((tick) => tick.className)).toEqual([
    'sheet-tick sheet-ticked',
    'sheet-tick',
  ]);
});

test('a caution is said once, and a note stands with its line', () => {
  takeLedger([{ ...sprayed, id: 'coat' }, sprayed]);
  shown(null);
  expect(screen.getAllByText('Caution.')).toHaveLength(1);
  expect(screen.getAllByText('thin, from afar')).toHaveLength(2);
});

test('without recipes, while it is written, and where it cannot be, that is said', () => {
  shown(null, []);
  expect(screen.getByText('No surface of it has a recipe yet.')).toBeTruthy();
  answered = { answer: null, problem: null };
  render(<FigureSheet army={levy} unit={watch} pots={pots} model={null} models={4} />);
  expect(screen.getByText('Writing the sheet …')).toBeTruthy();
  answered = { answer: null, problem: 'A pot is gone.' };
  render(<FigureSheet army={levy} unit={watch} pots={pots} model={null} models={4} />);
  expect(screen.getByRole('alert').textContent).toBe('A pot is gone.');
});
