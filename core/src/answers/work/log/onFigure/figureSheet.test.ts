import { benchSchema, looseFigure } from '../../bench/bench';
import { finishedSurface } from '../../../../predicted/buildUp/buildUp';
import { predictBuildUp } from '../../../../predicted/buildUp/predictBuildUp';
import type { Recipe } from '../../../../written/recipe/recipe';
import { bench, cloak, helm, levy, watch, WrittenLog } from '../../../../testing/sampleLog';
import { mixOf, recipeWith, shelf, stepWith } from '../../../../testing/sampleRecipe';
import { figureSheet } from './figureSheet';

const dust = recipeWith([stepWith({ id: 'dust', technique: 'filter', mix: mixOf({ bone: 1 }) })], {
  id: 'dust',
  name: 'Dust',
});
const recipeOf = ({ recipeId }: { recipeId: string }) =>
  [cloak, helm, dust].find(({ id }) => id === recipeId);
const unit = {
  ...watch,
  overs: [
    {
      id: 'over',
      name: 'Dust',
      recipe: { recipeId: 'dust', version: null },
      surfaces: ['cloak'],
    },
  ],
};
const sheetOf = (model: number | null, log = new WrittenLog()) =>
  figureSheet(levy, unit, model, recipeOf, log.entries, shelf);

describe('the sheet of a figure', () => {
  test('has every surface with its lines, and at the end what goes over them', () => {
    const parts = sheetOf(null);
    expect(parts.map(({ surface }) => surface.id).slice(-1)).toEqual(['over']);
    expect(parts.map(({ surface }) => surface.id).sort()).toEqual(['cloak', 'helm', 'over']);
    const cloth = parts.find(({ surface }) => surface.id === 'cloak')!;
    expect(cloth.lines.map(({ number, coats }) => [number, coats])).toEqual([
      [1, 2],
      [2, 1],
      [3, 1],
    ]);
    expect(parts.at(-1)?.over).toEqual(['Cloak']);
  });

  test('an over lies on what it goes over', () => {
    const over = sheetOf(null).at(-1)!;
    const build = predictBuildUp(over.recipe, over.shelf);
    expect(build.ground.map(({ hex }) => hex)).toEqual(
      finishedSurface(predictBuildUp(cloak, shelf)).map(({ hex }) => hex),
    );
  });

  test('by hand nothing is ticked; of a model what the log has is', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [2]);
    const doneOn = (model: number | null) =>
      sheetOf(model, log)
        .flatMap(({ lines }) => lines)
        .reduce((sum, { done }) => sum + done, 0);
    expect(doneOn(null)).toBe(0);
    expect(doneOn(1)).toBe(0);
    expect(doneOn(2)).toBe(1);
  });

  test('based and not shaded is seen line by line', () => {
    const log = new WrittenLog();
    log.line('found', 0, 'base', [1]);
    const cloth = sheetOf(1, log).find(({ surface }) => surface.id === 'cloak')!;
    expect(cloth.lines.map(({ done, coats }) => `${done} of ${coats}`)).toEqual([
      '2 of 2',
      '0 of 1',
      '0 of 1',
    ]);
  });

  test('what has no recipe, or whose recipe is gone, is left out', () => {
    const sheet = figureSheet(
      levy,
      unit,
      null,
      ({ recipeId }) => recipeOf({ recipeId: recipeId === 'helm' ? 'gone' : recipeId }),
      [],
      shelf,
    );
    expect(sheet.map(({ surface }) => surface.id)).toEqual(['cloak', 'over']);
  });
});

describe('one figure from recipes', () => {
  const on = (recipe: Recipe, below: string): Recipe => ({
    ...recipe,
    ground: { recipeId: below, version: null },
  });
  const asBench = (figure: ReturnType<typeof looseFigure>) => ({
    ...bench,
    armyId: undefined,
    loose: { unit: figure, recipes: [] },
  });

  test('each recipe is a surface, as large as it says', () => {
    const figure = looseFigure(
      'Two',
      [
        { ...cloak, areaCm2: 6 },
        { ...helm, areaCm2: 2 },
      ],
      3,
    );
    expect(figure).toMatchObject({ models: 3, areaCm2: 8 });
    expect(figure.surfaces.map(({ share }) => share)).toEqual([0.75, 0.25]);
    expect(figure.overs).toBeUndefined();
    expect(benchSchema.safeParse(asBench(figure)).error?.issues).toBeUndefined();
  });

  test('one that goes onto another lies over its surface, one on that as well', () => {
    const top = on({ ...helm, id: 'top' }, 'dust');
    const figure = looseFigure('Three', [cloak, on(dust, 'cloak'), top], 1);
    expect(figure.surfaces).toHaveLength(1);
    expect(figure.overs?.map(({ surfaces }) => surfaces)).toEqual([
      [figure.surfaces[0].id],
      [figure.surfaces[0].id],
    ]);
    expect(benchSchema.safeParse(asBench(figure)).error?.issues).toBeUndefined();
  });

  test('one whose ground is not among them stands by itself', () => {
    const figure = looseFigure('One', [on(dust, 'cloak')], 1);
    expect(figure.surfaces).toHaveLength(1);
    expect(figure.overs).toBeUndefined();
  });

  test('two that stand on each other are two surfaces, and nothing goes round for ever', () => {
    const figure = looseFigure('Round', [on(cloak, 'helm'), on(helm, 'cloak')], 1);
    expect(figure.surfaces).toHaveLength(2);
  });
});
