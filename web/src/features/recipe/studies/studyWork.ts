import {
  borderBridge,
  bridgeFix,
  bridgeInRungs,
  evenedFix,
  mainBuildUps,
  finishedSurface,
  changesAt,
  compareGrounds,
  coverageByPlace,
  depositAt,
  dropsFor,
  filmOf,
  flattenMix,
  groundOf,
  includedSteps,
  laidPaint,
  mixLineage,
  mixSteps,
  placeOf,
  potOn,
  predictBuildUp,
  passesAt,
  passesToward,
  pushHighlight,
  repairFix,
  ribbonStops,
  rungsByParts,
  staysWetUntil,
  suggestUnderColour,
  surfaceBelow,
  surfaceColour,
  tints,
  underColourFix,
  valueStaircase,
  masstoneOf,
  type Aspect,
  type BorderBridge,
  type Bridge,
  type Drops,
  type Fix,
  type HighlightPush,
  type MixOrigin,
  type MixStep,
  type OverGround,
  type PlaceChange,
  type PlaceCoverage,
  type Passes,
  type PassesToward,
  type PotShare,
  type Recipe,
  type Stair,
  type StaysWet,
  type SurfaceColour,
  type ToneStopName,
  type UnderColour,
} from '@yellow-ledger/core';
import { shelfInHand } from '../../../workers/shared/ledgerData';

export interface CoverageStudy {
  places: PlaceCoverage[];
  /** what lies below now where it shows most, with the coats written */
  now: Omit<OverGround, 'potId'> | null;
  grounds: OverGround[];
  under: (UnderColour & { fix: Fix }) | null;
}

export interface LineageStudy {
  origins: MixOrigin[];
  shares: PotShare[];
  /** the smallest whole drops that make the mix again from pots */
  drops: Drops;
  staysWet: StaysWet[];
}

export interface FilterStudy {
  changes: PlaceChange[];
  /** points and edges to paint again, where the filter has no repair yet */
  repair: Fix | null;
  /** the highlight before it that can be pushed, with how */
  push: HighlightPush | null;
}

export interface LightStudy {
  /** the aspects of the surface, the main one first */
  aspects: Aspect[];
  stairs: Stair[];
  mixSteps: MixStep[];
  /** of the finished surface, L* */
  darkest: number;
  lightest: number;
}

export interface PassesStudy {
  /** one a place asked for */
  places: Passes[];
  /** what the line makes at the last place with the passes written */
  target: SurfaceColour;
  alike: { potId: string; found: PassesToward }[];
}

export interface BridgeStudy {
  bridge: Bridge;
  /** L* at equal parts, the ends included */
  byParts: number[];
  /** L* as evened, the ends included */
  evened: number[];
  from: SurfaceColour;
  to: SurfaceColour;
  /** puts the rungs in as lines; gives the lines between the ends the rungs' mixes */
  insert: Fix | null;
  useBetween: Fix | null;
}

/** One coat's worth of a mix made again, ml. */
const madeAgainMl = 0.3;

function lineOf(recipe: Recipe, id: string) {
  const index = recipe.steps.findIndex((step) => step.id === id);
  const written = recipe.steps[index];
  if (!written) throw new RangeError('This line is no longer in the recipe.');
  const step = includedSteps(recipe).find((each) => each.id === id) ?? written;
  const shares = flattenMix(written.mix, recipe.steps.slice(0, index));
  return {
    recipe,
    step,
    written,
    index,
    shares,
    paint: laidPaint(written.technique, shares, shelfInHand()),
  };
}

/** The studies of a line of a recipe. */
export const studyWork = {
  coverage(draft: Recipe, stepId: string): CoverageStudy {
    const { recipe, step, written, paint } = lineOf(draft, stepId);
    const shelf = shelfInHand();
    const below = surfaceBelow(recipe, shelf, step.id);
    const places = coverageByPlace(step, paint, below, ribbonStops);
    if (places.length === 0) return { places, now: null, grounds: [], under: null };
    const worst = places.reduce((most, each) => (each.missing > most.missing ? each : most));
    const at = placeOf(worst.place);
    const ground = below[ribbonStops.indexOf(at)];
    // The film that lies at that place, for both tables.
    const film = filmOf(step) * depositAt(step, at);
    const under = suggestUnderColour(paint, ground, shelf, film, step.coats);
    return {
      places,
      now: {
        coats: worst.coats,
        surface: worst.after[step.coats - 1],
        missing: worst.missing,
      },
      grounds: compareGrounds(paint, shelf, film, step.coats),
      under: under && {
        ...under,
        fix: underColourFix(written, under, potOn(shelf, under.potId).name),
      },
    };
  },

  lineage(draft: Recipe, stepId: string): LineageStudy {
    const { recipe, written, index, shares } = lineOf(draft, stepId);
    const earlier = recipe.steps.slice(0, index);
    return {
      origins: mixLineage(written.mix, earlier),
      shares,
      drops: dropsFor(written.mix, earlier, shelfInHand(), madeAgainMl),
      staysWet: staysWetUntil(recipe),
    };
  },

  filterStudy(draft: Recipe, stepId: string): FilterStudy {
    const { recipe, written } = lineOf(draft, stepId);
    const build = predictBuildUp(recipe, shelfInHand());
    return {
      changes: changesAt(build, written.id),
      repair: tints(written) ? repairFix(recipe, written.id) : null,
      push: tints(written) ? pushHighlight(recipe, written.id, shelfInHand()) : null,
    };
  },

  /** @param groundPotIds pots whose colour, thick and dry, the line is tried over */
  passes(
    draft: Recipe,
    stepId: string,
    places: readonly ToneStopName[],
    groundPotIds: readonly string[],
  ): PassesStudy {
    const { recipe, step, paint } = lineOf(draft, stepId);
    const below = surfaceBelow(recipe, shelfInHand(), step.id);
    const rows = places.map((place) => {
      const at = placeOf(place);
      return passesAt(step, paint, below[ribbonStops.indexOf(at)], at);
    });
    const at = placeOf(places[places.length - 1]);
    const target = rows[rows.length - 1].after[step.coats - 1];
    return {
      places: rows,
      target,
      alike: groundPotIds.map((potId) => ({
        potId,
        found: passesToward(target, step, paint, groundOf(potOn(shelfInHand(), potId)), at),
      })),
    };
  },

  /** @param aspectKey the aspect it is looked at in; the main one where it is gone */
  staircase(recipe: Recipe, aspectKey: string): LightStudy {
    const build = predictBuildUp(recipe, shelfInHand());
    const aspects = mainBuildUps(build);
    const seen = aspects.find(({ aspect }) => aspect.key === aspectKey) ?? aspects[0];
    const values = finishedSurface(seen).map(({ value }) => value);
    return {
      aspects: aspects.map(({ aspect }) => aspect),
      stairs: valueStaircase(seen),
      mixSteps: mixSteps(recipe, build, shelfInHand(), seen.aspect.key),
      darkest: Math.min(...values),
      lightest: Math.max(...values),
    };
  },

  border(
    recipe: Recipe,
    lines: readonly [string, string],
    potId: string | null,
  ): { found: BorderBridge | null } {
    return { found: borderBridge(recipe, shelfInHand(), lines, potId) };
  },

  /** @param count rungs between the two, 0 to 6 */
  bridge(draft: Recipe, fromId: string, toId: string, count: number): BridgeStudy {
    const lower = lineOf(draft, fromId);
    const upper = lineOf(draft, toId);
    const [from, to] = [lower.paint, upper.paint];
    const ends = [from, to].map((paint) => surfaceColour(masstoneOf(paint)));
    const byParts = rungsByParts(from, to, count).map(({ colour }) => colour.value);
    const bridge = bridgeInRungs(from, to, count);
    const between = lower.recipe.steps.slice(lower.index + 1, upper.index);
    return {
      bridge,
      byParts: [ends[0].value, ...byParts, ends[1].value],
      evened: [ends[0].value, ...bridge.rungs.map(({ colour }) => colour.value), ends[1].value],
      from: ends[0],
      to: ends[1],
      insert:
        bridge.rungs.length > 0
          ? bridgeFix(lower.written, upper.written, bridge.rungs, 'Put them in as lines')
          : null,
      useBetween:
        between.length > 0 && between.length === bridge.rungs.length
          ? evenedFix(
              lower.written,
              upper.written,
              between,
              bridge.rungs,
              'Give the lines between these mixes',
            )
          : null,
    };
  },
};
