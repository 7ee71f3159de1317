import { cappedAt } from '../../../written/recipe/cappedAt';
import { modelsByPin, type Army, type Unit, type UnitSurface } from '../army/army';
import { spanOf, type Batch } from '../army/batch';
import type { RecipeOf } from '../army/paintNeeded';
import { asUsuallyPainted, usualHand, type OwnFigures } from '../army/ownFigures';
import { stepsFor } from '../army/surfaces/stepsFor';
import { turnOf, workSurfaces } from '../army/surfaces/workSurfaces';
import { shapeOf } from '../../../written/recipe/shapeOf';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import { isBaseStage } from '../../../written/technique/stage';
import { techniqueOf } from '../../../written/technique/techniques';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import { waitsOf } from './minutes/dryingTime';
import { handsOnMinutes } from './minutes/handsOn';
import { chosenModels, numbers } from './chosenModels';
import { palette, type MixName } from './palette';
import { paintedKey, type PaintedBefore, type PaintedSurface } from './paintedBefore';
import { ranksOf } from './unitOrder';
import {
  usualChangeMinutes,
  type Chain,
  type Hand,
  type Job,
  type Sitting,
  type Work,
} from './work';
import { wishesOf } from './wishes';

/** One coat of one line on one surface of a unit. */
export interface RunName {
  unitId: string;
  surfaceId: string;
  recipeId: string;
  stepId: string;
  coat: number;
  /** wet paint one model takes, ml */
  wetMl: number;
}

/** The work of a batch, with the names of everything in it. */
export interface BatchWork {
  work: Work;
  hands: Hand[];
  sittings: Sitting[];
  /** by sitting, earliest first */
  sessionIds: string[];
  models: { unitId: string; number: number }[];
  runs: RunName[];
  mixes: MixName[];
  /** minute 0 of the clock, milliseconds since 1970 */
  origin: number;
  /** surfaces nobody has given a recipe, or whose recipe or version is gone */
  without: { unitId: string; surfaceId: string }[];
}

/** More than this is not planned at once. */
export const mostJobs = 40_000;

/** There is more in a batch than can be planned at once. */
export class BatchTooLargeError extends RangeError {
  constructor(readonly jobs: number) {
    super(
      `${jobs.toLocaleString('en')} coats are more than the ${mostJobs.toLocaleString('en')} that can be planned at once`,
    );
    this.name = 'BatchTooLargeError';
  }
}

/**
 * The work left of a batch.
 *
 * @param painted what is on the models already
 * @param own the painter’s own figures, where they are known
 * @throws BatchTooLargeError, CarryError, UnknownPotError
 */
export function batchWork(
  army: Army,
  batch: Batch,
  recipeOf: RecipeOf,
  shelf: Shelf,
  painted: PaintedBefore = new Map(),
  own: OwnFigures = usualHand,
): BatchWork {
  const open = batch.sessions.filter(({ isOver }) => !isOver);
  const sessions = open.sort((one, other) => spanOf(one).from - spanOf(other).from);
  const origin = sessions.length > 0 ? spanOf(sessions[0]).from : 0;
  const minuteOf = (moment: number) => (moment - origin) / 60_000;
  const models: BatchWork['models'] = [];
  const runs: RunName[] = [];
  const chains: Chain[] = [];
  const without: BatchWork['without'] = [];
  const runAt = new Map<string, number>();
  const { mixOf, mixes, names } = palette(batch, shelf);
  const bodyFreeAt: number[] = [];
  let bodies = 0;
  let jobCount = 0;
  army.units.forEach(paintUnit);

  const modelIndex = new Map(models.map(({ unitId, number }, i) => [`${unitId} ${number}`, i]));
  const hands = batch.painters.map(({ speed, claims, isNew }): Hand => ({
    speed,
    onlyBase: isNew,
    claims: new Set(
      claims.flatMap(({ unitId, from, to }) =>
        numbers(from, to).flatMap((number) => modelIndex.get(`${unitId} ${number}`) ?? []),
      ),
    ),
  }));
  const sittings = sessions.map((session): Sitting => {
    const { from, to } = spanOf(session);
    const here = batch.painters.flatMap(({ id }, hand) =>
      session.without?.includes(id) ? [] : [hand],
    );
    return { from: minuteOf(from), to: minuteOf(to), hands: here };
  });
  return {
    work: {
      chains,
      mixes,
      models: models.length,
      bodies,
      bodyFreeAt,
      changeMinutes: own.changing ?? usualChangeMinutes,
      wishes: wishesOf(army, batch),
    },
    hands,
    sittings,
    sessionIds: sessions.map(({ id }) => id),
    models,
    runs,
    mixes: names,
    origin,
    without,
  };

  function paintUnit(unit: Unit, unitIndex: number): void {
    const chosen = chosenModels(batch, unit);
    if (chosen.length === 0) return;
    const firstModel = models.length;
    chosen.forEach((number) => models.push({ unitId: unit.id, number }));
    const all = workSurfaces(unit);
    const apart = [...new Set(all.map(({ subAssembly }) => subAssembly ?? ''))];
    const firstBody = bodies;
    bodies += chosen.length * apart.length;
    while (bodyFreeAt.length < bodies) bodyFreeAt.push(0);
    const ranks = ranksOf(army, unit, recipeOf);
    for (const surface of all)
      for (const { pin, models: alike } of modelsByPin(army, unit, surface)) {
        const written = pin && recipeOf(pin);
        const recipe = written && cappedAt(written, batch.standard);
        const here = alike.filter((number) => chosen.includes(number));
        if (here.length === 0) continue;
        if (!recipe) {
          if (!without.some((each) => each.unitId === unit.id && each.surfaceId === surface.id))
            without.push({ unitId: unit.id, surfaceId: surface.id });
          continue;
        }
        const coats = coatsOf(unit, surface, recipe);
        for (const number of here) {
          const place = chosen.indexOf(number);
          const body = firstBody + place * apart.length + apart.indexOf(surface.subAssembly ?? '');
          const on = painted.get(paintedKey(unit.id, surface.id, number));
          const readyAt = Math.max(0, minuteOf(on?.driesAt ?? 0));
          if (on?.holdsBody) bodyFreeAt[body] = Math.max(bodyFreeAt[body], readyAt);
          const rank = ranks.get(surface.id) ?? 0;
          chains.push(
            chainOf(coats, on, {
              model: firstModel + place,
              unit: unitIndex,
              body,
              rank,
              readyAt,
            }),
          );
        }
      }
  }

  function chainOf(
    coats: { job: Job; key: string }[],
    on: PaintedSurface | undefined,
    place: Omit<Chain, 'jobs'>,
  ): Chain {
    const jobs = coats.flatMap(({ job, key }) => (on?.coats.has(key) ? [] : [job]));
    jobCount += jobs.length;
    if (jobCount > mostJobs) throw new BatchTooLargeError(jobCount);
    return { ...place, jobs };
  }

  function coatsOf(unit: Unit, surface: UnitSurface, recipe: Recipe) {
    const areaCm2 = unit.areaCm2 * surface.share;
    const shape = shapeOf(recipe, surface.form);
    let turn = 0;
    const painted = asUsuallyPainted(stepsFor(surface, recipe), recipe, own);
    const waits = waitsOf(painted, batch);
    return painted.flatMap((step, index) => {
      // Once something of a surface waits, what comes after it waits too.
      turn = Math.max(turn, turnOf(unit, surface, step));
      const mix = mixOf(step, recipe);
      const handsOn =
        handsOnMinutes(step, areaCm2, shape, recipe.finishLevel) *
        (own.handsOn[step.technique] ?? 1);
      const wetMl = wetVolumeMl({ ...step, coats: 1 }, { areaCm2, models: 1 }, shape) * own.paint;
      return Array.from({ length: step.coats }, (_, i) => {
        const name = { unitId: unit.id, surfaceId: surface.id, stepId: step.id, coat: i + 1 };
        const run = runOf({ ...name, recipeId: recipe.id, wetMl });
        const blocks = techniqueOf(step.technique).holdsBody === true;
        return {
          key: `${step.id} ${i + 1}`,
          job: {
            handsOn,
            dry: waits[index][i] * own.drying,
            mix,
            blocks,
            turn,
            run,
            isBase: isBaseStage(step.stage),
          },
        };
      });
    });
  }

  function runOf(name: RunName): number {
    const key = `${coatKey(name)} ${name.recipeId}`;
    const known = runAt.get(key);
    if (known !== undefined) return known;
    runAt.set(key, runs.push(name) - 1);
    return runs.length - 1;
  }
}

const coatKey = ({ unitId, surfaceId, stepId, coat }: Omit<RunName, 'recipeId' | 'wetMl'>) =>
  `${unitId} ${surfaceId} ${stepId} ${coat}`;
