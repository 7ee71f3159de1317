import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { Aspect } from '../../written/place/aspects';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { depositOf, layOver, type Deposit } from './applyStep';
import { aspectsOfRecipe } from './aspectsOfRecipe';
import type { AspectBuildUp, BuildUp, StepBuildUp } from './buildUp';
import type { Coverage } from '../paint/coatsToCover';
import { brushOf, strokeKey, type Brush } from '../paint/brush';
import { asLeft, liftedBy, wetLine, type WetLine } from './lift';
import {
  groundOf,
  isEstimate,
  mixedColour,
  mixedPaint,
  potOn,
  type Shelf,
} from '../paint/mixedPaint';
import type { MixedColour } from '../paint/mixedPaint';
import { depositAt } from '../../written/recipe/depositAt';
import { aboveGround, coverageOf, type Place } from './predictBuildUp';
import { onGround } from './onGround';
import type { Recipe } from '../../written/recipe/recipe';
import { inAspect, paintedSteps, type PaintedStep } from '../../written/recipe/paintedSteps';
import { lifts } from '../../written/technique/techniques';
import { ribbonStops } from '../../written/place/toneAxis';

/** The part that depends on the step and its pots alone. */
interface LaidPaint {
  key: string;
  paint: Optics;
  masstone: SurfaceColour;
  deposits: (Deposit | null)[];
  amounts: number[];
  mix: MixedColour;
  isEstimate: boolean;
}

interface KeptStep {
  laid: LaidPaint;
  below: Place[];
  above: Place[];
  coverage: Coverage | null;
}

type KeptSteps = ReadonlyMap<string, KeptStep>;

/**
 * `predictBuildUp` for a recipe under edit: what an edit leaves unchanged is not computed again.
 * A step's paint is kept as long as its line and pots stay as they are; a place is kept as long as
 * its paint and what lies below it do. Where a coat hides the change, nothing above it changes. An
 * aspect takes from the plain one what looks the same in both.
 */
export class BuildUpPredictor {
  private kept = new Map<string, KeptSteps>();
  /** paint worked out in this prediction: another aspect lays the same */
  private readonly laidNow = new Map<string, LaidPaint>();
  private ground: { key: string; places: Place[] } | null = null;

  constructor(private readonly stops: readonly number[] = ribbonStops) {}

  /** @throws CarryError, UnknownPotError */
  predict(written: Recipe, shelf: Shelf): BuildUp {
    const { recipe, below } = onGround(written, shelf);
    const kept = new Map<string, KeptSteps>();
    this.laidNow.clear();
    const brushes = recipe.steps.map(({ mix }, index) =>
      brushOf(mix, recipe.steps.slice(0, index), shelf),
    );
    const [plain, ...aspects] = aspectsOfRecipe(recipe, shelf).map((aspect) => {
      const known = [this.kept.get(aspect.key), kept.get('')].filter((each) => each !== undefined);
      const predicted = this.predictAspect(recipe, shelf, { aspect, known, brushes });
      kept.set(aspect.key, predicted.kept);
      return aboveGround(predicted.build, below);
    });
    this.kept = kept;
    return { ...plain, aspects };
  }

  private predictAspect(
    recipe: Recipe,
    shelf: Shelf,
    { aspect, known, brushes }: AspectAsked,
  ): { build: AspectBuildUp; kept: KeptSteps } {
    const primer = potOn(shelf, recipe.groundPotId);
    const groundIsEstimate = primer.finish === 'metallic';
    const ground = this.groundPlaces(primer.swatch, () => groundOf(primer));
    const kept = new Map<string, KeptStep>();
    let surface = ground;
    let estimated = groundIsEstimate;
    let wet: WetLine | null = null;
    const painted = new Map(paintedSteps(recipe, aspect).map((step) => [step.id, step]));
    const steps = recipe.steps.map((written, index): StepBuildUp => {
      const included = painted.has(written.id);
      const step = painted.get(written.id) ?? inAspect(written, aspect);
      const before = known.flatMap((steps) => steps.get(step.id) ?? []);
      const laid = this.laidPaint(step, brushes[index], shelf, before);
      const isLift = lifts(step.technique);
      if (included)
        wet = isLift ? wet && liftedBy(step, wet, this.stops) : wetOn(step, laid, surface);
      const now: KeptStep = !included
        ? { laid, below: [], above: surface, coverage: null }
        : isLift
          ? { laid, below: surface, above: this.left(wet, surface, before), coverage: null }
          : this.lay(step, laid, surface, before);
      kept.set(step.id, now);
      if (step.isDry) wet = null;
      if (included) {
        surface = now.above;
        estimated ||= laid.isEstimate;
      }
      return {
        stepId: step.id,
        isIncluded: included,
        surface: surface.map(({ colour }) => colour),
        deposit: laid.amounts,
        mix: laid.mix,
        isEstimate: estimated,
        coverage: now.coverage,
      };
    });
    const build = {
      aspect,
      stops: this.stops,
      ground: ground.map(({ colour }) => colour),
      groundIsEstimate,
      steps,
    };
    return { build, kept };
  }

  private groundPlaces(key: string, reflectanceOf: () => Spectrum): Place[] {
    if (this.ground?.key !== key) {
      const reflectance = reflectanceOf();
      const place = { reflectance, colour: surfaceColour(reflectance) };
      this.ground = { key, places: this.stops.map(() => place) };
    }
    return this.ground.places;
  }

  private laidPaint(
    step: PaintedStep,
    { shares, earlier, key: pots }: Brush,
    shelf: Shelf,
    before: readonly KeptStep[],
  ): LaidPaint {
    const key = `${strokeKey(step)} ${pots}`;
    const known = before.find(({ laid }) => laid.key === key)?.laid ?? this.laidNow.get(key);
    if (known) return known;
    const paint = mixedPaint(shares, shelf);
    const laid: LaidPaint = {
      key,
      paint,
      masstone: surfaceColour(masstoneOf(paint)),
      deposits: this.stops.map((at) => depositOf(step, paint, at)),
      amounts: this.stops.map((at) => depositAt(step, at)),
      mix: mixedColour(step.mix, earlier, shelf),
      isEstimate: shares.some(({ potId }) => isEstimate(potOn(shelf, potId))),
    };
    this.laidNow.set(key, laid);
    return laid;
  }

  /** The surface after a lifting line; unchanged where nothing was wet. */
  private left(wet: WetLine | null, surface: Place[], before: readonly KeptStep[]): Place[] {
    if (!wet) return surface;
    return asLeft(wet, this.stops).map((reflectance, i) => {
      const known = [surface[i], ...before.map(({ above }) => above[i])].find(
        (place) => place && isSame(reflectance, place.reflectance),
      );
      return known ?? { reflectance, colour: surfaceColour(reflectance) };
    });
  }

  private lay(
    step: PaintedStep,
    laid: LaidPaint,
    below: Place[],
    before: readonly KeptStep[],
  ): KeptStep {
    const alike = before.filter((each) => each.laid === laid);
    const whole = alike.find((each) => each.below.every((place, i) => place === below[i]));
    if (whole && whole.below.length > 0) return whole;
    const above = below.map((place, i) => {
      for (const each of alike) if (each.below[i] === place) return each.above[i];
      const reflectance = layOver(place.reflectance, laid.paint, laid.deposits[i]);
      if (reflectance === place.reflectance) return place;
      for (const { above: was } of before)
        if (was[i] && isSame(reflectance, was[i].reflectance)) return was[i];
      return { reflectance, colour: surfaceColour(reflectance) };
    });
    const coverage = coverageOf(step, laid.paint, below, this.stops, laid.masstone);
    return { laid, below, above, coverage };
  }
}

const wetOn = (step: PaintedStep, { paint }: LaidPaint, surface: readonly Place[]) =>
  wetLine(
    step,
    paint,
    surface.map(({ reflectance }) => reflectance),
  );

interface AspectAsked {
  aspect: Aspect;
  /** steps to take over from, the likeliest first */
  known: readonly KeptSteps[];
  /** one a line */
  brushes: readonly Brush[];
}

function isSame(one: Spectrum, other: Spectrum): boolean {
  for (let band = 0; band < one.length; band++)
    if (Math.abs(one[band] - other[band]) > 1e-12) return false;
  return true;
}
