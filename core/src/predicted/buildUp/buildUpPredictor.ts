import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { mainAspects, type Aspect } from '../../written/place/aspects';
import { ribbonStops } from '../../written/place/toneAxis';
import type { Recipe } from '../../written/recipe/recipe';
import { lifts } from '../../written/technique/techniques';
import { groundOf, potOn, type Shelf } from '../paint/mixedPaint';
import { layInto, layOver } from './applyStep';
import { aspectsOfRecipe } from './aspectsOfRecipe';
import type { AspectBuildUp, BuildUp, StepBuildUp } from './buildUp';
import { coverageOf } from './coverageOf';
import { asLeft, liftedBy, wetLine, type WetLine } from './lift';
import { LinesUnderEdit, type LaidLine, type LinesAsked } from './linesUnderEdit';
import { onGround } from '../ground/onGround';
import { once } from '../../written/record/once';
import { aboveGround } from './predictBuildUp';
import { coloursOf, SurfacePlace } from './surfacePlace';

/** Surfaces after each line of an aspect, by the line. */
type SurfacesAfter = Map<string, readonly SurfacePlace[]>;

/**
 * `predictBuildUp` for a recipe under edit: what an edit leaves unchanged is not computed again. The
 * paint of a line is kept while its line and pots stay as they are, and so is what a line makes of a
 * place, in this prediction and the next, in whichever aspect. Where a coat hides the change,
 * nothing above it changes. The lines of an aspect that is only a fade are worked out when asked.
 */
export class BuildUpPredictor {
  private readonly lines: LinesUnderEdit;
  private after = new Map<string, SurfacesAfter>();
  private ground: { key: string; places: SurfacePlace[] } | null = null;

  constructor(private readonly stops: readonly number[] = ribbonStops) {
    this.lines = new LinesUnderEdit(stops);
  }

  /** @throws CarryError, UnknownPotError */
  predict(written: Recipe, shelf: Shelf): BuildUp {
    const { recipe, below } = onGround(written, shelf);
    const asked = this.lines.of(recipe, shelf);
    const primer = potOn(shelf, recipe.groundPotId);
    const ground = {
      isEstimate: primer.finish === 'metallic',
      places: this.groundPlaces(primer.swatch, () => groundOf(primer)),
    };
    const aspects = aspectsOfRecipe(recipe, shelf);
    const named = new Set(mainAspects(aspects).map(({ aspect }) => aspect));
    const after = new Map<string, SurfacesAfter>();
    const [main, ...others] = aspects.map((aspect) => {
      const surfaces: SurfacesAfter = new Map();
      const whole = { ...asked, aspect, ground, before: this.after.get(aspect.key), surfaces };
      if (named.has(aspect)) after.set(aspect.key, surfaces);
      return aboveGround(this.predictAspect(whole, named.has(aspect)), below);
    });
    this.after = after;
    return { ...main, aspects: others };
  }

  private predictAspect(asked: AspectAsked, isNamed: boolean): AspectBuildUp {
    const { aspect, ground, hasLifts } = asked;
    const groundColours = coloursOf(ground.places);
    const steps = once(() => this.stepsIn(asked));
    if (isNamed) steps();
    return {
      aspect,
      stops: this.stops,
      get ground() {
        return groundColours();
      },
      groundIsEstimate: ground.isEstimate,
      get steps() {
        return steps();
      },
      ...(!isNamed && !hasLifts && { finishedAt: (stop) => this.finishedAt(asked, stop) }),
    };
  }

  private stepsIn({
    aspect,
    steps,
    ground,
    before,
    surfaces,
    hasLifts,
  }: AspectAsked): StepBuildUp[] {
    let surface: readonly SurfacePlace[] = ground.places;
    let estimated = ground.isEstimate;
    let wet: WetLine | null = null;
    return steps.map(({ line, step: { isDry, id, technique }, step, aimKey, isIncluded }) => {
      const laid = this.lines.laid(line, step, weightIn(aspect, aimKey));
      const below = surface;
      if (isIncluded) {
        const was = before?.get(id);
        if (lifts(technique)) {
          wet = wet && liftedBy(laid.step, wet, this.stops);
          surface = wet ? sameAs(asLeft(wet, this.stops), [below, was]) : below;
        } else {
          wet = hasLifts ? wetOn(laid, surface) : null;
          surface = this.lay(laid, below, was);
        }
        if (isDry) wet = null;
        estimated ||= line.paint.isEstimate;
      }
      surfaces.set(id, surface);
      return this.stepBuildUp({ laid, below, surface, isIncluded, estimated });
    });
  }

  /** The finished colour of a place alone, line by line. */
  private finishedAt({ aspect, steps, ground }: AspectAsked, stop: number): SurfaceColour {
    const reflectance = ground.places[stop].reflectance.slice();
    for (const { line, step, aimKey, isIncluded } of steps) {
      const weight = weightIn(aspect, aimKey);
      if (!isIncluded || weight === 0) continue;
      const deposit = this.lines.laid(line, step, weight).depositAt(stop);
      if (deposit) layInto(reflectance, line.paint.optics, deposit);
    }
    return surfaceColour(reflectance);
  }

  private stepBuildUp({ laid, below, surface, isIncluded, estimated }: LineDone): StepBuildUp {
    const colours = coloursOf(surface);
    const isJudged = isIncluded && !lifts(laid.step.technique);
    const coverage = () => (isJudged ? this.coverage(laid, below)() : null);
    return {
      stepId: laid.step.id,
      isIncluded,
      get surface() {
        return colours();
      },
      deposit: laid.amounts,
      mix: laid.paint.mix,
      isEstimate: estimated,
      get coverage() {
        return coverage();
      },
    };
  }

  private coverage({ step, paint, coverages }: LaidLine, below: readonly SurfacePlace[]) {
    const known = coverages.get(below);
    if (known) return known;
    const { optics, masstone } = paint;
    const coverage = once(() => coverageOf(step, optics, below, this.stops, masstone()));
    coverages.set(below, coverage);
    return coverage;
  }

  private groundPlaces(key: string, reflectanceOf: () => Spectrum): SurfacePlace[] {
    if (this.ground?.key !== key) {
      const place = new SurfacePlace(reflectanceOf());
      this.ground = { key, places: this.stops.map(() => place) };
    }
    return this.ground.places;
  }

  /** The surface after a line; `was` is what it was after it before the edit. */
  private lay(
    laid: LaidLine,
    below: readonly SurfacePlace[],
    was: readonly SurfacePlace[] | undefined,
  ): readonly SurfacePlace[] {
    const surface = below.map((place, i) => {
      const deposit = laid.depositAt(i);
      if (!deposit) return place;
      const known = place.under(deposit);
      if (known) return known;
      const painted = layOver(place.reflectance, laid.paint.optics, deposit);
      const before = was?.[i];
      const made =
        before && isSame(painted, before.reflectance) ? before : new SurfacePlace(painted);
      return place.remember(deposit, made);
    });
    return [was, below].find((each) => each && isSameSurface(surface, each)) ?? surface;
  }
}

/** How far the aim of a line holds on an aspect, 0–1. */
const weightIn = ({ weights }: Aspect, aimKey: string): number =>
  aimKey === '' ? 1 : (weights.get(aimKey) ?? 0);

interface AspectAsked extends LinesAsked {
  aspect: Aspect;
  ground: { places: readonly SurfacePlace[]; isEstimate: boolean };
  /** its surfaces in the prediction before */
  before: SurfacesAfter | undefined;
  /** filled as they are worked out */
  surfaces: SurfacesAfter;
}

interface LineDone {
  laid: LaidLine;
  below: readonly SurfacePlace[];
  surface: readonly SurfacePlace[];
  isIncluded: boolean;
  estimated: boolean;
}

const wetOn = ({ step, paint }: LaidLine, surface: readonly SurfacePlace[]) =>
  wetLine(
    step,
    paint.optics,
    surface.map(({ reflectance }) => reflectance),
  );

const sameAs = (
  reflectances: readonly Spectrum[],
  surfaces: readonly (readonly SurfacePlace[] | undefined)[],
): readonly SurfacePlace[] =>
  reflectances.map((each, i) =>
    same(
      each,
      surfaces.map((surface) => surface?.[i]),
    ),
  );

/** The place that reflects so already, or a new one. */
const same = (reflectance: Spectrum, known: readonly (SurfacePlace | undefined)[]): SurfacePlace =>
  known.find((place) => place && isSame(reflectance, place.reflectance)) ??
  new SurfacePlace(reflectance);

const isSameSurface = (one: readonly SurfacePlace[], other: readonly SurfacePlace[]) =>
  one.every((place, i) => place === other[i]);

function isSame(one: Spectrum, other: Spectrum): boolean {
  if (one === other) return true;
  for (let band = 0; band < one.length; band++)
    if (Math.abs(one[band] - other[band]) > 1e-12) return false;
  return true;
}
