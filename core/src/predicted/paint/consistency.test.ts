import fc from 'fast-check';
import type { Pot } from '../../written/pot/pot';
import { potWith } from '../../testing/sampleRecipe';
import {
  consistencies,
  consistencyOf,
  consistencyWord,
  stiffnessOf,
  thinnerEffect,
  thinnerFor,
  waterHeldBy,
} from './consistency';
import { shelfOf } from './mixedPaint';

const parts = fc.double({ min: 0, max: 30, noNaN: true });
const ranked = (waterParts: number, mediumParts: number, stiffness = 1) =>
  consistencies.indexOf(consistencyOf({ waterParts, mediumParts }, stiffness));

test.each([
  [0, 0, 'stiff'],
  [0.5, 0, 'smooth'],
  [1, 0, 'loose'],
  [0, 1, 'loose'],
  [3, 0, 'runny'],
  [8, 2, 'tinted water'],
])('%d water and %d medium to a part of normal paint is %s', (waterParts, mediumParts, name) => {
  expect(consistencyOf({ waterParts, mediumParts }, 1).name).toBe(name);
});

test('all water and no paint to speak of is still a consistency', () => {
  expect(consistencyOf({ waterParts: 30, mediumParts: 30 }, 0).name).toBe('tinted water');
});

test('more thinner is never stiffer', () => {
  fc.assert(
    fc.property(parts, parts, parts, (water, medium, more) => {
      expect(ranked(water + more, medium)).toBeGreaterThanOrEqual(ranked(water, medium));
    }),
  );
});

test('the thinner for a consistency gives that consistency, for thick, normal and thin pots', () => {
  expect.hasAssertions();
  for (const stiffness of [1.35, 1, 0.6])
    for (const { name } of consistencies) {
      const thinner = thinnerFor(name, stiffness);
      // A thin pot is never stiff, however little thinner is put in.
      if (thinner === 0) continue;
      expect(consistencyOf({ waterParts: thinner, mediumParts: 0 }, stiffness).name).toBe(name);
    }
});

test('a thick pot takes more thinner than a thin one to be as smooth', () => {
  expect(thinnerFor('loose', 1.35)).toBeGreaterThan(thinnerFor('loose', 0.6));
});

test('stiffness goes by share, washes come thinned and medium brings none', () => {
  const shelf = shelfOf([
    potWith({ id: 'thick', flow: 'thick' }),
    potWith({ id: 'thin', flow: 'thin' }),
    potWith({ id: 'wash', kind: 'wash', flow: 'thin' }),
    potWith({ id: 'medium', kind: 'medium' }),
  ]);
  const of = (shares: Record<string, number>) =>
    stiffnessOf(
      Object.entries(shares).map(([potId, share]) => ({ potId, share })),
      shelf,
    );
  expect(of({ thick: 0.5, thin: 0.5 })).toBeCloseTo((1.35 + 0.6) / 2);
  expect(of({ wash: 1 })).toBeLessThan(of({ thin: 1 }));
  expect(of({ medium: 1 })).toBe(0);
});

test('water pools and runs more than as much medium', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 30, noNaN: true }), (thinner) => {
      const water = thinnerEffect({ waterParts: thinner, mediumParts: 0 }, 1);
      const medium = thinnerEffect({ waterParts: 0, mediumParts: thinner }, 1);
      expect(water.pools).toBeGreaterThan(medium.pools);
      expect(water.runs).toBeGreaterThan(medium.runs);
    }),
  );
});

test('neat paint neither pools nor runs', () => {
  expect(thinnerEffect({ waterParts: 0, mediumParts: 0 }, 1)).toMatchObject({ pools: 0, runs: 1 });
});

const ofThins = (thinsAs: Pot['thinsAs']) =>
  waterHeldBy([{ potId: 'pot', share: 1 }], shelfOf([potWith({ id: 'pot', thinsAs })]));

test('water alone breaks a paint up past its limit, and medium moves the limit', () => {
  const limit = ofThins(undefined);
  const breaksUp = (waterParts: number, mediumParts: number) =>
    thinnerEffect({ waterParts, mediumParts }, limit).breaksUp;
  expect(breaksUp(limit, 0)).toBe(false);
  expect(breaksUp(limit + 0.5, 0)).toBe(true);
  expect(breaksUp(limit + 0.5, 1)).toBe(false);
});

test('a pot takes as much water as its owner found it to', () => {
  expect(ofThins('breaks up early')).toBeLessThan(ofThins('usual'));
  expect(ofThins('holds together')).toBeGreaterThan(ofThins('usual'));
  expect(ofThins(undefined)).toBe(ofThins('usual'));
});

test('a varnish as it comes has no word for how it is thinned', () => {
  expect(consistencyWord({ waterParts: 0, mediumParts: 0 }, 0)).toBe('');
  expect(consistencyWord({ waterParts: 3, mediumParts: 0 }, 1)).toBe('runny');
});
