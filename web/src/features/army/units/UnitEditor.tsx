import {
  evenedOut,
  sharesOf,
  sharesWithin,
  sizeClasses,
  surfaces,
  unitSchema,
  type Army,
  type Unit,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { FormProvider, useFieldArray, useWatch } from 'react-hook-form';
import { ActionBar } from '../../../kit/ActionBar';
import { LinkButton } from '../../../kit/LinkButton';
import { NumberField } from '../../../kit/field/NumberField';
import { SelectField } from '../../../kit/field/SelectField';
import { TextField } from '../../../kit/field/TextField';
import { useLiveForm } from '../../../kit/field/useLiveForm';
import { percent } from '../../../kit/words/percent';
import { newPart, newSurface } from '../newArmy';
import { OwnRecipes } from '../OwnRecipes';
import { RecipePinChoice } from './RecipePinChoice';
import { SurfaceMore } from './SurfaceMore';
import { UnitOvers } from '../overs/UnitOvers';

export interface UnitEditorProps {
  army: Army;
  unit: Unit;
  onPut: (unit: Unit) => void;
  onClose: () => void;
  onDelete: () => void;
}

/** A unit opened in its place. What is right counts as it is typed. */
export function UnitEditor({ army, unit, onPut, onClose, onDelete }: UnitEditorProps) {
  const form = useLiveForm<Unit>({
    schema: unitSchema,
    value: unit,
    onValid: onPut,
    onUnfinished: () => undefined,
  });
  const { control, setValue } = form;
  const listed = useFieldArray({ control, name: 'surfaces', keyName: 'key' });
  const counted = useFieldArray({ control, name: 'parts', keyName: 'key' });
  const written = useWatch({ control, name: 'surfaces' });
  const sum = sharesOf({ surfaces: written });
  return (
    <FormProvider {...form}>
      <form
        className="stacked opened"
        aria-label={`Edit ${unit.name}`}
        onSubmit={(event) => {
          event.preventDefault();
          void form.trigger().then((isRight) => isRight && onClose());
        }}
      >
        <div className="unit-row">
          <TextField name="name" label="Unit" />
          <NumberField name="models" label="Models" step={1} />
          <SelectField
            name="size"
            label="Size"
            options={sizeClasses.map(({ name, tells }) => ({
              id: name,
              name: `${name}: ${tells}`,
            }))}
            onChosen={(name) => {
              const chosen = sizeClasses.find((each) => each.name === name);
              if (chosen) setValue('areaCm2', chosen.areaCm2, { shouldValidate: true });
            }}
          />
          <NumberField name="areaCm2" label="Area of a model" unit="cm²" />
        </div>
        <h2>Surfaces</h2>
        {listed.fields.map((field, index) => (
          <div className="unit-row" key={field.key}>
            <TextField name={`surfaces.${index}.name`} label="Surface" />
            <SelectField name={`surfaces.${index}.surface`} label="Kind" options={surfaces} />
            <NumberField name={`surfaces.${index}.share`} label="Share" unit="0–1" />
            <RecipePinChoice
              label="Recipe"
              pin={written[index]?.recipe}
              noneMeans={armyHas(army, written[index]?.surface)}
              onPin={(recipe) => setValue(`surfaces.${index}.recipe`, recipe)}
            />
            <Button
              variant="plain"
              aria-label={`Remove ${written[index]?.name ?? 'the surface'}`}
              onClick={() => listed.remove(index)}
            >
              Remove
            </Button>
            <SurfaceMore index={index} surface={written[index]} />
          </div>
        ))}
        <p className="unit-sum" role="status">
          The shares add up to {percent(sum)}
          {Math.abs(sum - 1) > sharesWithin ? ', not to the whole model.' : '.'}{' '}
          {written.length > 0 && Math.abs(sum - 1) > sharesWithin && (
            <Button
              variant="plain"
              onClick={() =>
                evenedOut({ ...unit, surfaces: written }).surfaces.forEach(({ share }, index) =>
                  setValue(`surfaces.${index}.share`, Math.round(share * 1000) / 1000, {
                    shouldValidate: true,
                  }),
                )
              }
            >
              Even them out
            </Button>
          )}
        </p>
        <UnitOvers army={army} unit={unit} />
        <OwnRecipes unit={unit} />
        <h2>To count on every model</h2>
        {counted.fields.map((field, index) => (
          <div className="unit-row" key={field.key}>
            <TextField name={`parts.${index}.name`} label="Part" />
            <NumberField
              name={`parts.${index}.count`}
              label="How many"
              step={1}
              placeholder="many"
              whenEmpty="none"
            />
            <Button
              variant="plain"
              aria-label={`Remove ${field.name}`}
              onClick={() => counted.remove(index)}
            >
              Remove
            </Button>
          </div>
        ))}
        <ActionBar>
          <Button type="submit" variant="next">
            Done
          </Button>
          <Button
            variant="outline"
            onClick={() =>
              listed.append(newSurface(Math.max(0, Math.round((1 - sum) * 100) / 100)))
            }
          >
            Add a surface
          </Button>
          <Button variant="outline" onClick={() => counted.append(newPart())}>
            Add a part
          </Button>
          <LinkButton to={`/bench?army=${army.id}&unit=${unit.id}`}>To the bench</LinkButton>
          <LinkButton to={`/log/models/${army.id}/${unit.id}/1`}>Models in the log</LinkButton>
          <Button variant="plain" onClick={onDelete}>
            Delete the unit
          </Button>
        </ActionBar>
      </form>
    </FormProvider>
  );
}

function armyHas({ scheme }: Army, kind: Unit['surfaces'][number]['surface'] | undefined): string {
  return scheme.some(({ surface }) => surface === kind) ? 'as the army has it' : 'no recipe';
}
