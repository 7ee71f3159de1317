import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { hueApart } from '../../light/colour/hueApart';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { transparentKinds, type Pot } from '../../written/pot/pot';
import type { AimSide } from '../../written/place/aim';
import { paintsAtHand } from '../drafting/choosePots';
import { stopNearest, withBestCoats, type PlannedLine } from '../../predicted/coverage/bestCoats';
import { buildUpOfAim, finishedSurface } from '../../predicted/buildUp/buildUp';
import { BuildUpPredictor } from '../../predicted/buildUp/buildUpPredictor';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { bands, coveringLine, type GlowBand, type LookUp } from './glowLines';

const white = colourOfLab(96, 0, 0);
const passesTried = [1, 2, 4];
/** Paints tried as a glaze beside what is transparent of itself: those nearest in hue. */
const paintsTried = 6;

/** The wishes for a light on one surface. */
export interface WantedGlow {
  side: AimSide;
  hex: string;
  /** key of the aim the light comes straight into */
  hotKey: string;
  /** places it reaches fully, with what each should look like */
  places: readonly { at: number; target: SurfaceColour }[];
}

/**
 * The light painted white first, where it is strongest, and coloured by one transparent paint over
 * it: that pot, in so many passes, whose result comes nearest.
 *
 * @param recipe without lines, with the surface as its ground
 * @returns null where there is nothing to paint it with
 * @throws CarryError, UnknownPotError
 */
export function whiteFirst(
  recipe: Recipe,
  shelf: Shelf,
  { side, hex, hotKey, places }: WantedGlow,
  lookUp: LookUp,
): Recipe | null {
  const line = (id: string, band: GlowBand, from: number, at: number): PlannedLine[] => {
    const step = coveringLine(id, { band, from, softness: 0.14, target: white }, side, lookUp);
    return step ? [{ step, at, target: white }] : [];
  };
  const lit = withBestCoats(
    recipe,
    [...line('white-half', bands.half, 0.66, 0.92), ...line('white-hot', bands.hot, 0.42, 0.8)],
    shelf,
  );
  const predictor = new BuildUpPredictor();
  const stops = places.map(({ at }) => stopNearest(at));
  const errorOf = (tried: Recipe) => {
    const build = predictor.predict(tried, shelf);
    const seen = finishedSurface(buildUpOfAim(build, hotKey));
    return places.reduce(
      (sum, { target }, i) => sum + colourDifference(seen[stops[i]], target) / places.length,
      0,
    );
  };
  const tried = glazesFor(hex, shelf).flatMap((pot) =>
    passesTried.map((coats) => {
      const next = { ...lit, steps: [...lit.steps, glaze(pot, coats, side)] };
      return { next, error: errorOf(next) };
    }),
  );
  return tried.length === 0
    ? null
    : tried.reduce((one, other) => (other.error < one.error ? other : one)).next;
}

const isThin = ({ kind }: Pot) => transparentKinds.includes(kind);

/** Pots a light of some colour can be glazed with: all that is transparent, and paints of its hue. */
function glazesFor(hex: string, shelf: Shelf): Pot[] {
  const light = colourOfHex(hex);
  const apart = ({ swatch }: Pot) => {
    const colour = colourOfHex(swatch);
    return Math.abs(hueApart(light.hue, colour.hue)) - Math.min(30, colour.chroma) / 2;
  };
  const paints = paintsAtHand(shelf)
    .sort((one, other) => apart(one) - apart(other))
    .slice(0, paintsTried);
  return [...paintsAtHand(shelf, transparentKinds), ...paints];
}

const glaze = (pot: Pot, coats: number, side: AimSide): Step => ({
  id: 'colour',
  stage: 'glaze',
  technique: 'placedGlaze',
  mix: {
    parts: [{ from: 'pot', potId: pot.id, parts: 1 }],
    waterParts: 0,
    mediumParts: isThin(pot) ? 1 : 4,
  },
  coats,
  placement: {
    from: 0.25,
    to: 1,
    softness: 0.25,
    pull: 'up',
    aim: { facing: { side, within: bands.weak.within } },
  },
  dryMinutes: 15,
  level: 'field',
  note: '',
});
