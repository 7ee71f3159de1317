import { shelfOf } from '../../predicted/paint/mixedPaint';
import { pots, potWith, shelf } from '../../testing/sampleRecipe';
import { pairReasons, pairsWith } from './pairsWith';

const potsFor = (reason: string, pot = pots.yellow, on = shelf) =>
  pairsWith(pot, on)
    .filter((pair) => pair.reason === reason)
    .map(({ potId }) => potId);

test('yellow is shaded by violet or blue, its opposite, and not by black', () => {
  const opposites = potsFor('opposite');
  expect(opposites.length).toBeGreaterThan(0);
  for (const potId of opposites) expect(['violet', 'blue']).toContain(potId);
});

test('neighbours are near in hue, and darker or lighter by a step one sees', () => {
  const ochre = potWith({ id: 'ochre', swatch: '#b98a1c' });
  const on = shelfOf([...Object.values(pots), ochre]);
  expect(potsFor('darker', pots.yellow, on)).toContain('ochre');
  expect(potsFor('lighter', ochre, on)).toContain('yellow');
  expect(potsFor('lighter', pots.yellow, on)).not.toContain('ochre');
});

test('warm is set off by something cold of the same lightness', () => {
  const teal = potWith({ id: 'teal', swatch: '#2a6a72' });
  const rust = potWith({ id: 'rust', swatch: '#9a4a2a' });
  const on = shelfOf([teal, rust]);
  expect(potsFor('warmth', rust, on)).toEqual(['teal']);
});

test('the ladder goes from one pot to the other, and a greying pair is grey on the way', () => {
  expect.hasAssertions();
  const pairs = pairsWith(pots.yellow, shelf);
  for (const { ladder } of pairs) {
    expect(ladder).toHaveLength(5);
    expect(ladder[0].hex).toBe(pots.yellow.swatch);
  }
  for (const { ladder, figure } of pairs.filter(({ reason }) => reason === 'grey')) {
    expect(figure).toBe(Math.min(...ladder.slice(1, 4).map(({ chroma }) => chroma)));
    expect(figure).toBeLessThan(8);
  }
});

test('a grey pot has no opposite, and empty, metallic or clear pots go with nothing', () => {
  const grey = potWith({ id: 'grey', swatch: '#808080' });
  expect(potsFor('opposite', grey)).toEqual([]);
  const unfit = shelfOf([
    { ...pots.violet, volumeMl: 0 },
    { ...pots.blue, finish: 'metallic' as const },
    pots.medium,
  ]);
  expect(pairsWith(pots.yellow, unfit)).toEqual([]);
});

test('at most two of each reason, in their order', () => {
  const order = pairReasons.map(({ name }) => name);
  const reasons = pairsWith(pots.brown, shelf).map(({ reason }) => reason);
  expect(reasons).toEqual([...reasons].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
  for (const reason of order)
    expect(reasons.filter((each) => each === reason).length).toBeLessThanOrEqual(2);
});
