import { z } from 'zod';
import { cloak as sampleRecipe } from '../testing/sampleLog';
import { kinds } from './catalogue';
import { kindNames, type KindName } from './kind';
import { referencesOf, veiled, withReferences } from './references';

/** Identifiers that mean something within one record alone. */
const ownToRecord = ['stepId', 'unitId', 'surfaceId', 'painterId', 'sessionId', 'partId'];

interface JsonSchema {
  $ref?: string;
  properties?: Record<string, JsonSchema>;
  items?: JsonSchema;
  additionalProperties?: JsonSchema | boolean;
  anyOf?: JsonSchema[];
  oneOf?: JsonSchema[];
  allOf?: JsonSchema[];
}

/** Every field of a kind whose name says that it names something. */
function namingFields(kind: KindName): Set<string> {
  const whole = z.toJSONSchema(kinds[kind].schema, { io: 'input', unrepresentable: 'any' });
  const definitions = (whole as { $defs?: Record<string, JsonSchema> }).$defs ?? {};
  const found = new Set<string>();
  const seen = new Set<JsonSchema>();
  const visit = (schema: JsonSchema | boolean | undefined): void => {
    if (typeof schema !== 'object' || seen.has(schema)) return;
    seen.add(schema);
    if (schema.$ref?.startsWith('#/$defs/')) visit(definitions[schema.$ref.slice(8)]);
    for (const each of [schema.anyOf, schema.oneOf, schema.allOf]) each?.forEach(visit);
    visit(schema.items);
    visit(schema.additionalProperties);
    for (const [name, field] of Object.entries(schema.properties ?? {})) {
      if (/Ids?$/.test(name)) found.add(name);
      visit(field);
    }
  };
  visit(whole as JsonSchema);
  return found;
}

test.each(kindNames)('every field of %s that names a record says what it names', (kind) => {
  const said = [...Object.keys(kinds[kind].names), ...ownToRecord];
  expect([...namingFields(kind)].filter((field) => !said.includes(field))).toEqual([]);
});

test('a recipe names its pots and its ground, each once', () => {
  const recipe = { ...sampleRecipe, ground: { recipeId: 'below', version: 2 } };
  const named = referencesOf('recipes', recipe).map(({ kinds: of, id }) => `${of.join(' ')} ${id}`);
  expect(named).toContain(`pots ${recipe.groundPotId}`);
  expect(named).toContain('recipes below');
  expect(new Set(named).size).toBe(named.length);
});

test('named otherwise, everything else stays, and what changes nothing is the same object', () => {
  expect(withReferences('recipes', sampleRecipe, ({ id }) => id)).toBe(sampleRecipe);
  const renamed = withReferences('recipes', sampleRecipe, ({ id }) => `x-${id}`);
  const back = withReferences('recipes', renamed, ({ id }) => id.slice(2));
  expect(back).toEqual(sampleRecipe);
  expect(renamed.groundPotId).toBe(`x-${sampleRecipe.groundPotId}`);
  expect(renamed.steps.map(({ id }) => id)).toEqual(sampleRecipe.steps.map(({ id }) => id));
});

test('an identifier counts by where it stands: what a strike is of, and not what a photograph is of', () => {
  const strike = { kind: 'strike', id: 's', benchId: 'b', of: 'e' };
  expect(referencesOf('log', strike).map(({ id }) => id)).toEqual(['b', 'e']);
  const photograph = { id: 'p', of: { kind: 'recipe', recipeId: 'r' } };
  expect(referencesOf('photographs', photograph).map(({ id }) => id)).toEqual(['r']);
});

test('what repeats something of a record that is veiled is veiled with it, and can be put back', () => {
  const variant = { ...sampleRecipe, parent: { recipeId: 'r', name: 'Marsh cloak', version: 1 } };
  const shown = withReferences('recipes', variant, (reference) =>
    reference.id === 'r' ? veiled(reference, 'x') : reference.id,
  );
  expect(shown.parent).toEqual({ recipeId: 'x', name: 'private', version: 1 });
  expect(shown.name).toBe(variant.name);
  const back = withReferences('recipes', shown, ({ id }) =>
    id === 'x' ? { id: 'r', repeated: { name: 'Marsh cloak' } } : id,
  );
  expect(back).toEqual(variant);
});
