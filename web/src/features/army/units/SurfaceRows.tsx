import { pinOf, surfaces, type Army, type Unit } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { Disclosure } from '../../../kit/Disclosure';
import { FigureField } from '../../../kit/field/FigureField';
import { SelectField } from '../../../kit/field/SelectField';
import { TextField } from '../../../kit/field/TextField';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { percent } from '../../../kit/words/percent';
import type { useLastRibbons } from '../../../workers/useLastRibbons';
import { useRecipeRows } from '../../../workers/useRecipeRows';
import { newSurface } from '../newArmy';
import { RecipePinChoice } from './RecipePinChoice';
import { SurfaceMore } from './SurfaceMore';

interface SurfaceRowsProps {
  army: Army;
  ribbons: ReturnType<typeof useLastRibbons>;
  /** of all shares, 1 is the whole model */
  sum: number;
}

/** The surfaces of a unit: a row each with its colours, opened by a press. */
export function SurfaceRows({ army, ribbons, sum }: SurfaceRowsProps) {
  const { control, setValue, formState } = useFormContext<Unit>();
  const { fields, append, remove } = useFieldArray({ control, name: 'surfaces', keyName: 'key' });
  const written = useWatch({ control, name: 'surfaces' });
  const { rows = [] } = useRecipeRows();
  const [added, setAdded] = useState<readonly string[]>([]);
  const add = () => {
    const surface = newSurface(written, Math.max(0, Math.round((1 - sum) * 100) / 100));
    setAdded([...added, surface.id]);
    append(surface);
  };
  return (
    <div className="stacked" role="group" aria-label="Surfaces">
      {fields.map((field, index) => {
        // The list of fields is one drawing ahead of what is watched.
        const surface = (written[index] as Unit['surfaces'][number] | undefined) ?? field;
        const recipeId = pinOf(army, surface)?.recipeId;
        const ribbon = ribbons[recipeId ?? ''];
        const named = rows.find(({ id }) => id === recipeId)?.name;
        const isGone = recipeId !== undefined && rows.length > 0 && named === undefined;
        const recipe = isGone ? 'a recipe that was deleted' : (named ?? 'no recipe');
        const isOnly = fields.length === 1;
        return (
          <Disclosure
            key={field.key}
            className="surface-row"
            isOpen={
              isOnly ||
              added.includes(surface.id) ||
              isGone ||
              formState.errors.surfaces?.[index] !== undefined
            }
            title={
              <span className="surface-title">
                {ribbon ? (
                  <Ribbon
                    stops={ribbon.stops}
                    hexes={ribbon.hexes}
                    isEstimate={ribbon.isEstimate}
                    height={14}
                    label={`${surface.name} as it is painted`}
                  />
                ) : (
                  <span className="ribbon-well" />
                )}
                <span dir="auto">
                  <b>{surface.name}</b> · {percent(surface.share)} · {recipe}
                </span>
              </span>
            }
          >
            <div className="unit-row">
              <TextField name={`surfaces.${index}.name`} label="Surface" />
              <SelectField name={`surfaces.${index}.surface`} label="Kind" options={surfaces} />
              <FigureField
                label="Share, %"
                value={Math.round(surface.share * 1000) / 10}
                isRight={(share) => share >= 0 && share <= 100}
                expected="a number from 0 to 100"
                onFigure={(share) =>
                  setValue(`surfaces.${index}.share`, Math.round(share * 10) / 1000, {
                    shouldValidate: true,
                  })
                }
              />
              <RecipePinChoice
                label="Recipe"
                pin={surface.recipe}
                noneMeans={armyHas(army, surface.surface)}
                onPin={(pin) => setValue(`surfaces.${index}.recipe`, pin)}
              />
              <Button
                variant="plain"
                aria-label={`Remove ${surface.name}`}
                onClick={() => remove(index)}
              >
                Remove
              </Button>
              <SurfaceMore index={index} surface={surface} />
            </div>
          </Disclosure>
        );
      })}
      <p>
        <Button variant="outline" onClick={add}>
          Add a surface
        </Button>
      </p>
    </div>
  );
}

function armyHas({ scheme }: Army, kind: Unit['surfaces'][number]['surface']): string {
  return scheme.some(({ surface }) => surface === kind) ? 'as the army has it' : 'no recipe';
}
