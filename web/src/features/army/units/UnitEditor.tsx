import {
  counted,
  evenedOut,
  sharesOf,
  sharesWithin,
  sizeClasses,
  unitSchema,
  type Army,
  type Unit,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { FormProvider, useWatch } from 'react-hook-form';
import { ActionBar } from '../../../kit/ActionBar';
import { Disclosure } from '../../../kit/Disclosure';
import { LinkButton } from '../../../kit/LinkButton';
import { NumberField } from '../../../kit/field/NumberField';
import { SelectField } from '../../../kit/field/SelectField';
import { TextField } from '../../../kit/field/TextField';
import { useLiveForm } from '../../../kit/field/useLiveForm';
import { useKeptHere } from '../../../kit/hooks/useKeptHere';
import { percent } from '../../../kit/words/percent';
import type { useLastRibbons } from '../../../workers/useLastRibbons';
import { OwnRecipes } from '../OwnRecipes';
import { UnitOvers } from '../overs/UnitOvers';
import { PartsToCount } from './PartsToCount';
import { SurfaceRows } from './SurfaceRows';

export interface UnitEditorProps {
  army: Army;
  unit: Unit;
  ribbons: ReturnType<typeof useLastRibbons>;
  onPut: (unit: Unit) => void;
  onClose: () => void;
  onDelete: () => void;
}

/** A unit opened in its place. What is right counts as it is typed. */
export function UnitEditor({ army, unit, ribbons, onPut, onClose, onDelete }: UnitEditorProps) {
  const form = useLiveForm<Unit>({
    schema: unitSchema,
    value: unit,
    onValid: onPut,
    onUnfinished: () => undefined,
  });
  const { control, setValue, formState } = form;
  const { areaCm2, parts } = formState.errors;
  const written = useWatch({ control, name: 'surfaces' });
  const sum = sharesOf({ surfaces: written });
  const isWhole = Math.abs(sum - 1) <= sharesWithin;
  // Stays as it was left for the next unit and after a reload.
  const [isMoreOpen, keepMoreOpen] = useKeptHere<boolean>('unitMore', false);
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
        <div className="unit-row unit-head">
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
        </div>
        <SurfaceRows army={army} ribbons={ribbons} sum={sum} />
        {written.length > 0 && (
          <p className="unit-sum" role="status">
            The shares add up to {percent(sum)}
            {isWhole ? '.' : ', not to the whole model.'}{' '}
            {!isWhole && (
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
        )}
        <Disclosure
          title={`More: ${moreWords(unit)}`}
          isOpen={isMoreOpen || areaCm2 !== undefined || parts !== undefined}
          onToggle={keepMoreOpen}
        >
          <div className="stacked">
            <div className="unit-row unit-head">
              <NumberField name="areaCm2" label="Area of a model" unit="cm²" />
            </div>
            <UnitOvers army={army} unit={unit} />
            <OwnRecipes unit={unit} />
            <PartsToCount />
            <div className="flow">
              <LinkButton to={`/log/models/${army.id}/${unit.id}/1`}>Models in the log</LinkButton>
              <Button variant="plain" onClick={onDelete}>
                Delete the unit
              </Button>
            </div>
          </div>
        </Disclosure>
        <ActionBar>
          <Button type="submit" variant="next">
            Done
          </Button>
          <LinkButton to={`/bench?army=${army.id}&unit=${unit.id}`}>To the bench</LinkButton>
        </ActionBar>
      </form>
    </FormProvider>
  );
}

/** @example moreWords(unit) // → '24 cm² a model, 1 effect on top, 2 parts to count' */
function moreWords({ areaCm2, overs = [], own = [], parts }: Unit): string {
  return [
    `${areaCm2} cm² a model`,
    overs.length > 0 ? `${counted(overs.length, 'effect')} on top` : 'effects on top',
    own.length > 0 ? `${counted(own.length, 'surface')} of single models` : 'single models',
    parts.length > 0 ? `${counted(parts.length, 'part')} to count` : 'parts to count',
  ].join(', ');
}
