import { colourDifference } from '../../light/colour/colourDifference';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOfPot } from '../../predicted/paint/opticsOfPot';
import { surfaceBelow } from '../../predicted/buildUp/surfaceBelow';
import { pots, shelf } from '../../testing/sampleRecipe';
import { shadedCloth } from '../../testing/shadedCloth';
import { filters } from './filters';
import { layLine } from './layLine';
import { lift, liftsFor } from './lift';
import type { Mishap } from './mishap';
import { mishapSurface } from './mishapSurface';
import { plannedAfter, rescue } from './rescue';
import { stopsIn } from './stopsIn';

const recipe = shadedCloth();
const place = { from: 0.75, to: 0.95 };
const [inside] = stopsIn(place);

const mishapWith = (part: Partial<Mishap>): Mishap => ({
  recipe,
  stepId: 'light',
  place,
  ...mishapSurface(recipe, shelf, 'light', place, { what: 'too bright', degree: 'bad' }),
  minutesAgo: 0.5,
  wetMixes: new Set(),
  areaCm2: 10,
  ...part,
});
const off = (one: Spectrum, other: Spectrum) =>
  colourDifference(surfaceColour(one), surfaceColour(other));

describe('a line laid over a surface', () => {
  test('onto what lies below it gives what is planned after it', () => {
    expect.hasAssertions();
    const below = surfaceBelow(recipe, shelf, 'light');
    const laid = layLine(recipe, 'light', 2, below, shelf);
    const planned = plannedAfter({ recipe, stepId: 'light' }, shelf);
    laid.forEach((spectrum, stop) => expect(off(spectrum, planned[stop])).toBeLessThan(1e-6));
  });

  test('coat by coat it is the same as all at once', () => {
    expect.hasAssertions();
    const below = surfaceBelow(recipe, shelf, 'layer');
    const once = layLine(recipe, 'layer', 2, below, shelf);
    const twice = layLine(recipe, 'layer', 1, layLine(recipe, 'layer', 1, below, shelf), shelf);
    once.forEach((spectrum, stop) => expect(off(spectrum, twice[stop])).toBeLessThan(1e-6));
  });
});

describe('lifting', () => {
  test('brings back what lay below, less the longer it has dried', () => {
    const farFrom = (minutesAgo: number) => {
      const mishap = mishapWith({ minutesAgo });
      const [lifted] = lift(mishap, shelf);
      return off(lifted.surface[inside], (mishap.before ?? [])[inside]);
    };
    expect(farFrom(0)).toBeLessThan(farFrom(1.5));
    expect(farFrom(1.5)).toBeLessThan(farFrom(liftsFor));
  });

  test('is no longer put forward once it is dry, or when nobody knows what lay below', () => {
    expect(lift(mishapWith({ minutesAgo: liftsFor + 0.1 }), shelf)).toEqual([]);
    expect(lift(mishapWith({ minutesAgo: null }), shelf)).toEqual([]);
    expect(lift(mishapWith({ before: null }), shelf)).toEqual([]);
  });

  test('and painting the line again comes nearer to plan than lifting alone', () => {
    const planned = plannedAfter({ recipe, stepId: 'light' }, shelf);
    const [alone, again] = lift(mishapWith({ minutesAgo: 0 }), shelf);
    expect(off(again.surface[inside], planned[inside])).toBeLessThan(
      off(alone.surface[inside], planned[inside]),
    );
    expect(again.minutes).toBeGreaterThan(alone.minutes);
    expect(again.sentence).toContain('paint line 4 there again');
  });

  test('touches nothing outside its place', () => {
    expect.hasAssertions();
    const mishap = mishapWith({});
    for (const { surface } of lift(mishap, shelf))
      surface.forEach((spectrum, stop) => {
        if (!stopsIn(place).includes(stop)) expect(spectrum).toBe(mishap.now[stop]);
      });
  });
});

describe('filters', () => {
  test('are of every mix up to the line, thinner ones change less', () => {
    const mishap = mishapWith({});
    const all = filters(mishap, shelf);
    expect(all).toHaveLength(4 * 3);
    const changes = all.slice(0, 3).map(({ surface }) => off(surface[inside], mishap.now[inside]));
    expect(changes[0]).toBeGreaterThan(changes[1]);
    expect(changes[1]).toBeGreaterThan(changes[2]);
    expect(filters(mishapWith({ stepId: 'base' }), shelf)).toHaveLength(3);
  });

  test('say whether their mix still stands on the palette', () => {
    const wet = filters(mishapWith({ wetMixes: new Set(['wash']) }), shelf);
    expect(wet.map(({ isWet }) => isWet)).toEqual(
      Array.from({ length: 12 }, (_, i) => i >= 3 && i < 6),
    );
  });
});

describe('coats that are still to come', () => {
  const first = {
    ...recipe,
    steps: recipe.steps.map((step) => (step.id === 'base' ? { ...step, coats: 1 } : step)),
  };
  const { swatch, hiding } = pots.red;
  const slipped = () => {
    const planned = plannedAfter({ recipe: first, stepId: 'base' }, shelf);
    const now = planned.map((ground, stop) =>
      stopsIn(place).includes(stop) ? filmOver(ground, opticsOfPot(swatch, hiding), 0.3) : ground,
    );
    return {
      ...mishapWith({ recipe: first, stepId: 'base', now, before: planned, minutesAgo: null }),
    };
  };
  const leaveOf = (mishap: Mishap) => rescue(mishap, shelf).find(({ kind }) => kind === 'leave');

  test('cover a slip by themselves: the more of them, the less is left of it', () => {
    expect.hasAssertions();
    const errors = [0, 1, 2, 4].map(
      (coatsToCome) => leaveOf({ ...slipped(), coatsToCome })?.error ?? Infinity,
    );
    errors.slice(1).forEach((error, i) => expect(error).toBeLessThan(errors[i]));
  });

  test('leaving it comes first where nobody will see it after them', () => {
    const [best] = rescue({ ...slipped(), coatsToCome: 6 }, shelf);
    expect(best).toMatchObject({ kind: 'leave' });
    expect(best.sentence).toContain('nobody will see it');
  });
});
