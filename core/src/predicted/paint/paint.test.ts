import fc from 'fast-check';
import { flatSpectrum } from '../../light/colour/spectrum';
import { surfaceColour } from '../../light/colour/surfaceColour';
import {
  anyGround,
  anyHex,
  anyHiding,
  anyPaint,
  anyThickness,
  furthestApart,
} from '../../testing/arbitraries';
import { filmOver } from '../../light/optics/filmOver';
import { hidingLevelOf, hidingLevels } from '../../written/pot/hidingLevels';
import { kOverSOfMasstone, masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { hidingOf, opticsOf, opticsOfPot, mostMeanAbsorption } from './opticsOfPot';
import { potSchema } from '../../written/pot/pot';
import { potWith } from '../../testing/sampleRecipe';
import { runs } from '../../testing/longTests';

describe('a film', () => {
  test('of no thickness leaves the ground as it is', () => {
    fc.assert(
      fc.property(
        anyGround,
        anyPaint,
        (ground, paint) => furthestApart(filmOver(ground, paint, 0), ground) === 0,
      ),
    );
  });

  test('thick enough is the masstone over any ground', () => {
    fc.assert(
      fc.property(anyGround, anyPaint, (ground, paint) => {
        const thick = filmOver(ground, paint, 1e9);
        return furthestApart(thick, masstoneOf(paint)) < 1e-9;
      }),
    );
  });

  test('of x and then of y is one film of x + y', () => {
    fc.assert(
      fc.property(anyGround, anyPaint, anyThickness, anyThickness, (ground, paint, x, y) => {
        const twice = filmOver(filmOver(ground, paint, x), paint, y);
        return furthestApart(twice, filmOver(ground, paint, x + y)) < 1e-9;
      }),
    );
  });

  test('reflects between nothing and everything', () => {
    fc.assert(
      fc.property(anyGround, anyPaint, anyThickness, (ground, paint, thickness) =>
        filmOver(ground, paint, thickness).every((r) => r >= 0 && r <= 1),
      ),
    );
  });

  test('that only absorbs lets light through twice: R₀·exp(−2KX)', () => {
    const stain = { absorption: flatSpectrum(0.7), scattering: flatSpectrum(0) };
    expect(filmOver(flatSpectrum(0.9), stain, 1.5)[0]).toBeCloseTo(0.9 * Math.exp(-2.1), 12);
  });

  test('that only scatters whitens black as Sx / (Sx + 1)', () => {
    const chalk = { absorption: flatSpectrum(0), scattering: flatSpectrum(2) };
    expect(filmOver(flatSpectrum(0), chalk, 1.5)[0]).toBeCloseTo(3 / 4, 12);
  });

  test('of negative or unknown thickness is refused', () => {
    const paint = opticsOfPot('#804020', 0.5);
    expect(() => filmOver(flatSpectrum(0), paint, -1)).toThrow(RangeError);
    expect(() => filmOver(flatSpectrum(0), paint, NaN)).toThrow(RangeError);
  });
});

describe('optics of a pot', () => {
  test('play back as its hiding and its swatch', () => {
    fc.assert(
      fc.property(anyHex, anyHiding, (swatch, hiding) => {
        const paint = opticsOfPot(swatch, hiding);
        const mean = paint.absorption.reduce((sum, k) => sum + k, 0) / paint.absorption.length;
        const isAtItsMost = mean > mostMeanAbsorption - 1e-6;
        if (!isAtItsMost) expect(Math.abs(hidingOf(paint, 1) - hiding)).toBeLessThan(1e-4);
        expect(hidingOf(paint, 1)).toBeLessThan(hiding + 1e-4);
        expect(surfaceColour(masstoneOf(paint)).hex).toBe(swatch);
      }),
    );
  });

  test('whose contrast a dark swatch can hardly tell are no stronger than paints of its kind', () => {
    for (const swatch of ['#2b3f5c', '#19191b', '#5c1b1e', '#1f3028'])
      for (const hiding of [0.85, 0.97, 1]) {
        const { absorption } = opticsOfPot(swatch, hiding);
        expect(Math.max(...absorption)).toBeGreaterThan(2);
        expect(Math.max(...absorption)).toBeLessThan(6);
      }
  });

  test('of a clear pot do nothing to light', () => {
    const clear = opticsOfPot('#ffffff', 0);
    expect(furthestApart(filmOver(flatSpectrum(0.3), clear, 5), flatSpectrum(0.3))).toBeLessThan(
      1e-12,
    );
  });

  test('of a pot that covers outright are held, not infinite', () => {
    expect(opticsOfPot('#eeeeee', 1).scattering.every(Number.isFinite)).toBe(true);
  });

  test.each([-0.1, 1.4, NaN])('hiding %p is refused', (hiding) => {
    expect(() => opticsOfPot('#eeeeee', hiding)).toThrow('is not from 0 to 1');
  });
});

describe('mixing', () => {
  test('the order of parts does not matter', () => {
    fc.assert(
      fc.property(fc.array(anyPaint, { minLength: 2, maxLength: 5 }), (paints) => {
        const shares = paints.map((optics, index) => ({ optics, parts: index + 1 }));
        const turned = [...shares].reverse();
        const apart = furthestApart(masstoneOf(mixOptics(shares)), masstoneOf(mixOptics(turned)));
        return apart < 1e-12;
      }),
    );
  });

  test('only proportions count, and a paint mixed with itself is itself', () => {
    fc.assert(
      fc.property(anyPaint, anyPaint, (one, other) => {
        const small = mixOptics([
          { optics: one, parts: 1 },
          { optics: other, parts: 3 },
        ]);
        const large = mixOptics([
          { optics: one, parts: 2 },
          { optics: other, parts: 4 },
          { optics: other, parts: 2 },
        ]);
        return furthestApart(small.absorption, large.absorption) < 1e-9;
      }),
    );
  });

  test('nothing, or parts of nothing, is refused', () => {
    expect(() => mixOptics([])).toThrow('empty mix');
    expect(() => mixOptics([{ optics: opticsOfPot('#fff000', 0.5), parts: 0 }])).toThrow(
      '0 parts cannot be mixed',
    );
  });
});

test('K/S and masstone are each other’s inverse', () => {
  fc.assert(
    fc.property(fc.double({ min: 1e-4, max: 1, noNaN: true }), (reflectance) => {
      const optics = {
        absorption: flatSpectrum(kOverSOfMasstone(reflectance)),
        scattering: flatSpectrum(1),
      };
      return Math.abs(masstoneOf(optics)[0] - reflectance) < 1e-9;
    }),
  );
});

test('every hiding level is the level of its own figure', () => {
  for (const level of hidingLevels) expect(hidingLevelOf(level.hiding)).toBe(level);
  expect(hidingLevelOf(0.64).name).toBe('good');
});

describe('a pot as written', () => {
  test.each([
    ['name', '', '1 to 120 characters'],
    ['name', 'x'.repeat(10_000), '1 to 120 characters'],
    ['swatch', 'mustard', '#d9a21b'],
    ['hiding', 1.4, 'a number from 0 to 1'],
    ['hiding', Number.NaN, 'a number from 0 to 1'],
    ['volumeMl', -1, '0 to 10,000'],
    ['kind', 'glue', 'one of paint, ink, wash'],
  ])(
    '(%#) with a wrong %s is refused, and what would be right is said',
    (field, value, expected) => {
      const result = potSchema.safeParse({ ...potWith({ id: 'p' }), [field]: value });
      expect(result.error?.issues[0].path).toEqual([field]);
      expect(result.error?.issues[0].message).toContain(expected);
    },
  );

  test.each(['<script>alert(1)</script>', '🪔 Lantern', 'صفراء المستنقع'])(
    'may be called %p',
    (name) => {
      expect(potSchema.parse(potWith({ id: 'p', name })).name).toBe(name);
    },
  );
});

describe('a swatch of one coat over white', () => {
  const overWhite = (hex: string, hiding: number) =>
    surfaceColour(filmOver(flatSpectrum(1), opticsOfPot(hex, hiding, 'one coat over white'), 1));

  test('is what one coat over white is predicted to be, within 0.5 ΔE00', () => {
    fc.assert(
      fc.property(anyHex, anyHiding, (hex, hiding) => {
        expect(colourDifference(overWhite(hex, hiding), colourOfHex(hex))).toBeLessThan(0.5);
      }),
      { numRuns: runs(40) },
    );
  });

  test('hides as the pot says', () => {
    for (const hiding of [0.02, 0.1, 0.5, 0.9])
      expect(hidingOf(opticsOfPot('#b39270', hiding, 'one coat over white'), 1)).toBeCloseTo(
        hiding,
        3,
      );
  });

  test('of a brown wash is that brown on white, dried at full strength it would be a stronger one', () => {
    const brown = '#5c2c12';
    const read = surfaceColour(filmOver(flatSpectrum(1), opticsOfPot(brown, 0.06), 1));
    expect(read.chroma).toBeGreaterThan(overWhite(brown, 0.06).chroma + 5);
  });

  test('nothing predicted changes for a pot that does not say what its swatch shows', () => {
    expect(opticsOf(potWith({ id: 'old', kind: 'wash', swatch: '#2a1d12', hiding: 0.05 }))).toEqual(
      opticsOfPot('#2a1d12', 0.05),
    );
  });
});
