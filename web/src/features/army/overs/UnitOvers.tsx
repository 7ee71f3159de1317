import { coveredBy, maxOvers, type Army, type Over, type Unit } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { Disclosure } from '../../../kit/Disclosure';
import { Problem } from '../../../kit/Problem';
import { Switch } from '../../../kit/field/Switch';
import { TextField } from '../../../kit/field/TextField';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import { LightSheet } from '../light/LightSheet';
import { OverPreview } from './OverPreview';
import { RecipePinChoice } from '../units/RecipePinChoice';

export interface UnitOversProps {
  army: Army;
  /** as it is kept */
  unit: Unit;
}

/** Effects over painted surfaces: marks, dust, a glow, one glaze over all. */
export function UnitOvers({ army, unit }: UnitOversProps) {
  const { control, setValue } = useFormContext<Unit>();
  const listed = useFieldArray({ control, name: 'overs', keyName: 'key' });
  const written = useWatch<Unit, 'overs'>({ name: 'overs' }) ?? [];
  const surfaces = useWatch<Unit, 'surfaces'>({ name: 'surfaces' });
  const change = (index: number, part: Partial<Over>) =>
    setValue(`overs.${index}`, { ...written[index], ...part }, { shouldValidate: true });
  return (
    <>
      <h2>Effects on top</h2>
      {listed.fields.map((field, index) => {
        const over = written[index] as Over | undefined;
        if (!over) return null;
        const covered = coveredBy(over, { surfaces });
        return (
          <div className="unit-over" key={field.key} role="group" aria-label={over.name}>
            <div className="unit-row">
              <TextField name={`overs.${index}.name`} label="What goes over" />
              <RecipePinChoice
                label="Recipe"
                pin={over.recipe}
                noneMeans="none yet"
                onPin={(recipe) => change(index, { recipe })}
              />
              <Button
                variant="plain"
                aria-label={`Remove ${over.name}`}
                onClick={() => listed.remove(index)}
              >
                Remove
              </Button>
            </div>
            <CheckboxGroup
              legend={`${over.name} goes over`}
              options={surfaces.map(({ id, name }) => ({ value: id, name }))}
              ticked={covered.map(({ id }) => id)}
              onTicked={(ids) =>
                ids.length > 0 &&
                change(index, { surfaces: ids.length === surfaces.length ? 'all' : ids })
              }
            />
            <Switch
              label="painted once the model is put together"
              isOn={over.isAssembled ?? false}
              onTurn={(isOn) => change(index, { isAssembled: isOn || undefined })}
            />
            {covered.length === 0 && (
              <Problem>
                The surfaces it went over are gone: nothing of it is painted until others are
                chosen.
              </Problem>
            )}
            <OverPreview army={army} unit={unit} overId={over.id} />
          </div>
        );
      })}
      {surfaces.length > 0 && (
        <Disclosure title="Glow from a light source">
          <LightSheet
            army={army}
            unit={unit}
            onOvers={(overs) => overs.forEach((over) => listed.append(over))}
          />
        </Disclosure>
      )}
      {listed.fields.length < maxOvers && surfaces.length > 0 && (
        <p>
          <Button variant="plain" onClick={() => listed.append(newOver(listed.fields.length + 1))}>
            Add something that goes over surfaces
          </Button>
        </p>
      )}
    </>
  );
}

const newOver = (number: number): Over => ({
  id: crypto.randomUUID(),
  name: number === 1 ? 'Over all' : `Over all ${number}`,
  surfaces: 'all',
});
