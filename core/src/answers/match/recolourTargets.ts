import { colourOfHex } from '../../light/colour/colourOfHex';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { hueApart } from '../../light/colour/hueApart';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { finishedSurface, type BuildUp } from '../../predicted/buildUp/buildUp';
import { aimKeyOf } from '../../written/recipe/aimOf';
import type { Recipe } from '../../written/recipe/recipe';
import { placeOf } from '../../written/place/toneAxis';

/** The colour a recipe is to have: its mid, and its dark and light where they are said. */
export interface NewColour {
  /** sRGB */
  mid: string;
  dark?: string | undefined;
  light?: string | undefined;
}

/** No mix is looked for darker or paler than this, L*: there is no such paint. */
const darkest = 8;
const palest = 96;
/** A mix as weak as this has no hue to turn. */
const neutralUpTo = 6;
/** A mid as weak as this says nothing of how strong its lights are. */
const leastChroma = 10;
/** Nothing gets stronger than so many times the new mid. */
const strongest = 1.35;

/** The colour of the mid of a recipe: as it is meant, or as it ends. */
export function midOfRecipe(recipe: Recipe, build: BuildUp): SurfaceColour {
  if (recipe.meantAs !== undefined) return colourOfHex(recipe.meantAs);
  return finishedSurface(build)[build.stops.indexOf(placeOf('mid'))];
}

/**
 * The target of each mix of a recipe for the whole to have another colour: its light stands as far
 * from the mid as before, drawn together only where there is no room; its hue is as far from the
 * mid’s; its strength is the same share of it. With a dark and a light said, between those. A second
 * light and marks of another hue stay as they are.
 *
 * @param build of the same recipe
 * @returns by line; nothing of what holds no paint
 */
export function recolourTargets(
  recipe: Recipe,
  build: BuildUp,
  asked: NewColour,
): Map<string, SurfaceColour> {
  const mixes = build.steps.flatMap(({ stepId, mix }) =>
    mix.isClear ? [] : [{ stepId, colour: mix.colour }],
  );
  const was = midOfRecipe(recipe, build);
  const values = mixes.map(({ colour }) => colour.value);
  const ends = { lowest: Math.min(was.value, ...values), highest: Math.max(was.value, ...values) };
  const aimed = new Set(recipe.steps.filter((step) => aimKeyOf(step) !== '').map(({ id }) => id));
  return new Map(
    mixes.flatMap(({ stepId, colour }) =>
      aimed.has(stepId) && isAnotherColour(colour, was)
        ? []
        : [[stepId, targetOf(colour, was, ends, asked)] as const],
    ),
  );
}

/** A second light, or a mark: what is aimed and of another hue does not turn with the rest. */
const isAnotherColour = (colour: SurfaceColour, was: SurfaceColour) =>
  colour.chroma > strongFrom &&
  was.chroma > neutralUpTo &&
  Math.abs(hueApart(was.hue, colour.hue)) > anotherHue;

const strongFrom = 16;
const anotherHue = 70;

function targetOf(
  colour: SurfaceColour,
  was: SurfaceColour,
  { lowest, highest }: { lowest: number; highest: number },
  asked: NewColour,
): SurfaceColour {
  const mid = colourOfHex(asked.mid);
  const isDark = colour.value < was.value;
  const end = isDark ? asked.dark : asked.light;
  const reach = isDark ? was.value - lowest : highest - was.value;
  const from = Math.abs(colour.value - was.value);
  if (end !== undefined) {
    const to = colourOfHex(end);
    const along = reach > 0 ? from / reach : 0;
    const between = (one: number, other: number) => one + (other - one) * along;
    return colourOfLab(between(mid.value, to.value), between(mid.a, to.a), between(mid.b, to.b));
  }
  const room = isDark ? mid.value - darkest : palest - mid.value;
  const drawn = Math.min(1, Math.max(0, room) / Math.max(1e-9, reach));
  const value = mid.value + (isDark ? -1 : 1) * from * drawn;
  if (colour.chroma <= neutralUpTo) return colourOfLab(value, colour.a, colour.b);
  const strength = colour.chroma / Math.max(leastChroma, was.chroma);
  const chroma = Math.min(strongest, strength) * mid.chroma;
  const turned = was.chroma > neutralUpTo ? hueApart(was.hue, colour.hue) : 0;
  const hue = ((mid.hue + turned) * Math.PI) / 180;
  return colourOfLab(value, chroma * Math.cos(hue), chroma * Math.sin(hue));
}
