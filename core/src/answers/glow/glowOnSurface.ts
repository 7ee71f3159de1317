import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { AimSide } from '../../written/place/aim';
import { placeOf, ribbonStops, type ToneStopName } from '../../written/place/toneAxis';
import { aimKeyOf } from '../../written/recipe/aimOf';
import { aspectOfLine } from '../../predicted/buildUp/aspectsOfRecipe';
import {
  buildUpOfAim,
  everyAspect,
  finishedSurface,
  type BuildUp,
} from '../../predicted/buildUp/buildUp';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import { stopNearest, withBestCoats, type PlannedLine } from '../../predicted/coverage/bestCoats';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { groundSurface } from '../../predicted/buildUp/surfaceBelow';
import { coolShade } from './coolShade';
import { bands, coveringLine, tintingLine, type GlowBand, type LookUp } from './glowLines';
import { paintedAsLit } from './pointLight';
import { whiteFirst } from './whiteFirst';

/** Places the light reaches fully: below them it falls off into the recesses. */
export const fullyLit: readonly ToneStopName[] = ['mid', 'raised', 'crown', 'edge', 'point'];
/** The painted result is as it was worked out when no more than this is missing, ΔE00. */
export const glowWithin = 4;

/** How a light is painted; practitioners hold both. */
export const glowSchools = [
  {
    name: 'covering mixes',
    tells: 'a weak tint, then the colour of each place, smaller and brighter',
  },
  { name: 'white first', tells: 'white where it is strong, and transparent colour over it' },
] as const;

export type GlowSchool = (typeof glowSchools)[number]['name'];

/** One place the light reaches fully: what it should look like, and what is painted. */
export interface GlowPlace {
  place: ToneStopName;
  target: SurfaceColour;
  painted: SurfaceColour;
  /** ΔE00 */
  error: number;
}

export interface PaintedGlow {
  school: GlowSchool;
  recipe: Recipe;
  /** where the light comes straight in: before it, and painted */
  before: SurfaceColour[];
  after: SurfaceColour[];
  places: GlowPlace[];
  /** at the worst place, ΔE00 */
  error: number;
  /** what lies on the other side is as it was */
  isElsewhereUntouched: boolean;
}

export interface GlowWanted {
  /** the side the light is on */
  side: AimSide;
  /** of it there, as a multiple of daylight */
  strength: number;
  /** its colour */
  hex: string;
  /** the shadows turned away from it go over to its opposite */
  hasShade?: boolean;
}

/**
 * The lines that paint a light onto a finished surface: a broad weak tint, then covering mixes in
 * fewer and fewer places that look as that light makes each place look.
 *
 * @param recipe without lines, with the surface as its ground
 * @param lookUp among the paints at hand
 * @param school how it is painted; white first falls back where there is nothing to glaze with
 * @throws UnknownPotError, CarryError
 */
export function glowOnSurface(
  recipe: Recipe,
  shelf: Shelf,
  { side, strength, hex, hasShade = false }: GlowWanted,
  lookUp: LookUp,
  school: GlowSchool = 'covering mixes',
): PaintedGlow {
  const aimed = recipeAimed(recipe, side);
  const hotKey = aimKeyOf(aimed.steps[2]);
  const hot = aspectOfLine(aimed, shelf, aimed.steps[2].id);
  const ground = groundSurface(recipe, shelf, ribbonStops, hot);
  const litAs = (band: GlowBand, at: number) =>
    surfaceColour(paintedAsLit(ground[stopNearest(at)], strength * band.share, hex));
  const plan = (
    make: typeof coveringLine,
    id: string,
    band: GlowBand,
    { from, at, softness = 0.1 }: { from: number; at: number; softness?: number },
  ): PlannedLine[] => {
    const target = litAs(band, at);
    const step = make(id, { band, from, softness, target }, side, lookUp);
    return step ? [{ step, at, target }] : [];
  };
  const wanted = fullyLit.map((place) => ({
    place,
    at: placeOf(place),
    target: litAs(bands.hot, placeOf(place)),
  }));
  const covering = () => [
    ...plan(tintingLine, 'tint', bands.weak, { from: 0.3, at: 0.66, softness: 0.25 }),
    ...plan(coveringLine, 'half-mid', bands.half, { from: 0.4, at: 0.5 }),
    ...plan(coveringLine, 'half-crown', bands.half, { from: 0.7, at: 0.8 }),
    ...plan(coveringLine, 'hot-mid', bands.hot, { from: 0.38, at: 0.5, softness: 0.12 }),
    ...plan(coveringLine, 'hot-raised', bands.hot, { from: 0.58, at: 0.66, softness: 0.12 }),
    ...plan(coveringLine, 'hot-crown', bands.hot, { from: 0.73, at: 0.8 }),
    ...plan(coveringLine, 'hot-edge', bands.hot, { from: 0.86, at: 0.92, softness: 0.08 }),
    ...plan(coveringLine, 'hot-point', bands.hot, { from: 0.97, at: 1, softness: 0.04 }),
  ];
  const shade = hasShade ? coolShade(ground, hex, side, lookUp) : [];
  const shaded = shade.length > 0 ? withBestCoats(recipe, shade, shelf) : recipe;
  const overWhite =
    school === 'white first'
      ? whiteFirst(shaded, shelf, { side, hex, hotKey, places: wanted }, lookUp)
      : null;
  const painted = overWhite ?? withBestCoats(shaded, covering(), shelf);
  const build = predictBuildUp(painted, shelf);
  const seen = buildUpOfAim(build, hotKey);
  const after = finishedSurface(seen);
  const places = wanted.map(({ place, at, target }): GlowPlace => {
    const stop = stopNearest(at);
    return { place, target, painted: after[stop], error: colourDifference(after[stop], target) };
  });
  return {
    school: overWhite ? 'white first' : 'covering mixes',
    recipe: painted,
    before: seen.ground,
    after,
    places,
    error: Math.max(...places.map(({ error }) => error)),
    isElsewhereUntouched: isUntouched(
      build,
      [...aimed.steps, ...shade.map(({ step }) => step)].map(aimKeyOf),
    ),
  };
}

/** The recipe with an empty line for each band: what aspects there will be does not go by the mixes. */
function recipeAimed(recipe: Recipe, side: AimSide): Recipe {
  const steps = Object.values(bands).map(({ within }, i): Step => ({
    id: `band ${i}`,
    stage: 'highlight',
    technique: 'layer',
    mix: { parts: [], waterParts: 0, mediumParts: 0 },
    coats: 1,
    placement: { from: 0, to: 1, softness: 0, pull: 'even', aim: { facing: { side, within } } },
    dryMinutes: 0,
    level: 'field',
    note: '',
  }));
  return { ...recipe, steps };
}

/** Nothing is laid where no line is aimed. */
const isUntouched = (build: BuildUp, keys: readonly string[]) =>
  everyAspect(build)
    .filter(({ aspect }) => keys.every((key) => (aspect.weights.get(key) ?? 0) === 0))
    .every((each) => finishedSurface(each).every(({ hex }, i) => hex === each.ground[i].hex));
