import fc from 'fast-check';
import { anyAim, anySpots } from '../../testing/anyAim';
import { aimKey, type WrittenAim } from './aim';
import { aimWeights, facingWeight } from './aimWeights';
import { aspectsOf, mainAspects } from './aspects';
import { atTone } from './toneCount';
import { aimWords, aspectNames } from './aimWords';
import { formField } from './formField';
import { formNames, forms } from './forms';
import { lightNames } from './light';
import { insidePlacement } from './placement';
import { placementsOf } from './shrinking';
import { toneStops } from './toneAxis';
import type { Shape, Spot } from './shape';
import { readySpotOf, usualShare } from './spotWeights';
import { runs } from '../../testing/longTests';

test('a place that begins or ends at a named stop gets its whole coat there', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...toneStops),
      fc.integer({ min: 0, max: 50 }),
      ({ at }, hundredths) => {
        const softness = hundredths / 100;
        const up = { from: at, to: 1, softness, pull: 'even' as const };
        const down = { from: 0, to: at, softness, pull: 'even' as const };
        expect([insidePlacement(at, up), insidePlacement(at, down)]).toEqual([1, 1]);
      },
    ),
  );
});

const size = 64;
const shareOf = (weights: Float32Array, shape: Shape) => {
  const { area } = formField(shape, size);
  const whole = area.reduce((sum, each) => sum + each, 0) * (forms[shape.form].hasBack ? 2 : 1);
  return weights.reduce((sum, each, place) => sum + each * area[place % area.length], 0) / whole;
};
const weightsOf = (shape: Shape, aim: WrittenAim) =>
  aimWeights(formField(shape, size), aim, shape.spots);

describe('facing', () => {
  test('is full on the side itself, half at the angle, nothing well past it', () => {
    const at = (degrees: number, within: number) =>
      facingWeight(Math.cos((degrees * Math.PI) / 180), within);
    expect(at(0, 60)).toBe(1);
    expect(at(60, 60)).toBeCloseTo(0.5, 6);
    expect(at(80, 60)).toBe(0);
    expect(at(180, 180)).toBe(1);
    expect(at(0, 0)).toBe(0);
  });

  test('never grows with the angle from the side, nor shrinks as more is let in', () => {
    const angle = fc.double({ min: 0, max: 180, noNaN: true });
    fc.assert(
      fc.property(angle, angle, angle, (one, other, within) => {
        const at = (degrees: number, let_in: number) =>
          facingWeight(Math.cos((degrees * Math.PI) / 180), let_in);
        const [near, far] = [Math.min(one, other), Math.max(one, other)];
        expect(at(far, within)).toBeLessThanOrEqual(at(near, within) + 1e-6);
        expect(at(one, Math.min(180, within + 10))).toBeGreaterThanOrEqual(at(one, within) - 1e-6);
      }),
    );
  });

  test.each(formNames)(
    'on %s its left and its right are as large as each other in the round',
    (form) => {
      if (!['folds', 'limb', 'gem', 'orb'].includes(form)) return;
      const share = (side: 'left' | 'right') =>
        shareOf(weightsOf({ form }, { facing: { side, within: 70 } }), { form });
      expect(share('left')).toBeCloseTo(share('right'), 1);
    },
  );

  test('towards the light turns with the light', () => {
    expect.hasAssertions();
    for (const light of lightNames) {
      const shape: Shape = { form: 'limb', light };
      const towards = weightsOf(shape, { facing: { side: 'light', within: 60 } });
      const away = weightsOf(shape, { facing: { side: 'dark', within: 60 } });
      expect(towards.some((each) => each > 0)).toBe(true);
      towards.forEach((each, place) => expect(Math.min(each, away[place])).toBe(0));
    }
  });

  test('what faces the back is there where a form has a back, and nowhere else', () => {
    expect.hasAssertions();
    for (const form of formNames) {
      const share = shareOf(weightsOf({ form }, { facing: { side: 'back', within: 80 } }), {
        form,
      });
      expect(share > 0).toBe(forms[form].hasBack === true);
    }
  });
});

describe('along and height', () => {
  test.each(formNames)('%s says where its root is, or nothing along it is fulfilled', (form) => {
    const all = shareOf(weightsOf({ form }, { along: { from: 0, to: 1, softness: 0 } }), { form });
    expect(all).toBe(forms[form].along ? 1 : 0);
    if (!forms[form].along) return;
    const half = (from: number, to: number) =>
      shareOf(weightsOf({ form }, { along: { from, to, softness: 0 } }), { form });
    expect(half(0, 0.5) + half(0.5, 1)).toBeCloseTo(1, 1);
  });

  test('a face stands at the top of the figure, a robe from its feet up', () => {
    const high: WrittenAim = { height: { from: 0.8, to: 1, softness: 0 } };
    expect(shareOf(weightsOf({ form: 'face' }, high), { form: 'face' })).toBe(1);
    expect(shareOf(weightsOf({ form: 'folds' }, high), { form: 'folds' })).toBeLessThan(0.3);
  });
});

describe('spots', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });

  test('have the share they are said to have, wherever they are and however soft', () => {
    fc.assert(
      fc.property(
        share,
        fc.constantFrom(...formNames),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.option(fc.constantFrom(0, 0.3), { nil: undefined }),
        (wanted, form, at, softness) => {
          const spot: Spot = { id: 's', name: 'Spot', share: wanted, at: [{ u: at, v: 1 - at }] };
          const soft = softness === undefined ? spot : { ...spot, softness };
          const shape: Shape = { form, spots: [soft] };
          const limit = softness ? 0.25 : 0.01;
          expect(Math.abs(shareOf(weightsOf(shape, { spot: 's' }), shape) - wanted)).toBeLessThan(
            limit,
          );
        },
      ),
      { numRuns: runs(60) },
    );
  });

  test('that are not there, or have no share, are nowhere', () => {
    const shape: Shape = { form: 'face', spots: [{ id: 's', name: 'Scar', share: 0 }] };
    for (const spot of ['s', 'gone']) expect(shareOf(weightsOf(shape, { spot }), shape)).toBe(0);
  });

  const readySpots = formNames.flatMap((form) =>
    (forms[form].spots ?? []).map((ready) => [ready.name, form, ready] as const),
  );

  test.each(readySpots)('%s of a %s lies on it, and takes no more than half', (_, form, ready) => {
    const usual = usualShare(formField({ form }, 96), ready);
    expect(usual).toBeGreaterThan(0.001);
    expect(usual).toBeLessThan(0.5);
    expect(readySpotOf(form, ` ${ready.name.toUpperCase()} `)).toBe(ready);
  });
});

describe('aspects', () => {
  test('share the form out, tone by tone, whatever is aimed at', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...formNames),
        fc.array(anyAim, { maxLength: 6 }),
        anySpots,
        (form, aims, spots) => {
          const aspects = aspectsOf({ form, spots }, aims);
          expect(aspects.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
          for (const tone of [0, 0.15, 0.5, 0.81, 1]) {
            const whole = aspects.reduce((sum, { ofTone }) => sum + atTone(ofTone, tone), 0);
            expect(whole).toBeCloseTo(1, 6);
          }
          expect(new Set(aspects.map(({ key }) => key)).size).toBe(aspects.length);
          const main = mainAspects(aspects);
          expect(main[0].aspect).toBe(aspects[0]);
          expect(main.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: runs(40) },
    );
  });

  test('what all of a form fulfils of itself is no aspect, and goes on everywhere', () => {
    const all: WrittenAim = { facing: { side: 'front', within: 180 } };
    const [everywhere, ...more] = aspectsOf({ form: 'plate' }, [all]);
    expect(more).toEqual([]);
    expect(everywhere.weights.get(aimKey(all))).toBe(1);
    expect(everywhere.aims).toEqual([]);
  });

  test('do not depend on the order of the lines', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...formNames),
        fc.array(anyAim, { minLength: 2, maxLength: 6 }),
        anySpots,
        (form, aims, spots) => {
          const turned = aspectsOf({ form, spots }, aims.toReversed());
          expect(turned).toEqual(aspectsOf({ form, spots }, aims));
        },
      ),
      { numRuns: runs(40) },
    );
  });

  test('of two aims that cross are the four parts they cut the surface into', () => {
    const left: WrittenAim = { facing: { side: 'left', within: 90 } };
    const low: WrittenAim = { height: { from: 0, to: 0.5, softness: 0 } };
    const main = mainAspects(aspectsOf({ form: 'folds' }, [left, low]));
    expect(main).toHaveLength(4);
    for (const { aspect, share } of main) {
      expect(share).toBeGreaterThan(0.2);
      expect([left, low].filter((aim) => (aspect.weights.get(aimKey(aim)) ?? 0) >= 0.5)).toEqual(
        expect.arrayContaining([...aspect.aims]),
      );
    }
  });

  test('a flat plate that faces the front gets half of what is aimed up within 90°', () => {
    const up: WrittenAim = { facing: { side: 'up', within: 90 } };
    const [main] = aspectsOf({ form: 'plate' }, [up]);
    expect(main.weights.get(aimKey(up))).toBeGreaterThan(0.3);
    expect(main.weights.get(aimKey(up))).toBeLessThan(0.7);
  });

  test('that would be called the same are told apart by their figures', () => {
    const left = (within: number): WrittenAim => ({ facing: { side: 'left', within } });
    const aims = [[], [left(85)], [left(50)], [{ spot: 's' }], [{ spot: 's' }, left(85)]];
    const names = aspectNames(
      aims.map((each) => ({ aims: each })),
      { form: 'folds', spots: [{ id: 's', name: 'Tear', share: 0.1 }] },
    );
    expect(names).toEqual([
      'elsewhere',
      'its left, 85°',
      'its left, 50°',
      'Tear',
      'Tear + its left',
    ]);
    expect(aimWords(left(85), { form: 'folds' })).toBe('facing to its left within 85°');
  });
});

describe('coats that shrink', () => {
  test('go evenly from the first to the last, in tone, angle and along', () => {
    const placements = placementsOf(
      {
        from: 0.2,
        to: 1,
        softness: 0.1,
        pull: 'up',
        aim: {
          facing: { side: 'down', within: 90 },
          along: { from: 0, to: 1, softness: 0.1 },
        },
        last: { from: 0.8, to: 1, within: 30, along: { from: 0.6, to: 1 } },
      },
      4,
    );
    expect(placements.map(({ from }) => Math.round(from * 100))).toEqual([20, 40, 60, 80]);
    expect(placements.map(({ aim }) => aim?.facing?.within)).toEqual([90, 70, 50, 30]);
    expect(placements.map(({ aim }) => Math.round((aim?.along?.from ?? 0) * 10))).toEqual([
      0, 2, 4, 6,
    ]);
  });
});

describe('sections', () => {
  const toneAlong = (way: 'repeated' | 'alternating' | 'mirrored', u: number) => {
    const field = formField({ form: 'blade', sections: { count: 4, way } }, 96);
    // Beside the edge, from hilt to point.
    const column = Math.floor(u * 96);
    return Array.from({ length: 60 }, (_, i) => field.tone[(90 - i) * 96 + column]);
  };
  const turns = (tones: number[]) =>
    tones.slice(2).filter((tone, i) => (tone - tones[i + 1]) * (tones[i + 1] - tones[i]) < -1e-6)
      .length;

  test('go through the gradient again and again; mirrored they turn where they meet', () => {
    expect(turns(toneAlong('repeated', 0.44))).toBeGreaterThanOrEqual(3);
    const jumps = (tones: number[]) =>
      tones.slice(1).filter((tone, i) => Math.abs(tone - tones[i]) > 0.4).length;
    expect(jumps(toneAlong('repeated', 0.44))).toBeGreaterThanOrEqual(2);
    expect(jumps(toneAlong('mirrored', 0.44))).toBe(0);
  });

  test('alternating, one facet is dark where the other is light', () => {
    const [left, right] = [toneAlong('alternating', 0.44), toneAlong('alternating', 0.56)];
    const apart = left.filter((tone, i) => Math.abs(tone - right[i]) > 0.3).length;
    expect(apart / left.length).toBeGreaterThan(0.4);
  });
});
