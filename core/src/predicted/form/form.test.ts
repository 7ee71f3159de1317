import fc from 'fast-check';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { colourDifference } from '../../light/colour/colourDifference';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { plainAspect } from '../../written/place/aspects';
import { formNames, forms, type FormName } from '../../written/place/forms';
import { ribbonStops, toneStops } from '../../written/place/toneAxis';
import type { Step } from '../../written/recipe/step';
import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { anyHex } from '../../testing/arbitraries';
import { lightNames } from '../../written/place/light';
import { drawForm, type FormPicture } from './drawForm';
import { drawGuide } from './drawGuide';
import { formField, shareBelow, toneAtShare } from '../../written/place/formField';
import { viewOf, views } from './formView';
import { gradientBands } from './gradientBands';
import { guideMarks } from './guideMarks';
import { identityLosses } from './identityLimit';
import { areaPainted, readsAs } from './readsAs';
import { areaShares } from '../../written/place/areaShares';
import { runs } from '../../testing/longTests';

const size = 64;
const plain = (hex: string) => ({ stops: [0, 1], hexes: [hex, hex] });
const rising = { stops: [0, 1], hexes: ['#101010', '#f0f0f0'] };

function brightnessOf(pixels: Uint8ClampedArray, isCounted: (pixel: number) => boolean): number {
  let sum = 0;
  let count = 0;
  for (let pixel = 0; pixel < pixels.length / 4; pixel++) {
    if (pixels[pixel * 4 + 3] === 0 || !isCounted(pixel)) continue;
    sum += pixels[pixel * 4] + pixels[pixel * 4 + 1] + pixels[pixel * 4 + 2];
    count++;
  }
  return sum / count;
}

const draw = (part: Partial<FormPicture>) =>
  drawForm({
    shape: { form: 'limb' },
    view: 'front',
    size,
    ribbon: plain('#808080'),
    light: 'above',
    ...part,
  });

/** Share of a form's own surface, slant counted, from a place of the tone axis up. */
const areaFrom = (form: FormName, size: number, from: number) => {
  const { area, tone } = formField({ form }, size);
  const sum = (cells: Float32Array) => cells.reduce((total, each) => total + each, 0);
  return sum(area.filter((_, cell) => tone[cell] >= from)) / sum(area);
};

describe.each(formNames)('%s', (form) => {
  test('the area of its places is the share its definition says', () => {
    expect.hasAssertions();
    for (const { at } of toneStops.slice(1, -1))
      expect(areaFrom(form, size, at)).toBeCloseTo(1 - shareBelow(at, form), 1);
  });

  test('share of area and place on the axis are each other’s inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (share) => {
        expect(shareBelow(toneAtShare(share, forms[form].areaBelow), form)).toBeCloseTo(share, 6);
      }),
    );
  });

  test('normals are of length one and face the eye', () => {
    expect.hasAssertions();
    const { inside, normalX, normalY, normalZ } = formField({ form }, size);
    for (let cell = 0; cell < inside.length; cell += 7) {
      if (!inside[cell]) continue;
      expect(Math.hypot(normalX[cell], normalY[cell], normalZ[cell])).toBeCloseTo(1, 5);
      expect(normalZ[cell]).toBeGreaterThan(0);
    }
  });

  test('every view shows some of it, and only cells that are there', () => {
    expect.hasAssertions();
    const field = formField({ form }, size);
    for (const view of views) {
      const seen = [...viewOf(field, view)].filter((cell) => cell >= 0);
      expect(seen.length).toBeGreaterThan(size);
      expect(seen.every((cell) => field.inside[cell] === 1)).toBe(true);
    }
  });

  test('its shares of area add up to one, and one colour everywhere reads as itself', () => {
    expect(areaShares(form, ribbonStops).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1);
    fc.assert(
      fc.property(anyHex, (hex) => {
        const colour = colourOfHex(hex);
        const reads = readsAs(
          ribbonStops.map(() => colour),
          ribbonStops,
          form,
        );
        expect(colourDifference(reads, colour)).toBeLessThan(0.5);
      }),
      { numRuns: runs(20) },
    );
  });
});

test('light from above brightens what faces up, light from below what faces down', () => {
  const isUpper = (pixel: number) => pixel < (size * size) / 2;
  const above = draw({ light: 'above' });
  expect(brightnessOf(above, isUpper)).toBeGreaterThan(brightnessOf(above, (p) => !isUpper(p)));
  const below = draw({ light: 'below' });
  expect(brightnessOf(below, isUpper)).toBeLessThan(brightnessOf(below, (p) => !isUpper(p)));
});

test('left is the figure’s own left: the right of the picture', () => {
  const isRight = (pixel: number) => pixel % size > size / 2;
  const left = draw({ light: 'left' });
  expect(brightnessOf(left, isRight)).toBeGreaterThan(brightnessOf(left, (p) => !isRight(p)));
  const right = draw({ light: 'right' });
  expect(brightnessOf(right, isRight)).toBeLessThan(brightnessOf(right, (p) => !isRight(p)));
});

test('from straight above the lights of the form are seen, from straight below its darks', () => {
  const shown = (view: 'above' | 'below') =>
    brightnessOf(draw({ view, ribbon: rising }), () => true);
  expect(shown('above')).toBeGreaterThan(shown('below') + 60);
});

test('in greys only no colour is left, and the light stays', () => {
  expect.hasAssertions();
  const pixels = draw({ ribbon: plain('#c04020'), greysOnly: true });
  for (let pixel = 0; pixel < pixels.length; pixel += 4)
    expect(pixels[pixel] === pixels[pixel + 1] && pixels[pixel] === pixels[pixel + 2]).toBe(true);
});

test('a second light of a colour shows where it falls and not across from it', () => {
  const second = { from: 'left', hex: '#0000ff' } as const;
  const without = draw({});
  const with_ = draw({ second });
  const blueAdded = (isCounted: (pixel: number) => boolean) => {
    let sum = 0;
    for (let pixel = 0; pixel < size * size; pixel++)
      if (isCounted(pixel)) sum += with_[pixel * 4 + 2] - without[pixel * 4 + 2];
    return sum;
  };
  expect(blueAdded((pixel) => pixel % size > size / 2)).toBeGreaterThan(
    3 * blueAdded((pixel) => pixel % size <= size / 2),
  );
});

test('alone, the surface beside it is dimmed and the surface itself is not', () => {
  const beside = plain('#d0d0d0');
  const both = draw({ beside });
  const alone = draw({ beside, alone: true });
  const isBeside = (pixel: number) => pixel % size > 0.62 * size;
  const isOwn = (pixel: number) => pixel % size < 0.5 * size;
  expect(brightnessOf(alone, isBeside)).toBeLessThan(brightnessOf(both, isBeside) * 0.8);
  expect(brightnessOf(alone, isOwn)).toBe(brightnessOf(both, isOwn));
});

test('a ribbon of one stop more or less is drawn, and a colour that is none is refused', () => {
  expect(
    brightnessOf(
      draw({ ribbon: { stops: [0, 0.5, 1], hexes: ['#000000', '#ffffff', '#ffffff'] } }),
      () => true,
    ),
  ).toBeGreaterThan(0);
  expect(() => draw({ ribbon: plain('mud') })).toThrow('mud is no colour');
});

test('the same guide is drawn each time', () => {
  const step = stepWith({ id: 'w', technique: 'lineWork' });
  expect(guideMarks({ form: 'folds' }, step)).toEqual(guideMarks({ form: 'folds' }, step));
});

test('a placement too narrow for a stroke gets none', () => {
  const narrow = stepWith({
    id: 'n',
    technique: 'layer',
    placement: { from: 0.5, to: 0.5, softness: 0, pull: 'up' },
  });
  expect(guideMarks({ form: 'limb' }, narrow)).toEqual([]);
});

test('every light lights every form', () => {
  expect.hasAssertions();
  for (const form of formNames)
    for (const light of lightNames)
      expect(brightnessOf(draw({ shape: { form }, light }), () => true)).toBeGreaterThan(60);
});

const greys = (values: (at: number) => number) =>
  ribbonStops.map((at) => ({ hex: '#000000', value: values(at), a: 0, b: 0, chroma: 0, hue: 0 }));

const lossesOf = (
  surface: SurfaceColour[],
  stops: readonly number[],
  form: FormName,
  meantAs?: SurfaceColour,
) => identityLosses([{ aspect: plainAspect, surface }], stops, form, meantAs);

describe('what a surface is meant to be', () => {
  test('a black with lights over half of it reads grey, and with fine lights does not', () => {
    const broad = greys((at) => (at > 0.52 ? 60 : 12));
    const fine = greys((at) => (at > 0.92 ? 60 : 12));
    expect(lossesOf(broad, ribbonStops, 'folds')).toMatchObject([{ kind: 'black reads grey' }]);
    expect(lossesOf(fine, ribbonStops, 'folds')).toEqual([]);
  });

  test('what is said to be black reads grey however its mid ends, and what is said to be grey does not', () => {
    const grey = greys((at) => (at > 0.3 ? 50 : 12));
    expect(lossesOf(grey, ribbonStops, 'folds')).toEqual([]);
    expect(lossesOf(grey, ribbonStops, 'folds', greys(() => 12)[0])).toMatchObject([
      { kind: 'black reads grey' },
    ]);
    const broad = greys((at) => (at > 0.52 ? 60 : 12));
    expect(lossesOf(broad, ribbonStops, 'folds', greys(() => 50)[0])).toEqual([]);
  });

  test('a white without darks reads flat, and with darks does not', () => {
    const flat = greys((at) => 90 + 3 * at);
    const shaded = greys((at) => 70 + 25 * at);
    expect(lossesOf(flat, ribbonStops, 'folds')).toMatchObject([{ kind: 'white reads flat' }]);
    expect(lossesOf(shaded, ribbonStops, 'folds')).toEqual([]);
  });

  test('a tint on the lights of it reads as a second light; on its darks it is a shade, on most of it the colour', () => {
    const meant = colourOfHex('#c98a20');
    const tint = colourOfHex('#3060a0');
    const tinted = (from: number, to: number) =>
      ribbonStops.map((at) => (at >= from && at <= to ? tint : meant));
    expect(lossesOf(tinted(0.6, 1), ribbonStops, 'folds')).toMatchObject([
      { kind: 'tint reads as a second light' },
    ]);
    expect(lossesOf(tinted(0, 0.4), ribbonStops, 'folds')).toEqual([]);
    expect(lossesOf(tinted(0.2, 1), ribbonStops, 'folds')).toEqual([]);
  });
});

describe('guides', () => {
  const layer = stepWith({ id: 'l', technique: 'layer', mix: mixOf({ bone: 1 }) });

  test('colour lies where the step goes on and nowhere else', () => {
    expect.hasAssertions();
    const field = formField({ form: 'limb' }, size);
    const step: Step = { ...layer, placement: { from: 0.8, to: 1, softness: 0, pull: 'even' } };
    const pixels = drawGuide({ shape: { form: 'limb' }, step, hex: '#ff0000', nested: [] }, size);
    for (let cell = 0; cell < size * size; cell++) {
      if (!field.inside[cell]) continue;
      const isRed = pixels[cell * 4] > 200 && pixels[cell * 4 + 1] < 40;
      const isGrey = Math.abs(pixels[cell * 4] - pixels[cell * 4 + 1]) <= 1;
      const isEndLine = pixels[cell * 4] < 30;
      if (field.tone[cell] > 0.85) expect(isRed || isEndLine).toBe(true);
      if (field.tone[cell] < 0.75) expect(isGrey).toBe(true);
    }
  });

  test.each(formNames)(
    'strokes on %s finish further up than they began, or run along the grain',
    (form) => {
      const field = formField({ form }, 96);
      const marks = guideMarks({ form }, layer);
      if (form === 'hair') {
        expect(marks.every((mark) => mark.kind === 'stroke' && !mark.hasArrow)).toBe(true);
        return;
      }
      const toneAt = ([x, y]: readonly [number, number]) =>
        field.tone[Math.min(95, Math.round(y * 96)) * 96 + Math.min(95, Math.round(x * 96))];
      expect(marks.length).toBeGreaterThan(0);
      for (const mark of marks) {
        if (mark.kind !== 'stroke') continue;
        expect(toneAt(mark.points[mark.points.length - 1])).toBeGreaterThanOrEqual(
          toneAt(mark.points[0]) - 0.05,
        );
      }
    },
  );

  test('hair is worked along its grain, leather is scratched at all angles, points are dots', () => {
    const lines = stepWith({ id: 'w', technique: 'lineWork' });
    const angles = (form: 'hair' | 'folds') =>
      guideMarks({ form }, lines).flatMap((mark) => {
        if (mark.kind !== 'stroke' || mark.points.length < 2) return [];
        const [[x, y], [toX, toY]] = mark.points;
        return [Math.abs(Math.atan2(toY - y, toX - x))];
      });
    expect(angles('hair').every((angle) => Math.abs(angle - Math.PI / 2) < 0.5)).toBe(true);
    expect(angles('folds').some((angle) => Math.abs(angle - Math.PI / 2) > 0.8)).toBe(true);
    const dots = guideMarks({ form: 'gem' }, stepWith({ id: 'p', technique: 'point' }));
    expect(dots.every(({ kind }) => kind === 'dot')).toBe(true);
  });

  test('the sparkle of a gem lies opposite its crescent of light', () => {
    const [dot] = guideMarks({ form: 'gem' }, stepWith({ id: 'p', technique: 'point' }));
    if (dot.kind !== 'dot') throw new Error('a point is a dot');
    expect(dot.at[0]).toBeLessThan(0.5);
    expect(dot.at[1]).toBeLessThan(0.5);
    const { tone, inside } = formField({ form: 'gem' }, 96);
    const crescent = [...tone.keys()].filter(
      (cell) => inside[cell] && tone[cell] > 0.7 && tone[cell] < 0.9,
    );
    const lowerRight = crescent.filter((cell) => (cell % 96) + Math.floor(cell / 96) > 96);
    expect(lowerRight.length / crescent.length).toBeGreaterThan(0.9);
  });

  test('four layers add up to a gradient in bands of 80, 60, 40 and 20 %', () => {
    const layers = [0.2, 0.4, 0.6, 0.8].map((from, i) =>
      stepWith({
        id: `l${i}`,
        technique: 'layer',
        placement: { from, to: 1, softness: 0, pull: 'up' },
      }),
    );
    const bands = gradientBands(recipeWith([stepWith({ id: 'base' }), ...layers]), 'blade');
    expect(bands.map(({ covers }) => Math.round(covers * 100))).toEqual([80, 60, 40, 20]);
    for (const { stepId, covers, from } of bands) {
      const step = {
        ...layers.find(({ id }) => id === stepId)!,
        placement: { from, to: 1, softness: 0, pull: 'even' as const },
      };
      expect(areaPainted(step, { form: 'blade' })).toBeCloseTo(covers, 1);
    }
  });

  test('crescents of a gem are each half of the one before, measured on the form', () => {
    const layers = [0.3, 0.5, 0.7].map((from, i) =>
      stepWith({
        id: `l${i}`,
        technique: 'layer',
        placement: { from, to: 1, softness: 0, pull: 'up' },
      }),
    );
    const bands = gradientBands(recipeWith([stepWith({ id: 'base' }), ...layers]), 'gem');
    expect(bands.map(({ covers }) => covers)).toEqual([0.5, 0.25, 0.125]);
    const shares = bands.map(({ from }) => areaFrom('gem', 160, from));
    shares.forEach((share, i) => expect(share).toBeCloseTo(0.5 ** (i + 1), 2));
  });

  test('one layer is no gradient', () => {
    expect(gradientBands(recipeWith([stepWith({ id: 'base' }), layer]), 'blade')).toEqual([]);
  });
});
