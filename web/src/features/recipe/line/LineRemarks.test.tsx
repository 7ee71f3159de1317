/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import {
  predictBuildUp,
  shelfOf,
  techniqueOf,
  type Fix,
  type Recipe,
  type Remark,
  type Step,
} from '@yellow-ledger/core';
import { pots } from '../../../testing/levy';
import { LineRemarks } from './LineRemarks';

const [pot] = pots;
const step: Step = {
  id: 'one',
  stage: 'base',
  technique: 'brushCoat',
  mix: { parts: [{ from: 'pot', potId: pot.id, parts: 1 }], waterParts: 0, mediumParts: 0 },
  coats: 2,
  placement: techniqueOf('brushCoat').usualPlacement,
  dryMinutes: 0,
  level: 'field',
  note: '',
};
const recipe: Recipe = {
  id: 'r',
  name: 'R',
  surface: 'cloth',
  groundPotId: pot.id,
  finishLevel: 'field',
  models: 1,
  areaCm2: 4,
  steps: [step],
  notes: '',
  archived: false,
};
const [buildUp] = predictBuildUp(recipe, shelfOf(pots)).steps;

const mend: Fix = { label: 'Make it 8', changes: [{ do: 'replace', step: { ...step, coats: 8 } }] };
const objection: Remark = {
  rule: 'doesNotCover',
  kind: 'objection',
  stepId: 'one',
  sentence: 'Covers in 8 coats; 2 written.',
  figure: { value: 11.26, unit: 'ΔE00 still missing' },
  fixes: [mend],
  alsoOf: [],
  isSetAside: false,
};

function open(remarks: Remark[], more: Partial<Parameters<typeof LineRemarks>[0]> = {}) {
  const fixes: Fix[] = [];
  const props = { step, recipe, meaning: 'cover' as const, buildUp, remarks, mayStop: false };
  const page = render(<LineRemarks {...props} onFix={(fix) => fixes.push(fix)} {...more} />);
  return { fixes, ...page };
}
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('an objection has its mend and its answer, and its figure on pointing alone', () => {
  const { fixes } = open([objection]);
  const said = screen.getByText(/Covers in 8 coats/);
  expect(said.title).toBe('11.3 ΔE00 still missing');
  expect(said.className).not.toContain('quiet');
  press('Make it 8');
  expect(fixes).toEqual([mend]);
});

test('“meant so” is kept with the line and the figure it was said of', () => {
  const { fixes } = open([objection]);
  press('On purpose');
  expect(fixes[0].changes).toMatchObject([
    { do: 'replace', step: { setAside: [{ rule: 'doesNotCover', value: 11.26 }] } },
  ]);
});

test('what is set aside is small, offers no mend, and can be said again', () => {
  const { fixes } = open([{ ...objection, isSetAside: true }]);
  press('1 on purpose');
  expect(screen.getByText(/Covers in 8 coats/).className).toContain('quiet');
  expect(screen.queryByRole('button', { name: 'Make it 8' })).toBeNull();
  press('Show it again');
  expect(fixes[0].changes).toMatchObject([{ do: 'replace', step: { setAside: [] } }]);
});

test('a note looks like none, and is answered by nobody', () => {
  open([{ ...objection, kind: 'note', sentence: 'Worth knowing.' }]);
  expect(screen.queryByText(/Worth knowing/)).toBeNull();
  press('1 note');
  expect(screen.getByText(/Worth knowing/).className).toContain('quiet');
  expect(screen.queryByRole('button', { name: 'On purpose' })).toBeNull();
});

test('the first is open, the others are behind one press', () => {
  const others = ['b', 'c'].map((sentence) => ({
    ...objection,
    rule: 'tooThin' as const,
    sentence,
  }));
  open([objection, ...others]);
  expect(screen.queryByText('b')).toBeNull();
  press('2 more remarks');
  expect(screen.getByText('b')).toBeTruthy();
  expect(screen.getByText('c')).toBeTruthy();
});

test.each([
  [{ isOut: true }, 'Left out: it is switched off.'],
  [{ restores: 'zero' }, 'Left out, with the line it repairs.'],
  [{ level: 'display' as const }, 'Left out: it begins at the display standard.'],
])('a line that is left out says why: %j', (part, words) => {
  open([objection], { step: { ...step, ...part }, buildUp: { ...buildUp, isIncluded: false } });
  expect(screen.getByText(words)).toBeTruthy();
  expect(screen.queryByText(/Covers in/)).toBeNull();
});

test('that it covers is said of what is to cover, and not beside the objection', () => {
  const coverage = { coats: 1, missingAtFirst: 30, missingAfter: [1, 0.5] };
  const covered = { ...buildUp, coverage: { ...buildUp.coverage!, ...coverage } };
  const { unmount } = open([], { buildUp: covered, mayStop: true });
  expect(screen.getByText('Covers at coat 1.')).toBeTruthy();
  expect(screen.getByText('You may stop here.')).toBeTruthy();
  unmount();
  open([], { buildUp: covered, meaning: 'tint' });
  expect(screen.queryByText(/Covers/)).toBeNull();
});
