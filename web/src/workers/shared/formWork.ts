import {
  areaPainted,
  areaShares,
  drawForm,
  drawGuide,
  formField,
  formNames,
  forms,
  gradientBands,
  guideMarks,
  includedSteps,
  inValues,
  lightField,
  paintedForm,
  placementsOf,
  predictBuildUp,
  readsAsWhole,
  shapeOf,
  techniqueOf,
  toneStops,
  usualShare,
  type FormName,
  type GradientBand,
  type GuideMark,
  type LightMapSettings,
  type PaintedRibbon,
  type Recipe,
  type Step,
  type SurfaceColour,
  type ToneStopName,
} from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { shelfInHand } from './ledgerData';

export type FormPictureAsked = Parameters<typeof drawForm>[0] & {
  /** laid out in a few greys, as a photograph is */
  inValues?: Pick<LightMapSettings, 'values' | 'steps'>;
};

export interface Guide {
  size: number;
  pixels: Uint8ClampedArray<ArrayBuffer>;
  marks: GuideMark[];
  /** share of the form the line goes on, 0–1 */
  painted: number;
  bands: GradientBand[];
  /** share of the form each line of the lights goes on, in order, 0–1 */
  lights: number[];
}

export interface GuideWanted {
  form: FormName;
  /** colour of the line’s mix */
  hex: string;
  /** pixels along each side */
  size: number;
  isBehind?: boolean;
}

export interface ToneArea {
  place: ToneStopName;
  /** share of the form's area nearest to the place, 0–1 */
  share: number;
}

/** Cells along each side at which spots are measured. */
const countedAt = 96;

export const formWork = {
  /** RGBA of a form, painted and lit. */
  drawForm(asked: FormPictureAsked): Uint8ClampedArray<ArrayBuffer> {
    const drawn = drawForm(asked);
    const { size, inValues: laidOut } = asked;
    const pixels = laidOut
      ? inValues(lightField({ width: size, height: size, data: drawn }, false), laidOut)
      : drawn;
    return Comlink.transfer(pixels, [pixels.buffer]);
  },

  /** The finished surface as it is drawn on its form, every way its places look. */
  paintedForm(recipe: Recipe): PaintedRibbon {
    return paintedForm(recipe, shelfInHand());
  },

  /** Spots a form has of itself, each with its share of it. */
  readySpots(form: FormName): { name: string; share: number; softness?: number }[] {
    const field = formField({ form }, countedAt);
    return (forms[form].spots ?? []).map((spot) => ({
      name: spot.name,
      share: Math.round(usualShare(field, spot) * 1000) / 1000,
      ...(spot.softness !== undefined && { softness: spot.softness }),
    }));
  },

  /** Share of the form each coat of a line goes on, the first one first. */
  coatShares(recipe: Recipe, step: Step): number[] {
    const shape = shapeOf(recipe);
    return placementsOf(step.placement, step.coats).map((placement) =>
      areaPainted({ ...step, placement }, shape),
    );
  },

  /** Where a line goes on a form, how its strokes run, and how much of it that is. */
  guide(recipe: Recipe, step: Step, { form, hex, size, isBehind }: GuideWanted): Guide {
    const shape = { ...shapeOf(recipe), form };
    const before = includedSteps(recipe);
    const nested = before
      .slice(
        0,
        Math.max(
          0,
          before.findIndex(({ id }) => id === step.id),
        ),
      )
      .filter(({ technique, placement }) => techniqueOf(technique).isBand && placement.from > 0)
      .map(({ placement }) => placement.from);
    const pixels = drawGuide({ shape, step, hex, nested, isBehind }, size);
    const guide: Guide = {
      size,
      pixels,
      marks: isBehind ? [] : guideMarks(shape, step, recipe.surface),
      painted: areaPainted(step, shape),
      bands: gradientBands(recipe, form),
      lights: before
        .filter(({ placement }) => placement.from > 0 && placement.to >= 0.9)
        .map((each) => areaPainted(each, shape)),
    };
    return Comlink.transfer(guide, [pixels.buffer]);
  },

  /** How the area of a form is spread over the named places. */
  toneAreas(form: FormName): ToneArea[] {
    const shares = areaShares(
      form,
      toneStops.map(({ at }) => at),
    );
    return toneStops.map(({ name }, i) => ({ place: name, share: shares[i] }));
  },

  /** The arm's-length colour on every form there is. */
  readsOnForms(recipe: Recipe): Record<FormName, SurfaceColour> {
    const plain = predictBuildUp(recipe, shelfInHand());
    return Object.fromEntries(
      formNames.map((form) => {
        // An aimed line takes another share of every form.
        const build =
          plain.aspects.length > 0 ? predictBuildUp({ ...recipe, form }, shelfInHand()) : plain;
        return [form, readsAsWhole(build, form)];
      }),
    ) as Record<FormName, SurfaceColour>;
  },
};
