import {
  groundsBelow,
  pinKey,
  shelfOf,
  type Pot,
  type Recipe,
  type RecipeHead,
  type RecipePin,
} from '@yellow-ledger/core';
import { useId, useMemo } from 'react';
import Form from 'react-bootstrap/Form';
import { useFormContext, useWatch } from 'react-hook-form';
import { useCollection } from '../../data/useCollections';
import { Field } from '../../kit/field/Field';

export interface GroundFieldProps {
  recipe: Recipe;
  pots: readonly Pot[];
}

const onRecipe = 'recipe ';

/** The ground of the first line: a primer, or a surface that another recipe has finished. */
export function GroundField({ recipe, pots }: GroundFieldProps) {
  const { setValue } = useFormContext<RecipeHead>();
  const groundPotId = useWatch<RecipeHead, 'groundPotId'>({ name: 'groundPotId' });
  const ground = useWatch<RecipeHead, 'ground'>({ name: 'ground' });
  const versionId = useId();
  const { others, versionsOf } = useWhatCanLieBelow(recipe);
  const primers = pots.filter(
    ({ id, kind, retired }) => (kind === 'primer' && !retired) || id === recipe.groundPotId,
  );
  const put = (pin: RecipePin | undefined) =>
    setValue('ground', pin, { shouldValidate: true, shouldDirty: true });
  const choose = (value: string) => {
    if (value.startsWith(onRecipe))
      return put({ recipeId: value.slice(onRecipe.length), version: null });
    setValue('groundPotId', value);
    put(undefined);
  };
  const isGone = ground && !others.some(({ id }) => id === ground.recipeId);
  const versions = ground ? versionsOf(ground.recipeId) : [];
  const isVersionGone = ground?.version && !versions.includes(ground.version);
  return (
    <>
      <Field name="groundPotId" label="Undercoat">
        {(attributes) => (
          <Form.Select
            size="sm"
            {...attributes}
            value={ground ? onRecipe + ground.recipeId : groundPotId}
            onChange={({ target }) => choose(target.value)}
          >
            <optgroup label="Primers">
              {primers.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </optgroup>
            <optgroup label="Finished surfaces">
              {isGone && <option value={onRecipe + ground.recipeId}>a recipe that is gone</option>}
              {others.map(({ id, name, isOnThis }) => (
                <option key={id} value={onRecipe + id} disabled={isOnThis}>
                  {isOnThis ? `${name}: is painted on top of this one` : name}
                </option>
              ))}
            </optgroup>
          </Form.Select>
        )}
      </Field>
      {ground && (
        <div className="field ground-version">
          <label htmlFor={versionId}>As of</label>
          <Form.Select
            id={versionId}
            size="sm"
            value={ground.version ?? ''}
            onChange={({ target: { value } }) =>
              put({ ...ground, version: value === '' ? null : +value })
            }
          >
            <option value="">now</option>
            {isVersionGone && <option value={ground.version!}>a version that is gone</option>}
            {versions.map((number) => (
              <option key={number} value={number}>
                version {number}
              </option>
            ))}
          </Form.Select>
        </div>
      )}
    </>
  );
}

/** Other recipes, and whether one of them lies on top of this one by now. */
function useWhatCanLieBelow(recipe: Recipe) {
  const recipes = useCollection('recipes');
  const versions = useCollection('versions');
  return useMemo(() => {
    const all = new Map<string, Recipe>();
    for (const { content } of recipes ?? [])
      all.set(pinKey({ recipeId: content.id, version: null }), content);
    for (const { recipeId, number, content } of versions ?? [])
      all.set(pinKey({ recipeId, version: number }), content);
    const shelf = shelfOf([], all);
    const isOnThis = (id: string) =>
      groundsBelow({ ...recipe, ground: { recipeId: id, version: null } }, shelf).problem?.is ===
      'circle';
    const others = (recipes ?? [])
      .filter(
        ({ content }) =>
          content.id !== recipe.id && (!content.archived || content.id === recipe.ground?.recipeId),
      )
      .map(({ content: { id, name } }) => ({ id, name, isOnThis: isOnThis(id) }));
    const versionsOf = (id: string) =>
      (versions ?? []).flatMap(({ recipeId, number }) => (recipeId === id ? [number] : []));
    return { others, versionsOf };
  }, [recipes, versions, recipe]);
}
