import { runs } from '../../testing/longTests';
import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmTransfer } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { opticsOfPot } from '../paint/opticsOfPot';
import { mixOf, pots, shelf, stepWith } from '../../testing/sampleRecipe';
import { mixedPaint } from '../paint/mixedPaint';
import { filtersAt, landsWithin, neededBelow, playForward, preCompensate } from './preCompensate';

const pushers = Object.values(pots)
  .filter(({ kind, finish }) => kind === 'paint' && finish !== 'metallic')
  .map(({ id, swatch, hiding }) => ({ potId: id, optics: opticsOfPot(swatch, hiding) }));

/** Evenly spread figures, the same in every run. */
function figures(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

function anyCase(next: () => number) {
  const pick = () => pushers[Math.floor(next() * pushers.length)];
  const highlight = pick();
  const filters = Array.from({ length: 1 + Math.floor(next() * 2) }, () => {
    const { optics } = pick();
    return { paint: optics, transfer: filmTransfer(optics, 0.04 + 0.12 * next()) };
  });
  const parts = 1 + Math.floor(next() * 8);
  const highlightParts = 1 + Math.floor(next() * 8);
  const pushed = mixOptics([
    { optics: highlight.optics, parts: highlightParts },
    { optics: pick().optics, parts },
  ]);
  const target = surfaceColour(playForward(masstoneOf(pushed), filters));
  return { highlight: highlight.optics, filters, target };
}

test('in 200 random cases that can be reached it lands within 2 ΔE00, played forward', () => {
  const next = figures(20261125);
  for (let round = 0; round < runs(200); round++) {
    const { highlight, filters, target } = anyCase(next);
    const found = preCompensate(target, filters, highlight, pushers);
    const mixed = mixOptics([
      ...(found.highlightParts > 0 ? [{ optics: highlight, parts: found.highlightParts }] : []),
      ...found.added.map(({ potId, parts }) => ({
        optics: pushers.find((pusher) => pusher.potId === potId)!.optics,
        parts,
      })),
    ]);
    const landsOn = surfaceColour(playForward(masstoneOf(mixed), filters));
    expect(colourDifference(landsOn, target)).toBeLessThanOrEqual(landsWithin);
    expect(found.isReached).toBe(true);
  }
});

test('a white under a brown filter cannot be reached, and the nearest is no worse than unpushed', () => {
  const brown = opticsOfPot(pots.brown.swatch, pots.brown.hiding);
  const filters = [{ paint: brown, transfer: filmTransfer(brown, 0.5) }];
  const target = surfaceColour(masstoneOf(opticsOfPot('#ffffff', 0.9)));
  const bone = opticsOfPot(pots.bone.swatch, pots.bone.hiding);
  const found = preCompensate(target, filters, bone, pushers);
  expect(found.isReached).toBe(false);
  expect(found.error).toBeGreaterThan(landsWithin);
  expect(found.error).toBeLessThanOrEqual(found.errorUnpushed);
});

test('with nothing to come the highlight stays as it is', () => {
  const bone = opticsOfPot(pots.bone.swatch, pots.bone.hiding);
  const target = surfaceColour(masstoneOf(bone));
  expect(preCompensate(target, [], bone, pushers)).toMatchObject({
    isReached: true,
    highlightParts: 1,
    added: [],
  });
});

test('without a pot to push with it says how far off it lands', () => {
  const bone = opticsOfPot(pots.bone.swatch, pots.bone.hiding);
  const violet = opticsOfPot(pots.violet.swatch, pots.violet.hiding);
  const filters = [{ paint: violet, transfer: filmTransfer(violet, 0.4) }];
  const found = preCompensate(surfaceColour(masstoneOf(bone)), filters, bone, []);
  expect(found).toMatchObject({ isReached: false, added: [] });
  expect(found.error).toBe(found.errorUnpushed);
});

test('what is needed below, played forward through the filters, is the target', () => {
  expect.hasAssertions();
  const next = figures(7);
  for (let round = 0; round < 30; round++) {
    const { filters, highlight } = anyCase(next);
    const target = playForward(masstoneOf(highlight), filters);
    const below = neededBelow(target, filters);
    const again = playForward(below, filters);
    again.forEach((figure, band) => expect(figure).toBeCloseTo(target[band], 8));
  }
});

test('a filter that lays nothing on a place does not count there', () => {
  const glaze = stepWith({
    id: 'g',
    technique: 'placedGlaze',
    mix: mixOf({ yellow: 1 }, { mediumParts: 2 }),
    placement: { from: 0, to: 0.4, softness: 0.1, pull: 'down' },
  });
  const paint = mixedPaint([{ potId: 'yellow', share: 1 }], shelf);
  expect(filtersAt([{ step: glaze, paint }], 0.92)).toEqual([]);
  expect(filtersAt([{ step: glaze, paint }], 0.2)).toHaveLength(1);
});
