import type { Spectrum } from '../colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../colour/surfaceColour';
import type { Optics } from '../paint/optics';
import { clearKinds } from '../paint/pot';
import { depositOf, layOver, type Deposit } from './applyStep';
import type { BuildUp, StepBuildUp } from './buildUp';
import type { Coverage } from './coatsToCover';
import { flattenMix, type PotShare } from './flattenMix';
import { asLeft, liftedBy, wetLine, type WetLine } from './lift';
import { groundOf, isEstimate, mixedColour, mixedPaint, potOn, type Shelf } from './mixedPaint';
import type { MixedColour } from './mixedPaint';
import { coverageOf, depositAt } from './predictBuildUp';
import type { Recipe } from './recipe';
import { includedSteps } from './includedSteps';
import type { Step } from './step';
import { lifts } from './techniques';
import { ribbonStops } from './toneAxis';

/** One place of the surface: what it reflects, and what that looks like. */
interface Place {
  reflectance: Spectrum;
  colour: SurfaceColour;
}

/** What depends on the step and its pots alone. */
interface LaidPaint {
  key: string;
  paint: Optics;
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

/**
 * `predictBuildUp` for a recipe under edit: what an edit leaves unchanged is not computed again.
 * A step's paint is kept as long as its line and pots stay as they are; a place is kept as long as
 * its paint and what lies below it do. Where a coat hides the change, nothing above it changes.
 */
export class BuildUpPredictor {
  private kept = new Map<string, KeptStep>();
  private ground: { key: string; places: Place[] } | null = null;

  constructor(private readonly stops: readonly number[] = ribbonStops) {}

  /** @throws CarryError, UnknownPotError */
  predict(recipe: Recipe, shelf: Shelf): BuildUp {
    const primer = potOn(shelf, recipe.groundPotId);
    const groundIsEstimate = primer.finish === 'metallic';
    const ground = this.groundPlaces(primer.swatch, () => groundOf(primer));
    const kept = new Map<string, KeptStep>();
    let surface = ground;
    let estimated = groundIsEstimate;
    let wet: WetLine | null = null;
    const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
    const steps = recipe.steps.map((written, index): StepBuildUp => {
      const included = painted.has(written.id);
      const step = painted.get(written.id) ?? written;
      const earlier = recipe.steps.slice(0, index);
      const before = this.kept.get(step.id);
      const laid = this.laidPaint(step, earlier, shelf, before?.laid);
      const isLift = lifts(step.technique);
      if (included)
        wet = isLift ? wet && liftedBy(step, wet, this.stops) : wetOn(step, laid, surface);
      const now: KeptStep = !included
        ? { laid, below: [], above: surface, coverage: null }
        : isLift
          ? { laid, below: surface, above: this.left(wet, surface, before), coverage: null }
          : this.lay(step, laid, surface, before);
      kept.set(step.id, now);
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
    this.kept = kept;
    return {
      stops: this.stops,
      ground: ground.map(({ colour }) => colour),
      groundIsEstimate,
      steps,
    };
  }

  private groundPlaces(key: string, reflectanceOf: () => Spectrum): Place[] {
    if (this.ground?.key !== key) {
      const reflectance = reflectanceOf();
      const place = { reflectance, colour: surfaceColour(reflectance) };
      this.ground = { key, places: this.stops.map(() => place) };
    }
    return this.ground.places;
  }

  private laidPaint(step: Step, earlier: Step[], shelf: Shelf, before?: LaidPaint): LaidPaint {
    const shares = flattenMix(step.mix, earlier);
    const key = paintKey(step, shares, shelf);
    if (before?.key === key) return before;
    const paint = mixedPaint(shares, shelf);
    return {
      key,
      paint,
      deposits: this.stops.map((at) => depositOf(step, paint, at)),
      amounts: this.stops.map((at) => depositAt(step, at)),
      mix: mixedColour(step.mix, earlier, shelf),
      isEstimate: shares.some(({ potId }) => isEstimate(potOn(shelf, potId))),
    };
  }

  /** What a lifting line leaves; nothing is changed where nothing was wet. */
  private left(wet: WetLine | null, surface: Place[], before?: KeptStep): Place[] {
    if (!wet) return surface;
    return asLeft(wet, this.stops).map((reflectance, i) => {
      const known = [surface[i], before?.above[i]].find(
        (place) => place && isSame(reflectance, place.reflectance),
      );
      return known ?? { reflectance, colour: surfaceColour(reflectance) };
    });
  }

  private lay(step: Step, laid: LaidPaint, below: Place[], before?: KeptStep): KeptStep {
    const sameLaid = before?.laid === laid ? before : undefined;
    let changed = false;
    const above = below.map((place, i) => {
      if (sameLaid?.below[i] === place) return sameLaid.above[i];
      const reflectance = layOver(place.reflectance, laid.paint, laid.deposits[i]);
      if (reflectance === place.reflectance) return place;
      const was = before?.above[i];
      if (was && isSame(reflectance, was.reflectance)) return was;
      changed = true;
      return { reflectance, colour: surfaceColour(reflectance) };
    });
    const sameBelow = sameLaid?.below.every((place, i) => place === below[i]);
    if (sameLaid && sameBelow && !changed) return sameLaid;
    const reflectances = below.map(({ reflectance }) => reflectance);
    const coverage = coverageOf(step, laid.paint, reflectances, this.stops);
    return { laid, below, above, coverage };
  }
}

const wetOn = (step: Step, { paint }: LaidPaint, surface: readonly Place[]) =>
  wetLine(
    step,
    paint,
    surface.map(({ reflectance }) => reflectance),
  );

/** Everything `laidPaint` depends on, as text: a message from another thread keeps no identity. */
function paintKey(step: Step, shares: readonly PotShare[], shelf: Shelf): string {
  const { technique, coats, placement, mix } = step;
  const pots = shares.map(({ potId, share }) => {
    const pot = potOn(shelf, potId);
    const optics = clearKinds.includes(pot.kind)
      ? 'clear'
      : `${pot.swatch} ${pot.hiding} ${pot.swatchShows ?? ''}`;
    return `${potId} ${share} ${optics} ${isEstimate(pot)}`;
  });
  const { from, to, softness, pull } = placement;
  return [
    technique,
    coats,
    mix.waterParts,
    mix.mediumParts,
    from,
    to,
    softness,
    pull,
    ...pots,
  ].join();
}

function isSame(one: Spectrum, other: Spectrum): boolean {
  for (let band = 0; band < one.length; band++)
    if (Math.abs(one[band] - other[band]) > 1e-12) return false;
  return true;
}
