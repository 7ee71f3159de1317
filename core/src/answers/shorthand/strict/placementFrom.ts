import type { Placement } from '../../../written/place/placement';
import { placeOf } from '../../../written/place/toneAxis';
import type { Stage, Step } from '../../../written/recipe/step';
import { techniqueOf, type TechniqueName } from '../../../written/technique/techniques';
import type { Said } from '../said';

/** How much further up a band begins than the one below it; our own starting point. */
const bandRises = 0.14;
const lowestBand = 0.3;
const highestBand = 0.92;
const firstBand = 0.4;

/** Where a line goes, as far as it was said, and as its technique and the line above have it. */
export function placementFrom(
  said: Said,
  stage: Stage,
  technique: TechniqueName,
  before: Step | undefined,
): Placement {
  const { usualPlacement, isBand } = techniqueOf(technique);
  const { facing, along, height, spot } = said;
  const isAimed = [facing, along, height, spot].some((each) => each !== undefined);
  const tone = said.tone ?? (isAimed ? { from: 0, to: 1 } : usualTone(stage, technique, before));
  // A line said for the hollows is strongest in them, whichever way its technique usually pulls.
  const goesDown =
    tone.from <= 0 && tone.to < 1 && (isBand || (said.tone && usualPlacement.pull === 'up'));
  const pull = pullMeant(said, technique);
  const { aim: usualAim, last: _none, ...usual } = usualPlacement;
  const aim = {
    ...(!said.anySide && usualAim),
    ...(facing && { facing }),
    ...(along && { along }),
    ...(height && { height }),
    ...(spot !== undefined && { spot }),
  };
  return {
    ...usual,
    ...tone,
    softness: said.softness ?? usual.softness,
    pull: said.pull ?? pull ?? (goesDown ? 'down' : usual.pull),
    ...(Object.keys(aim).length > 0 && { aim }),
    ...(said.last && {
      last: { ...said.last, from: said.last.from ?? tone.from, to: said.last.to ?? tone.to },
    }),
  };
}

/** From here up a place is in the lights. */
const lightsFrom = 0.5;

/**
 * A tint said for the lights is drawn towards them, and one for a side lies evenly on it; its usual
 * strokes finish in the hollows.
 */
function pullMeant(
  { tone, facing }: Said,
  technique: TechniqueName,
): Placement['pull'] | undefined {
  if (!techniqueOf(technique).tints || techniqueOf(technique).usualPlacement.pull !== 'down')
    return undefined;
  if (tone && tone.from >= lightsFrom) return 'up';
  return facing && (!tone || (tone.from <= 0 && tone.to >= 1)) ? 'even' : undefined;
}

/** Bands go on upwards, each from higher than the one before; in shade they lie in the shadows. */
function usualTone(stage: Stage, technique: TechniqueName, before: Step | undefined) {
  const { usualPlacement, isBand } = techniqueOf(technique);
  const { from, to } = usualPlacement;
  // A base coat lies under everything, whatever it is put on with.
  if (stage === 'base' && technique === 'airbrush') return { from: 0, to: 1 };
  if (!isBand) return { from, to };
  if (stage === 'shade') return { from: 0, to: placeOf('shadow') };
  const risen = before && before.placement.from >= lowestBand && before.placement.from + bandRises;
  return { from: Math.round(Math.min(highestBand, risen || firstBand) * 100) / 100, to };
}
