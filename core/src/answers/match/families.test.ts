import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { shelfOf, potOn } from '../../predicted/paint/mixedPaint';
import { isOfFamily } from '../../written/pot/family';
import { potFinishes, potKinds } from '../../written/pot/pot';
import { mixOf, potWith, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { recolouring } from './recolour';
import { substitutes } from './substitutes';

const hexes = ['#7a3020', '#3f6f9a', '#8a8a40', '#d0c0a0'];
const everyPot = potKinds.flatMap((kind) =>
  potFinishes.flatMap((finish) =>
    hexes.map((swatch, i) =>
      potWith({ id: `${kind}-${finish}-${i}`, kind, finish, swatch, hiding: 0.2 + 0.15 * i }),
    ),
  ),
);
const shelf = shelfOf(everyPot);
const colouring = everyPot.filter(({ kind }) => kind !== 'medium' && kind !== 'varnish');

test.each(colouring.filter((_, index) => index % 4 === 1).map((pot) => [pot.id, pot] as const))(
  'a substitute for %s is of its family',
  (_, pot) => {
    expect.hasAssertions();
    for (const { parts } of substitutes(pot, shelf, { mostPots: 2 }))
      for (const { potId } of parts) expect(isOfFamily(potOn(shelf, potId), pot)).toBe(true);
  },
);

test('a recipe in another colour keeps washes through, paints dense and metal metal', () => {
  const ids = ['paint-matt-0', 'wash-matt-1', 'paint-metallic-2', 'ink-satin-1'];
  const recipe = recipeWith(
    ids.map((id) => stepWith({ id, mix: mixOf({ [id]: 1 }) })),
    { groundPotId: 'primer-matt-0' },
  );
  const way = recolouring(recipe, { mid: '#2f5f3f', held: [] }, shelf);
  for (let line = 0; line < way.lines; line++) way.look(line);
  const after = way.result().recipe;
  expect(predictBuildUp(after, shelf).steps.length).toBeGreaterThanOrEqual(ids.length);
  for (const id of ids) {
    const step = after.steps.find((each) => each.id === id);
    expect(step?.mix.parts.length).toBeGreaterThan(0);
    for (const part of step?.mix.parts ?? [])
      expect(part.from === 'pot' && isOfFamily(potOn(shelf, part.potId), potOn(shelf, id))).toBe(
        true,
      );
  }
});
