import { shelf } from '../../../../testing/sampleRecipe';
import { cloak, helm, levy, watch, WrittenLog } from '../../../../testing/sampleLog';
import type { Unit } from '../../army/army';
import type { RecipeOf } from '../../army/paintNeeded';
import type { Recipe } from '../../../../written/recipe/recipe';
import { asDone } from '../asDone';
import type { LogEntry } from '../entry';
import { modelRecord } from '../modelRecord';
import { onFigures, surfaceKey, untouched } from './onFigure';
import { openCoats } from './openCoats';
import { partedBy } from '../ownPart';
import { isTouched, stackOn } from './stackOn';

/** The cloak as somebody forked it: the same lines, the first of them in another paint. */
const blackCloak: Recipe = {
  ...cloak,
  id: 'black-cloak',
  name: 'Black cloak',
  steps: cloak.steps.map((step, index) =>
    index === 0 ? { ...step, mix: helm.steps[0].mix } : step,
  ),
};
/** A fork that differs where nothing is painted yet. */
const lateCloak: Recipe = {
  ...cloak,
  id: 'late-cloak',
  steps: cloak.steps.map((step, index) => (index === 2 ? { ...step, coats: 3 } : step)),
};
const all = [cloak, helm, blackCloak, lateCloak];
const recipeOf: RecipeOf = ({ recipeId }) => all.find(({ id }) => id === recipeId);

const key = surfaceKey('watch', 'cloak', 1);
const onOf = (entries: readonly LogEntry[]) => onFigures(entries).get(key) ?? untouched();
const painted = () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1]);
  log.coat(20, 'cloak', 'base', 2, [1]);
  log.coat(40, 'cloak', 'shade', 1, [1]);
  return log;
};
const by = (recipe: Recipe): Unit => ({
  ...watch,
  surfaces: [
    { ...watch.surfaces[0], recipe: { recipeId: recipe.id, version: null } },
    watch.surfaces[1],
  ],
});
const stackBy = (recipe: Recipe, entries: readonly LogEntry[], unit = by(recipe)) =>
  stackOn({ army: levy, unit, model: 1, recipeOf, figures: onFigures(entries) }, 'cloak');
const shown = ({ layers }: { layers: readonly Recipe[] }) =>
  layers.map(({ id, steps }) => [id, steps.filter(({ isOut }) => !isOut).map((step) => step.id)]);
const [surface] = watch.surfaces;

test('a variant in another colour is painted over what its parent left, all of it', () => {
  const { entries } = painted();
  expect(openCoats(surface, blackCloak, onOf(entries))).toMatchObject({ done: 0 });
  expect(shown(stackBy(blackCloak, entries))).toEqual([
    ['cloak', ['base', 'shade']],
    ['black-cloak', []],
  ]);
});

test('a variant that differs where nothing is painted yet goes on with what is there', () => {
  const { entries } = painted();
  expect(openCoats(surface, lateCloak, onOf(entries)).open.map(({ step }) => step.id)).toEqual([
    'light',
    'light',
    'light',
  ]);
  expect(shown(stackBy(lateCloak, entries))).toEqual([['late-cloak', ['base', 'shade']]]);
});

test('what was done otherwise than its parent has it does not make the variant another painting', () => {
  const log = painted();
  const odd = log.coat(50, 'cloak', 'light', 1, [1], { differs: ['more thinner'] });
  odd.brushed = { ...odd.brushed, waterParts: odd.brushed.waterParts + 2 };
  expect(partedBy(lateCloak, onOf(log.entries)).below.coats.size).toBe(0);
});

test('coats of the variant count beside those of its parent that have the same lines', () => {
  const log = painted();
  const coat = log.coat(60, 'cloak', 'base', 3, [1]);
  Object.assign(coat, { recipeId: 'black-cloak', coat: 1, brushed: helmBrushed() });
  const on = onOf(log.entries);
  expect(openCoats(surface, blackCloak, on).done).toBe(1);
  expect(shown(stackBy(blackCloak, log.entries))).toEqual([
    ['cloak', ['base', 'shade']],
    ['black-cloak', ['base']],
  ]);
  expect(asDone(cloak, on, 'left out').steps.map(({ coats }) => coats)).toEqual([2, 1, 1]);
});

const helmBrushed = () => {
  const log = new WrittenLog();
  return log.coat(0, 'helm', 'copper', 1, [1]).brushed;
};

test('what goes over a surface lies on top of it, and below itself lies all but it', () => {
  const unit: Unit = {
    ...by(cloak),
    overs: [
      {
        id: 'dust',
        name: 'Dust',
        surfaces: ['cloak'],
        recipe: { recipeId: 'helm', version: null },
      },
    ],
  };
  const log = painted();
  const coat = log.coat(60, 'helm', 'copper', 1, [1]);
  coat.where = { ...coat.where, surfaceId: 'dust' };
  expect(shown(stackBy(cloak, log.entries, unit))).toEqual([
    ['cloak', ['base', 'shade']],
    ['helm', ['copper']],
  ]);
  const asked = { army: levy, unit, model: 1, recipeOf, figures: onFigures(log.entries) };
  expect(shown(stackOn(asked, 'cloak', 'dust'))).toEqual([['cloak', ['base', 'shade']]]);
  expect(isTouched(asked, ['dust'])).toBe(true);
  expect(isTouched({ ...asked, model: 2 }, ['cloak', 'dust'])).toBe(false);
});

test('stripped, a surface is as bare as it came, and can be painted the same way again', () => {
  const log = painted();
  const { where } = log.entries[0] as Extract<LogEntry, { kind: 'coat' }>;
  log.entries.push({ kind: 'stripped', ...log.head(90), benchId: 'bench', where });
  expect(onOf(log.entries)).toEqual(untouched());
  expect(openCoats(surface, cloak, onOf(log.entries)).done).toBe(0);
  log.coat(120, 'cloak', 'base', 1, [1]);
  expect(openCoats(surface, cloak, onOf(log.entries)).done).toBe(1);
  const [record] = modelRecord(levy, by(cloak), 1, recipeOf, log.entries, shelf);
  expect(record.lines.map(({ step }) => step.id)).toEqual(['base']);
  // Nothing of the log is gone: it says what was on it.
  expect(log.entries.filter(({ kind }) => kind === 'coat')).toHaveLength(4);
});
