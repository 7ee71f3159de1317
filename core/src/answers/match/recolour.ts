import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfLab } from '../../light/colour/colourOfLab';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { Pot } from '../../written/pot/pot';
import { isOfFamily } from '../../written/pot/family';
import { isAtHand } from '../../written/pot/stock';
import { DraftLines } from '../drafting/draftLines';
import { aimKeyOf } from '../../written/recipe/aimOf';
import type { BuildUp } from '../../predicted/buildUp/buildUp';
import { flattenMix, type PotShare } from '../../written/recipe/flattenMix';
import type { MixPart } from '../../written/mix/mix';
import { potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { mostSteps, type Recipe } from '../../written/recipe/recipe';
import { coatsOf } from '../../written/recipe/includedSteps';
import type { Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';
import type { MatchedMix } from './matchColour';
import { nearestByParts } from './screen/nearestByParts';
import { recolourTargets, type NewColour } from './recolourTargets';

export interface RecolourAsked extends NewColour {
  /** pots that stay where they are */
  held: readonly string[];
}

/** One mix of the recipe, before and after. */
export interface RecolouredLine {
  stepId: string;
  before: SurfaceColour;
  /** what was looked for; null where the mix stays, as its pot is held or nothing comes near */
  target: SurfaceColour | null;
  after: SurfaceColour;
  /** ΔE00 to what was looked for */
  error: number;
}

export interface Recoloured {
  recipe: Recipe;
  lines: RecolouredLine[];
  /** what had to be done otherwise */
  notes: string[];
}

/** A recolouring that is worked out a line at a time, so that it can be shown and stopped. */
export interface Recolouring {
  lines: number;
  /** looks for the mix of a line, from 0 */
  look: (line: number) => void;
  /** to be called once every line was looked for */
  result: () => Recoloured;
}

/** A mix that comes no nearer than this, ΔE00, is none; the line keeps its own. */
const farFrom = 25;

/**
 * The whole recipe in another colour. Every mix is looked for anew among the paints at hand, so that
 * the light steps stay; lines that covered get the coats they need on what is below them now, and
 * an under-colour where it takes too many.
 *
 * @throws CarryError, UnknownPotError
 */
export function recolouring(recipe: Recipe, asked: RecolourAsked, shelf: Shelf): Recolouring {
  const build = predictBuildUp(recipe, shelf);
  const targets = recolourTargets(recipe, build, asked);
  const found = new Map<string, MatchedMix>();
  const candidates = new Map<string, Pot[]>();

  return {
    lines: recipe.steps.length,
    look(line) {
      const step = recipe.steps[line];
      const target = targets.get(step.id);
      const shares = flattenMix(step.mix, recipe.steps.slice(0, line));
      if (!target || shares.some(({ potId }) => asked.held.includes(potId))) return;
      const mix = inItsLight(target, candidatesFor(shares));
      if (mix && mix.error < farFrom) found.set(step.id, mix);
    },
    result() {
      const { steps, notes } = written(recipe, build, found, shelf);
      const { meantAs: _was, ...rest } = recipe;
      const recoloured = {
        ...rest,
        ...(recipe.meantAs !== undefined && { meantAs: asked.mid }),
        steps: steps.slice(0, mostSteps),
      };
      const after = predictBuildUp(recoloured, shelf);
      const lines = build.steps.flatMap(({ stepId, mix }): RecolouredLine[] => {
        const now = after.steps.find((each) => each.stepId === stepId)?.mix.colour;
        if (mix.isClear || !now) return [];
        const mixed = found.get(stepId);
        const target = mixed ? (targets.get(stepId) ?? null) : null;
        return [{ stepId, before: mix.colour, target, after: now, error: mixed?.error ?? 0 }];
      });
      return { recipe: recoloured, lines, notes };
    },
  };

  /** Pots of the family that is in the mix now: what lets light through still does, metal stays metal. */
  function candidatesFor(shares: readonly PotShare[]): Pot[] {
    const [main] = [...shares].sort((one, other) => other.share - one.share);
    const was = potOn(shelf, main.potId);
    const key = `${was.kind} ${was.finish === 'metallic'}`;
    const known = candidates.get(key);
    if (known) return known;
    const pots = [...shelf.values()].filter(
      (pot) => isOfFamily(pot, was) && pot.hiding > 0 && isAtHand(pot),
    );
    candidates.set(key, pots);
    return pots;
  }
}

/**
 * The mix that stands nearest in light first and in colour after: where the shelf has not the
 * strength, weaker ones are tried, as a step that is lost is missed more than a little of the colour.
 */
function inItsLight(target: SurfaceColour, pots: readonly Pot[]): MatchedMix | null {
  const tried = weaker.flatMap((share) => {
    const mix = nearestByParts(colourOfLab(target.value, share * target.a, share * target.b), pots);
    if (!mix) return [];
    const error = colourDifference(mix.colour, target);
    const short = Math.abs(mix.colour.value - target.value);
    return [{ mix: { ...mix, error }, cost: short + error / 2 }];
  });
  return tried.sort((one, other) => one.cost - other.cost).at(0)?.mix ?? null;
}

/** Shares of the strength looked for that are tried. */
const weaker = [1, 0.8, 0.6, 0.45];

/** The lines with their new mixes, each written out in pots, and the coats they need now. */
function written(
  recipe: Recipe,
  build: BuildUp,
  found: ReadonlyMap<string, MatchedMix>,
  shelf: Shelf,
): { steps: Step[]; notes: string[] } {
  const lines = new DraftLines(
    { school: 'recolour', groundPotId: recipe.groundPotId, finishLevel: recipe.finishLevel },
    shelf,
  );
  recipe.steps.forEach((step, index) => {
    const mixed = found.get(step.id);
    const earlier = recipe.steps.slice(0, index);
    const parts = mixed ? mixed.parts.map(fromPot) : partsOf(step, earlier);
    const next = { ...step, mix: { ...step.mix, parts } };
    const { coverage, isIncluded } = build.steps[index];
    const coats = coatsOf(step, recipe.finishLevel);
    const covered = coverage !== null && coverage.coats !== null && coverage.coats <= coats;
    const isWorkedOut =
      mixed && isIncluded && covered && techniqueOf(step.technique).covers && aimKeyOf(step) === '';
    if (!isWorkedOut) return lines.take(next);
    const { coatsAt: _ofLevels, coatsUpTo: _most, ...once } = next;
    lines.take({ ...once, coats }, { mayNeedMore: true });
  });
  return { steps: lines.steps, notes: lines.notes };
}

const fromPot = ({ potId, parts }: { potId: string; parts: number }): MixPart => ({
  from: 'pot',
  potId,
  parts,
});

/** The mix of a line, written out in pots where it carried a mix forward. */
function partsOf(step: Step, earlier: readonly Step[]): MixPart[] {
  if (step.mix.parts.every(({ from }) => from === 'pot')) return step.mix.parts;
  return flattenMix(step.mix, earlier).map(({ potId, share }) =>
    fromPot({ potId, parts: Math.max(0.1, Math.round(share * 100) / 10) }),
  );
}
