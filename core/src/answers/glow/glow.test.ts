import fc from 'fast-check';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { mixTable } from '../match/mixTable';
import { everyAspect, finishedSurface } from '../../predicted/buildUp/buildUp';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { onEachOther } from '../work/army/surfaces/layersOn';
import type { Unit } from '../work/army/army';
import { mixOf, pots, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { oppositeSide } from '../../written/place/aim';
import { bouncedLight } from './bouncedLight';
import { paintedInShade } from './coolShade';
import { distance, isShadowed, placePoints, towards, type Vector } from './figureBody';
import { glowWithin } from './glowOnSurface';
import { litAt, paintedAsLit, pointLightSchema, sideTowards, type PointLight } from './pointLight';
import { unitGlow } from './unitGlow';
import { runs } from '../../testing/longTests';

const lantern: PointLight = { at: [0.3, 0.42, 0.2], hex: '#ffd27a', strength: 0.8, reach: 0.8 };
const unit = fc.double({ min: 0, max: 1, noNaN: true });
const anyPoint: fc.Arbitrary<Vector> = fc
  .tuple(unit, unit, unit)
  .map(([x, y, z]) => [x * 1.2 - 0.6, y * 1.1, z * 1.2 - 0.6]);
const anyHex = fc
  .tuple(...[0, 1, 2].map(() => fc.integer({ min: 40, max: 255 })))
  .map((parts) => `#${parts.map((each) => each.toString(16).padStart(2, '0')).join('')}`);

describe('light at a point', () => {
  test('it is nothing beyond its reach, and never more than beside it', () => {
    fc.assert(
      fc.property(anyPoint, anyPoint, unit, (point, at, share) => {
        const light = { ...lantern, at: [...at] as PointLight['at'], reach: 0.1 + share };
        const lit = litAt(point, light);
        if (distance(point, at) >= light.reach) expect(lit.because).toBe('too far');
        expect(lit.strength).toBeLessThanOrEqual(light.strength);
        expect(lit.strength > 0).toBe(lit.because === null);
      }),
      { numRuns: runs(300) },
    );
  });

  test('further away along one way it only gets weaker', () => {
    const at = (far: number) => litAt([0.3 + far, 0.42, 0.2], { ...lantern, reach: 3 }).strength;
    const strengths = [0, 0.05, 0.1, 0.2, 0.3, 0.5].map(at);
    expect(strengths).toEqual([...strengths].sort((one, other) => other - one));
    expect(at(0.15) / at(0)).toBeCloseTo(0.5, 2);
  });

  test('the body stands in the way of its back, and of nothing on the side of the light', () => {
    const [back] = placePoints.mantle;
    const [chest] = placePoints.chest;
    expect(isShadowed(back, [0, 0.6, 0.5])).toBe(true);
    expect(isShadowed(chest, [0, 0.6, 0.5])).toBe(false);
    expect(litAt(back, { ...lantern, at: [0, 0.6, 0.45], reach: 2, strength: 4 }).because).toBe(
      'behind the body',
    );
  });

  test('the side it comes from is the nearest of the six', () => {
    expect(sideTowards(towards([0, 0.5, 0], [1, 0.6, 0.2]))).toBe('left');
    expect(sideTowards(towards([0, 0.5, 0], [0.1, -1, 0]))).toBe('down');
    expect(sideTowards(towards([0, 0.5, 0], [0, 0.5, 0]))).toBe('up');
  });

  test('a light of no strength or of no colour is refused in words', () => {
    const read = (part: object) => pointLightSchema.safeParse({ ...lantern, ...part });
    expect(read({ strength: 0 }).error?.issues[0].path).toEqual(['strength']);
    expect(read({ hex: 'warm' }).success).toBe(false);
    expect(read({ at: [9, 0, 0] }).success).toBe(false);
    expect(read({}).success).toBe(true);
  });
});

describe('what has to be painted to look as lit', () => {
  test('without light it is as it is; more light never makes it darker, nor brighter than paint', () => {
    fc.assert(
      fc.property(anyHex, anyHex, unit, (surface, light, share) => {
        const bare = reflectanceFromHex(surface);
        const weak = surfaceColour(paintedAsLit(bare, share, light));
        const strong = surfaceColour(paintedAsLit(bare, share + 0.5, light));
        const none = surfaceColour(paintedAsLit(bare, 0, light));
        expect(strong.value).toBeGreaterThanOrEqual(weak.value - 1e-6);
        expect(strong.value).toBeLessThan(98);
        expect(none.value).toBeCloseTo(surfaceColour(bare).value, 6);
      }),
      { numRuns: runs(80) },
    );
  });

  test('a red light turns grey red, and does next to nothing to the hue of red', () => {
    const grey = surfaceColour(paintedAsLit(reflectanceFromHex('#777777'), 0.6, '#ff3020'));
    expect(grey.a).toBeGreaterThan(20);
    const red = reflectanceFromHex('#a82222');
    const lit = surfaceColour(paintedAsLit(red, 0.6, '#ff3020'));
    expect(Math.abs(lit.hue - surfaceColour(red).hue)).toBeLessThan(12);
    expect(lit.value).toBeGreaterThan(surfaceColour(red).value + 5);
  });
});

describe('a light on a unit', () => {
  const cloth: Recipe = recipeWith(
    [
      stepWith({ id: 'base', mix: mixOf({ blue: 2, black: 1 }), coats: 3 }),
      stepWith({
        id: 'light',
        technique: 'layer',
        mix: mixOf({ blue: 2, white: 1 }),
        coats: 3,
        placement: { from: 0.6, to: 1, softness: 0.1, pull: 'up' },
      }),
    ],
    { id: 'cloth', form: 'folds' },
  );
  const surfaceOf = (id: string, places: Unit['surfaces'][number]['places']) => ({
    id,
    name: id,
    surface: 'cloth' as const,
    share: 0.25,
    places,
    recipe: { recipeId: 'cloth', version: null },
  });
  const watch: Unit = {
    id: 'watch',
    name: 'Watch',
    models: 3,
    size: 'foot',
    areaCm2: 24,
    surfaces: [
      surfaceOf('sleeve', ['arms', 'hands']),
      surfaceOf('mantle', ['mantle']),
      surfaceOf('helm', ['headgear']),
      { ...surfaceOf('bare', ['chest']), recipe: { recipeId: 'gone', version: null } },
    ],
    parts: [],
  };
  const recipeOf = ({ recipeId }: { recipeId: string }) =>
    recipeId === 'cloth' ? cloth : undefined;
  const looked = (light: PointLight) => {
    const glow = unitGlow({ scheme: [] }, watch, recipeOf, shelf, light);
    return Array.from({ length: glow.surfaces }, (_, i) => glow.look(i));
  };

  test('what is near and faces it is painted; what is far, behind or without a recipe is not, and why', () => {
    const [sleeve, mantle, helm, bare] = looked(lantern);
    expect(sleeve).toMatchObject({ because: null });
    expect(mantle.because).not.toBeNull();
    expect(helm).toEqual({ surfaceId: 'helm', name: 'helm', because: 'too far' });
    expect(bare).toMatchObject({ because: 'no recipe' });
  });

  test('for any light: the recipe is valid, the far side stays as it was, and it is as lit or the shelf cannot', () => {
    const lookUp = mixTable(
      Object.values(pots).filter(({ kind, finish }) => kind === 'paint' && finish === 'matt'),
    );
    fc.assert(
      fc.property(anyHex, unit, unit, (hex, strength, height) => {
        const light: PointLight = {
          at: [0.34, 0.3 + 0.3 * height, 0.12],
          hex,
          strength: 0.15 + strength,
          reach: 0.9,
        };
        for (const { glow } of looked(light)) {
          if (!glow) continue;
          expect(recipeSchema.safeParse({ ...glow.recipe, ground: undefined }).success).toBe(true);
          expect(glow.isElsewhereUntouched).toBe(true);
          const mixes = glow.places.map(({ target }) => lookUp(target)?.error ?? 99);
          if (Math.max(...mixes) <= 1.5) expect(glow.error).toBeLessThanOrEqual(glowWithin);
        }
      }),
      { numRuns: runs(25), seed: 4107 },
    );
  });

  test('white first is white where it is strong and one transparent colour over it, as near as it says', () => {
    const glow = unitGlow({ scheme: [] }, watch, recipeOf, shelf, lantern, {
      school: 'white first',
    }).look(0).glow!;
    const { steps } = glow.recipe;
    expect(steps.map(({ technique }) => technique)).toEqual(['layer', 'layer', 'placedGlaze']);
    for (const { mix } of steps.slice(0, 2))
      expect(mix.parts).toMatchObject([{ potId: 'white', parts: 1 }]);
    expect(steps[2].mix.parts).toHaveLength(1);
    expect(glow.isElsewhereUntouched).toBe(true);
    const dearer = glow.places.map(({ error }) => error);
    expect(glow.error).toBe(Math.max(...dearer));
    expect(recipeSchema.safeParse({ ...glow.recipe, ground: undefined }).success).toBe(true);
    const red = { ...lantern, hex: '#ff5030', strength: 2 };
    const lit = unitGlow({ scheme: [] }, watch, recipeOf, shelf, red, {
      school: 'white first',
    }).look(0).glow!;
    expect(lit.places[0].painted.a).toBeGreaterThan(10);
  });

  test('laid over the surface by itself it is what was said', () => {
    const [{ glow }] = looked(lantern);
    const { ground: _above, ...recipe } = glow!.recipe;
    const laid = onEachOther([cloth, recipe], shelf);
    const build = predictBuildUp(laid.recipes[1], laid.shelf);
    const hexes = everyAspect(build).map((each) =>
      finishedSurface(each)
        .map(({ hex }) => hex)
        .join(),
    );
    expect(hexes).toContain(glow!.after.map(({ hex }) => hex).join());
  });

  test('the opposite of the light stands in the shadows turned away from it, and nowhere else', () => {
    const plain = unitGlow({ scheme: [] }, watch, recipeOf, shelf, lantern).look(0).glow!;
    const shaded = unitGlow({ scheme: [] }, watch, recipeOf, shelf, lantern, {
      hasShade: true,
    }).look(0);
    const [shade, ...lit] = shaded.glow!.recipe.steps;
    expect(shade.placement.aim?.facing?.side).toBe(oppositeSide(shaded.side!));
    expect(shade.placement.to).toBeLessThanOrEqual(0.6);
    expect(lit.map(({ id }) => id)).toEqual(plain.recipe.steps.map(({ id }) => id));
    expect(shaded.glow!.isElsewhereUntouched).toBe(true);
    // Where the light comes straight in nothing has changed by it.
    expect(shaded.glow!.error).toBeCloseTo(plain.error, 6);
  });

  test('a surface lights what lies near it and not itself, by how light it is', () => {
    const near: Unit = { ...watch, surfaces: [watch.surfaces[0], surfaceOf('held', ['held'])] };
    const pale = bouncedLight(near.surfaces[1], '#f0f0e8');
    const dark = bouncedLight(near.surfaces[1], '#303030');
    expect(pale.strength).toBeGreaterThan(4 * dark.strength);
    expect(pointLightSchema.safeParse(pale).success).toBe(true);
    const glow = unitGlow({ scheme: [] }, near, recipeOf, shelf, pale, { offSurfaceId: 'held' });
    expect(glow.look(1)).toEqual({ surfaceId: 'held', name: 'held', because: 'itself' });
    expect(glow.look(0).because).toBeNull();
  });

  test('on what goes over a surface already, the light goes on top of it', () => {
    const dusty: Unit = {
      ...watch,
      overs: [
        {
          id: 'dust',
          name: 'Dust',
          surfaces: ['sleeve'],
          recipe: { recipeId: 'dust', version: null },
        },
      ],
    };
    const dust = recipeWith([stepWith({ id: 'dust', mix: mixOf({ bone: 1 }), coats: 3 })], {
      id: 'dust',
    });
    const withDust = ({ recipeId }: { recipeId: string }) =>
      recipeId === 'dust' ? dust : recipeOf({ recipeId });
    const before = (unit: Unit) =>
      unitGlow({ scheme: [] }, unit, withDust, shelf, lantern).look(0).glow!.before;
    expect(before(dusty)[12].value).toBeGreaterThan(before(watch)[12].value + 20);
  });
});

describe('the shade of a coloured light', () => {
  test('it is darker, and the grey of a warm light goes over to blue', () => {
    fc.assert(
      fc.property(anyHex, unit, (hex, value) => {
        const grey = reflectanceFromHex(colourOfLab(20 + 60 * value, 0, 0).hex);
        const shade = surfaceColour(paintedInShade(grey, hex));
        expect(shade.value).toBeLessThan(surfaceColour(grey).value);
      }),
    );
    const shade = surfaceColour(paintedInShade(reflectanceFromHex('#808080'), '#ffb050'));
    expect(shade.b).toBeLessThan(-3);
  });
});
