import {
  meanings,
  meaningTells,
  meaningWord,
  reckonedDryMinutes,
  stages,
  techniqueNames,
  techniqueOf,
  withTechnique,
  type PotNames,
  type Step,
  type TechniqueName,
} from '@yellow-ledger/core';
import { useFormContext } from 'react-hook-form';
import { NumberField } from '../../../kit/field/NumberField';
import { OptionalChoice } from '../../../kit/field/OptionalChoice';
import { SelectField } from '../../../kit/field/SelectField';
import { standardOptions } from '../../../kit/words/standards';
import type { RecipeLineProps } from './recipeLineProps';

const meaningOptions = meanings.map((id) => ({
  id,
  name: `it ${meaningWord(id)}: ${meaningTells(id)}`,
}));
const techniqueOptions = techniqueNames.map((id) => ({ id, name: techniqueOf(id).label }));

/** The technique of a line, what it leaves free, what it is for, how it dries, from which standard on. */
export function TechniqueFields(props: RecipeLineProps & { names: PotNames }) {
  const { step, draft, number, meaning, names } = props;
  const { setValue } = useFormContext<Step>();
  const { leaves, mind, lifts } = techniqueOf(step.technique);
  const toTechnique = (name: TechniqueName) => {
    // The said mix and place stay.
    const changed = withTechnique(step, name, {
      names,
      recipe: draft.recipe,
      above: draft.recipe.steps.slice(0, number - 1),
    });
    setValue('placement', changed.placement);
    setValue('mix', changed.mix, { shouldValidate: true });
  };
  return (
    <>
      <div className="line-editor-how">
        <SelectField name="stage" label="Stage" options={stages} />
        <SelectField
          name="technique"
          label="Technique"
          options={techniqueOptions}
          onChosen={(name) => toTechnique(name as TechniqueName)}
        />
        <NumberField
          name="coatsUpTo"
          label="more coats if needed, until even"
          step={1}
          placeholder="no more"
          whenEmpty="absent"
        />
        <NumberField name="dryMinutes" label={dryLabel(step)} unit="min" />
        <SelectField name="level" label="From standard" options={standardOptions} />
        {lifts === undefined && (
          <NumberField name="mix.mediumParts" label="Thinned with medium" unit="parts" />
        )}
      </div>
      <div className="flow line-leaves">
        <p>
          Leaves {leaves}.{mind && <small className="below">{mind}</small>}
        </p>
        {lifts === undefined && (
          <OptionalChoice
            name="meaning"
            label="What it is for"
            none={
              meaning && !step.meaning
                ? `as it is painted: it ${meaningWord(meaning)}`
                : 'as it is painted'
            }
            options={meaningOptions}
          />
        )}
      </div>
    </>
  );
}

/** The drying time assumed where no minutes are written. */
const dryLabel = (step: Step) =>
  step.dryMinutes === 0 && !techniqueOf(step.technique).lifts
    ? `Drying per coat: about ${Math.round(reckonedDryMinutes(step))}`
    : 'Drying per coat';
