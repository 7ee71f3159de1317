import fc from 'fast-check';
import { z } from 'zod';
import { recipeSchema, type Recipe } from '../recipe/recipe';
import { stepSchema } from '../recipe/step';
import { anyAimedRecipe } from '../../testing/anyAim';
import { potSchema } from '../pot/pot';
import { anyRecipe } from '../../testing/anyRecipe';
import { pots } from '../../testing/sampleRecipe';
import { withCarriedBack, withKnownTakenIn, withUnknownCarried } from './carriedFields';
import { runs } from '../../testing/longTests';

const anyName = fc.stringMatching(/^new[A-Z][a-z]{1,8}$/);

test('fields nobody knows, anywhere in a recipe, come back where they were', () => {
  fc.assert(
    fc.property(
      anyRecipe,
      fc.array(fc.tuple(fc.nat(), anyName, fc.jsonValue()), { minLength: 1, maxLength: 5 }),
      (recipe, added) => {
        const newer = structuredClone(recipe);
        const holders = objectsIn(newer);
        for (const [pick, name, value] of added) holders[pick % holders.length][name] = value;
        const written = JSON.parse(JSON.stringify(newer)) as unknown;
        const kept = recipeSchema.parse(withUnknownCarried(written, recipeSchema, 1));
        expect(JSON.parse(JSON.stringify(withCarriedBack(kept)))).toEqual(written);
      },
    ),
    { numRuns: runs(100) },
  );
});

test('what is known stays untouched, and what is wrong stays wrong', () => {
  expect(withUnknownCarried(pots.red, potSchema, 1)).toBe(pots.red);
  const wrong = withUnknownCarried({ ...pots.red, hiding: 3, shine: 1 }, potSchema, 1);
  expect(potSchema.safeParse(wrong).error?.issues.map(({ path }) => path.join('.'))).toEqual([
    'hiding',
  ]);
});

describe('places in lists', () => {
  const schema = z.strictObject({
    id: z.string(),
    named: z.array(z.strictObject({ id: z.string(), n: z.number() })),
    plain: z.array(z.strictObject({ n: z.number() })),
    more: z.array(z.unknown()).optional(),
  });
  const record = {
    id: 'r',
    named: [
      { id: 'a', n: 1 },
      { id: 'b', n: 2, glow: 'warm' },
    ],
    plain: [{ n: 1 }, { n: 2, tilt: 5 }],
  };
  const carried = withUnknownCarried(record, schema, 3) as z.infer<typeof schema>;

  test('are named by identifier where there is one, and by number where there is none', () => {
    expect(carried.more).toEqual([
      { at: ['named', 'b', 'glow'], value: 'warm', since: 3 },
      { at: ['plain', '1', 'tilt'], value: 5, since: 3 },
    ]);
    expect(schema.safeParse(carried).success).toBe(true);
  });

  test('follow a thing that was moved, and are dropped with one that was deleted', () => {
    const moved = { ...carried, named: carried.named.toReversed() };
    expect(withCarriedBack(moved as never)).toMatchObject({
      named: [
        { id: 'b', n: 2, glow: 'warm' },
        { id: 'a', n: 1 },
      ],
    });
    const shorter = { ...carried, named: [carried.named[0]], plain: [carried.plain[0]] };
    expect(withCarriedBack(shorter as never)).toEqual({
      id: 'r',
      named: [{ id: 'a', n: 1 }],
      plain: [{ n: 1 }],
    });
  });

  test('never overwrite what is there, nor reach what all objects inherit', () => {
    const more = [
      { at: ['named', 'a', 'n'], value: 9, since: 3 },
      { at: ['__proto__', 'polluted'], value: true, since: 3 },
      { at: ['constructor'], value: true, since: 3 },
    ];
    const back = withCarriedBack({ ...carried, more } as never) as typeof record;
    expect(back.named[0].n).toBe(1);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
    expect(Object.hasOwn(back, 'constructor')).toBe(false);
  });
});

test('what an older ledger kept unread of aims counts as soon as it is known', () => {
  const placement = z.strictObject({
    from: z.number(),
    to: z.number(),
    softness: z.number(),
    pull: z.string(),
  });
  // As recipes were read before lines could be aimed.
  const older = z.strictObject({
    ...recipeSchema.shape,
    light: z.never().optional(),
    steps: z.array(z.strictObject({ ...stepSchema.shape, placement })),
  });
  const { light: _none, sections: _no, spots: _nor, ...known } = older.shape;
  const olderSchema = z.strictObject(known);
  fc.assert(
    fc.property(anyAimedRecipe, (recipe) => {
      const written = JSON.parse(JSON.stringify(recipe)) as Recipe;
      const kept = withUnknownCarried(written, olderSchema, 5) as Recipe;
      expect(olderSchema.safeParse(kept).success).toBe(true);
      expect(kept.steps.some(({ placement: { aim } }) => aim !== undefined)).toBe(false);
      const { more, ...now } = withKnownTakenIn(kept, recipeSchema);
      expect(more).toBeUndefined();
      expect(JSON.parse(JSON.stringify(now))).toEqual(written);
    }),
    { numRuns: runs(60) },
  );
});

test('a field nobody knows yet stays carried', () => {
  const content = { ...pots.red, more: [{ at: ['glow'], value: 'faint', since: 9 }] };
  expect(withKnownTakenIn(content, potSchema)).toBe(content);
});

test('a line moved keeps its field; a line deleted takes it along', () => {
  const [one, other] = fc.sample(
    anyRecipe.filter(({ steps }) => steps.length > 1),
    1,
  )[0].steps;
  const plain = { mix: { parts: [{ from: 'pot' as const, potId: 'red', parts: 1 }] } };
  const step = (id: string) => ({ ...one, ...other, id, mix: { ...one.mix, ...plain.mix } });
  const recipe = { steps: [step('a'), { ...step('b'), glow: 'faint' }] };
  const carried = {
    steps: [step('b'), step('a')],
    more: [{ at: ['steps', 'b', 'glow'], value: 'faint', since: 1 }],
  };
  expect(withCarriedBack(carried)).toEqual({ steps: [recipe.steps[1], recipe.steps[0]] });
  expect(withCarriedBack({ ...carried, steps: [step('a')] })).toEqual({ steps: [step('a')] });
});

test('a carried field writes over nothing and reaches nothing it should not', () => {
  const back = withCarriedBack({
    name: 'Peat',
    more: [
      { at: ['name'], value: 'Mud', since: 1 },
      { at: ['__proto__', 'bad'], value: true, since: 1 },
    ],
  });
  expect(back).toEqual({ name: 'Peat' });
  expect(({} as { bad?: unknown }).bad).toBeUndefined();
});

/** Every object in a record, the record first; not what is inside a field called `more`. */
function objectsIn(thing: unknown): Record<string, unknown>[] {
  if (Array.isArray(thing)) return thing.flatMap(objectsIn);
  if (typeof thing !== 'object' || thing === null) return [];
  return [thing as Record<string, unknown>, ...Object.values(thing).flatMap(objectsIn)];
}
