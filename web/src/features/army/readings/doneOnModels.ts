import {
  asDone,
  isTouched,
  onFigures,
  entriesOf,
  isSameContent,
  onTop,
  partedBy,
  surfaceKey,
  untouched,
  withFilm,
  workSurfaces,
  type Army,
  type LogEntry,
  type OnSurface,
  type Recipe,
  type RecipeOf,
  type Unit,
} from '@yellow-ledger/core';
import { ownFigures, shelfInHand } from '../../../workers/shared/ledgerData';
import { standingOn, type Standing } from '../../../workers/shared/standingOn';

/** A surface of a unit that is read, and what it is painted by. */
export interface SurfaceRead {
  army: Army;
  unit: Unit;
  surfaceId: string;
  recipe: Recipe;
  recipeOf: RecipeOf;
  /** of its army */
  entries: readonly LogEntry[];
}

/** The layers on a model, for comparing a reading with. */
export interface DoneOnModel {
  /** the surface’s recipe as it was done; as written where the log says nothing of it */
  done: Recipe;
  /** all that stands on the surface; null where the log says nothing of it */
  standing: Standing | null;
  /** what is seen there, by a hand whose film is so many times the usual one */
  seen: (film: number) => Pick<Standing, 'recipe' | 'shelf' | 'own'>;
}

/**
 * The layers on each model of a unit.
 *
 * @param when as it was last read, without what came on it since; or as it is now
 */
export function doneOnModels(
  read: SurfaceRead,
  when: 'when read' | 'now' = 'when read',
): (model: number) => DoneOnModel {
  const { army, unit, recipeOf, recipe, entries, surfaceId } = read;
  const unitId = unit.id;
  const ofUnit = entries.filter((entry) => 'where' in entry && entry.where.unitId === unitId);
  const lastRead = new Map<number, number>();
  for (const entry of ofUnit)
    if (entry.kind === 'reading' && entry.where.surfaceId === surfaceId)
      for (const model of entry.where.models) lastRead.set(model, entry.order);
  const figuresUpTo = new Map<number, ReturnType<typeof onFigures>>();
  const figuresOf = (model: number) => {
    const order = (when === 'when read' ? lastRead.get(model) : undefined) ?? Infinity;
    const figures =
      figuresUpTo.get(order) ?? onFigures(ofUnit.filter((entry) => entry.order <= order));
    figuresUpTo.set(order, figures);
    return figures;
  };
  const same = new Map<string, Recipe>();
  const isOver = (id: string) =>
    workSurfaces(unit).some((each) => each.id === id && each.over?.includes(surfaceId));
  return (model) => {
    const figures = figuresOf(model);
    const asked = { army, unit, model, recipeOf, figures };
    const on = figures.get(surfaceKey(unitId, surfaceId, model)) ?? untouched();
    const { own: ofIt, below } = partedBy(recipe, on);
    // The layers there may still be of an earlier recipe, or this one may have been gone back to.
    const isOnTop = entriesOf(onTop(recipe, on)).length === entriesOf(ofIt).length;
    const rest = !isBare(below) && (isBare(ofIt) || !isOnTop) ? 'left out' : 'as written';
    const own = isBare(on) ? recipe : asDone(recipe, on, rest);
    const key = JSON.stringify(own.steps);
    const done = same.get(key) ?? own;
    same.set(key, done);
    const touched = [surfaceId, ...(unit.overs ?? []).map(({ id }) => id).filter(isOver)];
    // With nothing to come, all of it lies where it went on, a varnish over effects too.
    const isThere = isTouched(asked, touched);
    const isWhole =
      isThere && isSameContent(paintedSteps(asDone(recipe, on, 'left out')), paintedSteps(done));
    const standingBy = (film: number) =>
      isThere ? standingOn(asked, surfaceId, { ...(!isWhole && { own: done }), film }) : null;
    return {
      done,
      standing: standingBy(ownFigures().film),
      seen: (film) => {
        const plain = withFilm(done, film);
        return standingBy(film) ?? { recipe: plain, shelf: shelfInHand(), own: plain };
      },
    };
  };
}

const isBare = ({ coats, found, extras }: OnSurface) =>
  coats.size + found.length + extras.length === 0;

const paintedSteps = ({ steps }: Recipe) => steps.filter(({ isOut }) => !isOut);
