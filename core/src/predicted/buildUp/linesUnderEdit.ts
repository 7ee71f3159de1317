import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { plainAspect } from '../../written/place/aspects';
import { aimKeyOf } from '../../written/recipe/aimOf';
import { depositAt } from '../../written/recipe/depositAt';
import { inAspect, paintedSteps, type PaintedStep } from '../../written/recipe/paintedSteps';
import type { Recipe } from '../../written/recipe/recipe';
import { lifts } from '../../written/technique/techniques';
import { brushOf, strokeKey, type Brush } from '../paint/brush';
import type { Coverage } from '../paint/coatsToCover';
import { laidPaint } from '../paint/laidPaint';
import { isEstimate, mixedColour, potOn, type MixedColour, type Shelf } from '../paint/mixedPaint';
import { depositOf, type Deposit } from './applyStep';
import { once } from '../../written/record/once';
import type { SurfacePlace } from './surfacePlace';

/** A line of the recipe: the same in every aspect but for how much of it goes on. */
export interface Line {
  key: string;
  paint: LinePaint;
  /** how it goes on where its aim holds so far, by that */
  byWeight: Map<number, LaidLine>;
}

export interface LinePaint {
  key: string;
  optics: Optics;
  masstone: () => SurfaceColour;
  mix: MixedColour;
  isEstimate: boolean;
}

/** A line as it goes on where its aim holds so far. */
export interface LaidLine {
  step: PaintedStep;
  paint: LinePaint;
  amounts: number[];
  depositAt: (stop: number) => Deposit | null;
  coverages: WeakMap<readonly SurfacePlace[], () => Coverage | null>;
}

/**
 * The lines of a recipe under edit with their paint. A line that an edit leaves as it is keeps all
 * that was worked out of it.
 */
export class LinesUnderEdit {
  private paints = new Map<string, LinePaint>();
  private lines = new Map<string, Line>();

  constructor(private readonly stops: readonly number[]) {}

  /** The lines as they are painted, and the paint of each. */
  of(recipe: Recipe, shelf: Shelf): LinesAsked {
    const known = { paints: this.paints, lines: this.lines };
    this.paints = new Map();
    this.lines = new Map();
    const painted = new Map(paintedSteps(recipe).map((step) => [step.id, step]));
    const steps = recipe.steps.map((written, index): AskedLine => {
      const brush = brushOf(written, recipe.steps.slice(0, index), shelf);
      const paint = this.paintOf(brush, written, shelf, known.paints);
      const { weight: _ofNoAspect, ...step } =
        painted.get(written.id) ?? inAspect(written, plainAspect);
      const key = `${step.id} ${step.isDry} ${strokeKey(step)} ${paint.key}`;
      const line = this.lines.get(key) ??
        known.lines.get(key) ?? { key, paint, byWeight: new Map<number, LaidLine>() };
      this.lines.set(key, line);
      return { step, line, aimKey: aimKeyOf(step), isIncluded: painted.has(written.id) };
    });
    return { steps, hasLifts: steps.some(({ step }) => lifts(step.technique)) };
  }

  /** A line as it goes on where its aim holds so far. */
  laid({ byWeight, paint }: Line, whole: PaintedStep, weight: number): LaidLine {
    const known = byWeight.get(weight);
    if (known) return known;
    const step = weight === 1 ? whole : { ...whole, weight };
    const deposits: (Deposit | null | undefined)[] = [];
    const { stops } = this;
    const laid: LaidLine = {
      step,
      paint,
      amounts: stops.map((at) => depositAt(step, at)),
      depositAt(stop) {
        const deposit = deposits[stop];
        return deposit === undefined
          ? (deposits[stop] = depositOf(step, paint.optics, stops[stop]))
          : deposit;
      },
      coverages: new WeakMap(),
    };
    byWeight.set(weight, laid);
    return laid;
  }

  private paintOf(
    { shares, earlier, key: pots }: Brush,
    { technique, mix }: Pick<PaintedStep, 'technique' | 'mix'>,
    shelf: Shelf,
    known: ReadonlyMap<string, LinePaint>,
  ): LinePaint {
    const key = `${mix.waterParts} ${mix.mediumParts} ${pots}`;
    const same = this.paints.get(key) ?? known.get(key);
    if (same) {
      this.paints.set(key, same);
      return same;
    }
    const optics = laidPaint(technique, shares, shelf);
    const paint: LinePaint = {
      key,
      optics,
      masstone: once(() => surfaceColour(masstoneOf(optics))),
      mix: mixedColour(mix, earlier, shelf),
      isEstimate: shares.some(({ potId }) => isEstimate(potOn(shelf, potId))),
    };
    this.paints.set(key, paint);
    return paint;
  }
}

export interface AskedLine {
  /** with the coats that are painted, and no weight */
  step: PaintedStep;
  line: Line;
  aimKey: string;
  isIncluded: boolean;
}

export interface LinesAsked {
  steps: readonly AskedLine[];
  hasLifts: boolean;
}
