import {
  areaPainted,
  areaShares,
  drawForm,
  drawGuide,
  formNames,
  gradientBands,
  guideMarks,
  includedSteps,
  readsAs,
  techniqueOf,
  toneStops,
  type FormName,
  type GradientBand,
  type GuideMark,
  type Recipe,
  type Step,
  type SurfaceColour,
  type ToneStopName,
} from '@yellow-ledger/core';
import * as Comlink from 'comlink';

export type FormPictureAsked = Parameters<typeof drawForm>[0];

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

export interface ToneArea {
  place: ToneStopName;
  /** share of the form's area nearest to the place, 0–1 */
  share: number;
}

export const formWork = {
  /** RGBA of a form, painted and lit. */
  drawForm(asked: FormPictureAsked): Uint8ClampedArray<ArrayBuffer> {
    const pixels = drawForm(asked);
    return Comlink.transfer(pixels, [pixels.buffer]);
  },

  /** Where a line goes on a form, how its strokes run, and how much of it that is. */
  guide(recipe: Recipe, step: Step, form: FormName, hex: string, size: number): Guide {
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
    const pixels = drawGuide(form, step, hex, nested, size);
    const guide: Guide = {
      size,
      pixels,
      marks: guideMarks(form, step, recipe.surface),
      painted: areaPainted(step, form),
      bands: gradientBands(recipe, form),
      lights: before
        .filter(({ placement }) => placement.from > 0 && placement.to >= 0.9)
        .map((each) => areaPainted(each, form)),
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
  readsOnForms(surface: SurfaceColour[], stops: number[]): Record<FormName, SurfaceColour> {
    return Object.fromEntries(
      formNames.map((form) => [form, readsAs(surface, stops, form)]),
    ) as Record<FormName, SurfaceColour>;
  },
};
