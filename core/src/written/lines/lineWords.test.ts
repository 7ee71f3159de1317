import { stepWith } from '../../testing/sampleRecipe';
import type { Shape } from '../place/shape';
import { coatsInWords, howWords, placeWords, whereWords } from './lineWords';
import type { Step } from '../recipe/step';

const folds: Shape = { form: 'folds', spots: [{ id: 'tear', name: 'Tear', share: 0.02 }] };
const placed = (placement: Partial<Step['placement']>) =>
  stepWith({
    id: 's',
    placement: { from: 0, to: 1, softness: 0.1, pull: 'even', ...placement },
  });

test('a place is told by its ends', () => {
  const told = (from: number, to: number) => placeWords({ from, to });
  expect(told(0, 1)).toBe('everywhere');
  expect(told(0.5, 1)).toBe('from mid up');
  expect(told(0, 0.32)).toBe('from shadow down');
  expect(told(0.32, 0.8)).toBe('from shadow to crown');
  expect(told(0.79, 0.81)).toBe('the crown only');
});

test('what a line is aimed at is said with its tone, and alone where it goes on every tone', () => {
  const underside = { facing: { side: 'down', within: 75 } } as const;
  expect(whereWords(placed({ from: 0.5, aim: underside }), folds)).toBe(
    'from mid up, facing down within 75°',
  );
  expect(whereWords(placed({ aim: { spot: 'tear' } }), folds)).toBe('on Tear');
  expect(whereWords(placed({ aim: { spot: 'gone' } }), folds)).toBe('on a spot that is gone');
  expect(whereWords(placed({ aim: { along: { from: 0.6, to: 1, softness: 0 } } }), folds)).toBe(
    'from collar to hem at 60 % to 100 %',
  );
  expect(whereWords(stepWith({ id: 'l', technique: 'lining' }), folds)).toBe('round the outline');
});

test('coats that shrink say where the last one goes', () => {
  expect(whereWords(placed({ from: 0.5, last: { from: 0.8, to: 1 } }), folds)).toBe(
    'from mid up; each coat smaller, the last from crown up',
  );
});

test('coats are told as a painter says them', () => {
  const told = (part: Partial<Step>) => coatsInWords(stepWith({ id: 's', ...part }), 'table');
  expect(told({ coats: 1 })).toBe('1 coat');
  expect(told({ coats: 2, coatsUpTo: 3 })).toBe('2 to 3 coats, until even');
  expect(told({ coats: 2, coatsUpTo: 3, coatsAt: { table: 2 } })).toBe('2 coats');
  expect(told({ coats: 3, technique: 'filter' })).toBe('3 passes');
});

test('brush, stroke and density are said in one breath, and nothing where nothing is said', () => {
  expect(howWords(stepWith({ id: 's' }))).toBe('');
  expect(
    howWords(
      stepWith({
        id: 's',
        technique: 'dryBrush',
        density: 0.5,
        tool: { brush: 'mop', size: 'large', isOld: true, uses: 'side', stroke: 'across' },
      }),
    ),
  ).toBe('old large soft domed brush, its side, across it; faint, 50 % of the usual');
  expect(howWords(stepWith({ id: 's', tool: { brush: 'sponge' } }))).toBe('torn sponge');
  // A brush coat touches all of it.
  expect(howWords(stepWith({ id: 's', density: 2 }))).toBe('');
});
