import { surfaceColour } from '../../light/colour/surfaceColour';
import { randomFrom } from '../../written/record/randomFrom';
import { shelf } from '../../testing/sampleRecipe';
import { shadedCloth } from '../../testing/shadedCloth';
import { mishapKinds, type MishapKind } from './mishapKinds';
import { mishapDegrees, mishapSurface } from './mishapSurface';
import { PhotoError, readPhoto } from '../work/readings/photoReading';
import { backWithin, rescue } from './rescue';
import { stopsIn } from './stopsIn';
import { runs } from '../../testing/longTests';

const recipe = shadedCloth();
const place = { from: 0.75, to: 0.95 };
const after = (what: MishapKind, degree: (typeof mishapDegrees)[number] = 'clear', at = place) =>
  mishapSurface(recipe, shelf, 'light', at, { what, degree, potId: 'blue' });
const valueAt = (surface: readonly (readonly number[] | Float64Array)[], stop: number) =>
  surfaceColour(surface[stop] as Float64Array).value;

describe('a surface after a mishap', () => {
  const [stop] = stopsIn(place);
  const planned = after('spilled').before;

  test('is lighter or darker by about what was said', () => {
    expect(valueAt(after('too bright').now, stop) - valueAt(planned, stop)).toBeCloseTo(9, 1);
    expect(valueAt(after('too dark').now, stop) - valueAt(planned, stop)).toBeCloseTo(-9, 1);
  });

  test.each(mishapKinds)('%s changes its place and nothing else, more the worse it is', (what) => {
    const at = what === 'lost detail' ? { from: 0, to: 0.2 } : place;
    const off = mishapDegrees.map((degree) => {
      const { now } = after(what, degree, at);
      now.forEach((spectrum, i) => {
        if (!stopsIn(at).includes(i)) expect(spectrum).toEqual(planned[i]);
      });
      const [inside] = stopsIn(at);
      return now[inside].reduce((sum, r, band) => sum + Math.abs(r - planned[inside][band]), 0);
    });
    expect(off[0]).toBeGreaterThan(0);
    expect(off[1]).toBeGreaterThanOrEqual(off[0]);
    expect(off[2]).toBeGreaterThanOrEqual(off[1]);
  });
});

test('200 mishaps of every kind: the first mend is back within 3 ΔE00 wherever any is, none makes it worse', () => {
  expect.hasAssertions();
  const random = randomFrom(7);
  const pick = <Item>(list: readonly Item[]) => list[Math.floor(random() * list.length)];
  for (let i = 0; i < runs(200); i++) {
    const from = 0.9 * random();
    const at = { from, to: Math.min(1, from + 0.02 + 0.3 * random()) };
    const stepId = pick(recipe.steps).id;
    const told = {
      what: pick(mishapKinds),
      degree: pick(mishapDegrees),
      potId: pick(['blue', 'white', 'red']),
    };
    const mishap = {
      recipe,
      stepId,
      place: at,
      ...mishapSurface(recipe, shelf, stepId, at, told),
      minutesAgo: random() < 0.5 ? 4 * random() : null,
      wetMixes: new Set(recipe.steps.filter(() => random() < 0.5).map(({ id }) => id)),
      areaCm2: 10,
    };
    const [first, ...others] = rescue(mishap, shelf);
    const leave = [first, ...others].find(({ kind }) => kind === 'leave');
    if (others.some(({ error }) => error <= backWithin))
      expect(first.error).toBeLessThanOrEqual(backWithin);
    for (const mend of [first, ...others])
      if (mend.kind !== 'leave') expect(mend.error).toBeLessThan(leave?.error ?? 0);
  }
});

describe('a photo with a grey patch in it', () => {
  const pixels = (r: number, g: number, b: number, count = 64) =>
    Uint8ClampedArray.from({ length: count * 4 }, (_, i) => [r, g, b, 255][i % 4]);

  test('gives a spot as light as the patch the value of the patch, under any lamp', () => {
    for (const lamp of [pixels(118, 118, 118), pixels(160, 118, 80)]) {
      const [value, a, b] = readPhoto(lamp, lamp);
      expect(value).toBeCloseTo(49.5, 1);
      expect(Math.hypot(a, b)).toBeLessThan(0.05);
    }
  });

  test('takes the colour of the lamp out of a spot', () => {
    expect.hasAssertions();
    const plain = readPhoto(pixels(118, 118, 118), pixels(150, 60, 40));
    const [warm] = [readPhoto(pixels(150, 118, 90), pixels(190, 60, 30))];
    plain.forEach((figure, i) => expect(Math.abs(figure - warm[i])).toBeLessThan(3));
  });

  test.each([
    ['burnt out', pixels(255, 255, 255), /burnt out/],
    ['a red cloak', pixels(190, 30, 30), /no grey/],
    [
      'half in shadow',
      Uint8ClampedArray.from([...pixels(160, 160, 160), ...pixels(70, 70, 70)]),
      /not one even patch/,
    ],
    ['not marked', new Uint8ClampedArray(), /Mark the grey patch/],
  ])('%s is refused, and it is said why', (_what, patch, why) => {
    expect(() => readPhoto(patch, pixels(100, 100, 100))).toThrow(PhotoError);
    expect(() => readPhoto(patch, pixels(100, 100, 100))).toThrow(why);
  });
});
