import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { WrittenAim } from '../../written/place/aim';
import { placeOf, ribbonStops, type ToneStopName } from '../../written/place/toneAxis';
import { paintsAtHand } from '../drafting/choosePots';
import { withBestCoats, type PlannedLine } from '../../predicted/coverage/bestCoats';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { groundSurface } from '../../predicted/buildUp/surfaceBelow';
import { mixTable } from './mixTable';

export interface MarkAsked {
  /** colour it has in the middle tones */
  hex: string;
  /** how far it follows the light of what it is on: 0 flat, 1 as light and dark as that */
  keepsLight: number;
  /** where it is; all over where not said */
  aim?: WrittenAim;
}

/** Where lines of a mark begin, and the tone each is the colour of. */
const tones: readonly { of: ToneStopName; from: number }[] = [
  { of: 'shadow', from: 0 },
  { of: 'mid', from: 0.4 },
  { of: 'raised', from: 0.58 },
  { of: 'crown', from: 0.73 },
  { of: 'edge', from: 0.86 },
];
/** A step of the mark that nobody sees is no line, ΔE00. */
const seenFrom = 2.5;
/** No mark is darker or lighter than this, L*. */
const range = { darkest: 6, lightest: 96 };

/**
 * The wanted colour of a mark at a place, so that the light of the surface below goes on in it:
 * as much lighter or darker than in its middle as the ground is there. In the dark it loses strength
 * with its light.
 */
export function markAt(
  mark: SurfaceColour,
  groundChange: number,
  keepsLight: number,
): SurfaceColour {
  const value = Math.min(
    range.lightest,
    Math.max(range.darkest, mark.value + keepsLight * groundChange),
  );
  const strength = value < mark.value ? value / Math.max(1, mark.value) : 1;
  return colourOfLab(value, mark.a * strength, mark.b * strength);
}

/**
 * Lines that paint a mark on a finished surface so that its light goes on in it: an emblem or war
 * paint whose folds are those of the cloth below. Each has the mix nearest to what the mark looks
 * like in its tone.
 *
 * @param recipe whose ground it is painted on
 * @param newId a new identifier at each call
 * @returns no lines where there is no paint at hand
 * @throws CarryError, UnknownPotError
 */
export function markOnGround(
  recipe: Recipe,
  shelf: Shelf,
  { hex, keepsLight, aim }: MarkAsked,
  newId: () => string,
): Step[] {
  const ground = groundSurface(recipe, shelf).map(surfaceColour);
  const valueAt = (place: ToneStopName) => ground[ribbonStops.indexOf(placeOf(place))].value;
  const mark = colourOfHex(hex);
  const lookUp = mixTable(paintsAtHand(shelf));
  let before: SurfaceColour | null = null;
  const lines = tones.flatMap(({ of, from }): PlannedLine[] => {
    const target = markAt(mark, valueAt(of) - valueAt('mid'), keepsLight);
    if (before && colourDifference(before, target) < seenFrom) return [];
    const mix = lookUp(target);
    if (!mix || (before && colourDifference(before, mix.colour) < seenFrom)) return [];
    const isFirst = before === null;
    before = mix.colour;
    const step: Step = {
      id: newId(),
      stage: 'detail',
      technique: 'layer',
      mix: {
        parts: mix.parts.map(({ potId, parts }) => ({ from: 'pot', potId, parts })),
        waterParts: 1,
        mediumParts: 0,
      },
      coats: 2,
      placement: { from, to: 1, softness: isFirst ? 0 : 0.12, pull: 'even', ...(aim && { aim }) },
      dryMinutes: 15,
      level: 'field',
      note: '',
    };
    return [{ step, at: placeOf(of), target }];
  });
  return withBestCoats(recipe, lines, shelf).steps.slice(recipe.steps.length);
}
