import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOfPot } from '../../predicted/paint/opticsOfPot';
import { randomFrom } from '../../written/record/randomFrom';
import { surfaceBelow } from '../../predicted/buildUp/surfaceBelow';
import { pots, shelf } from '../../testing/sampleRecipe';
import { shadedCloth } from '../../testing/shadedCloth';
import type { Mishap } from './mishap';
import { backWithin, nobodySees, plannedAfter, rescue } from './rescue';
import { stopsIn } from './stopsIn';

const recipe = shadedCloth();

/** Something spilled over the place, so thick. */
function spilled(potId: keyof typeof pots, films: number, part: Partial<Mishap> = {}): Mishap {
  const mishap: Mishap = {
    recipe,
    stepId: 'light',
    place: { from: 0.75, to: 0.95 },
    now: [],
    before: null,
    minutesAgo: null,
    wetMixes: new Set(),
    areaCm2: 10,
    ...part,
  };
  const planned = plannedAfter(mishap, shelf);
  const stops = stopsIn(mishap.place);
  const { swatch, hiding } = pots[potId];
  const paint = opticsOfPot(swatch, hiding);
  const now = planned.map((ground, stop) =>
    stops.includes(stop) ? filmOver(ground, paint, films) : ground,
  );
  return { ...mishap, now, before: planned };
}

describe('mends', () => {
  test('a spill that is still wet is lifted at once; later it no longer can be', () => {
    const fresh = rescue(spilled('blue', 1, { minutesAgo: 0.5 }), shelf);
    expect(fresh.some(({ kind }) => kind === 'lift')).toBe(true);
    const dry = rescue(spilled('blue', 1, { minutesAgo: 20 }), shelf);
    expect(dry.some(({ kind }) => kind === 'lift')).toBe(false);
  });

  test('a dry spill of another colour is painted back to within 3 ΔE00', () => {
    const [first] = rescue(spilled('blue', 1), shelf);
    expect(first.error).toBeLessThanOrEqual(backWithin);
    expect(['pass', 'restore']).toContain(first.kind);
    expect(first.minutes).toBeGreaterThan(0);
  });

  test('mixes that still stand there go before others', () => {
    const wetMixes = new Set(['light']);
    const [first] = rescue(spilled('white', 0.4, { wetMixes }), shelf);
    expect(first).toMatchObject({ isWet: true });
    expect(first.error).toBeLessThanOrEqual(backWithin);
  });

  test('what nobody will see is left, and that is said', () => {
    const [first] = rescue(spilled('brown', 0.02), shelf);
    expect(first.kind).toBe('leave');
    expect(first.error).toBeLessThanOrEqual(nobodySees);
    expect(first.sentence).toMatch(/nobody will see it/);
  });

  test('what is predicted is what the mend does: the surface after, against the plan', () => {
    expect.hasAssertions();
    const mishap = spilled('green', 0.8);
    const planned = plannedAfter(mishap, shelf).map(surfaceColour);
    const stops = stopsIn(mishap.place);
    for (const { after, error } of rescue(mishap, shelf)) {
      const sum = stops.reduce(
        (all, stop) => all + colourDifference(after[stop], planned[stop]),
        0,
      );
      expect(sum / stops.length).toBeCloseTo(error, 9);
    }
  });

  test('outside the place only a filter touches anything', () => {
    expect.hasAssertions();
    const mishap = spilled('red', 1);
    const stops = stopsIn(mishap.place);
    const planned = plannedAfter(mishap, shelf).map(surfaceColour);
    for (const { after, kind } of rescue(mishap, shelf))
      after.forEach((colour, stop) => {
        if (kind !== 'filter' && !stops.includes(stop)) expect(colour.hex).toBe(planned[stop].hex);
      });
  });

  test('a place between two stops is the nearest of them', () => {
    expect(stopsIn({ from: 0.501, to: 0.502 })).toHaveLength(1);
  });

  test('the plan is the surface after the line, not after the whole recipe', () => {
    const mishap = spilled('blue', 1, { stepId: 'layer' });
    expect(plannedAfter(mishap, shelf)).toEqual(surfaceBelow(recipe, shelf, 'light'));
  });
});

describe('two hundred mishaps', () => {
  const random = randomFrom(20261125);
  const names = ['white', 'bone', 'violet', 'blue', 'red', 'green', 'brown', 'yellow'] as const;
  const mishaps = Array.from({ length: 200 }, () => {
    const from = 0.72 + 0.2 * random();
    const line = recipe.steps[Math.floor(random() * recipe.steps.length)];
    return spilled(names[Math.floor(random() * names.length)], 0.05 + 2 * random(), {
      stepId: line.id,
      place: { from, to: Math.min(1, from + 0.02 + 0.2 * random()) },
      minutesAgo: random() < 0.5 ? 4 * random() : null,
      wetMixes: new Set(recipe.steps.filter(() => random() < 0.5).map(({ id }) => id)),
    });
  });
  const mends = mishaps.map((mishap) => rescue(mishap, shelf));

  test('the first mend brings the place back within 3 ΔE00 wherever any can', () => {
    const failed = mends.filter(
      ([first, ...others]) =>
        first.error > backWithin && others.some(({ error }) => error <= backWithin),
    );
    expect(failed).toEqual([]);
    expect(mends.filter(([first]) => first.error <= backWithin).length).toBeGreaterThan(190);
  });

  test('none that makes it worse is ever put forward', () => {
    const worse = mends.filter((all) => {
      const leave = all.find(({ kind }) => kind === 'leave');
      return all.some(({ error, kind }) => kind !== 'leave' && leave && error >= leave.error);
    });
    expect(worse).toEqual([]);
  });
});
