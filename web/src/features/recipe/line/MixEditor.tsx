import {
  loadWords,
  thinningHabit,
  thinningWords,
  type MixPart,
  type Pot,
  type Step,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { X } from 'react-bootstrap-icons';
import { NumberField } from '../../../kit/field/NumberField';
import type { PotChoice } from '../../../kit/pots/potChoice';
import { PotPicker } from '../../../kit/pots/PotPicker';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import { Brushfuls } from './Brushfuls';

export interface MixEditorProps {
  /** lines whose mixes can be carried forward */
  earlier: Step[];
  pots: Pot[];
  words: RecipeWords;
}

const linePrefix = 'line:';

/** Parts of pots and of earlier mixes, and how far the whole is thinned. */
export function MixEditor({ earlier, pots, words }: MixEditorProps) {
  const { control, setValue, getValues } = useFormContext<Step>();
  const parts = useFieldArray({ control, name: 'mix.parts' });
  const mix = useWatch({ control, name: 'mix' });
  const used = new Set(mix.parts.flatMap((part) => (part.from === 'pot' ? [part.potId] : [])));
  const usedKey = [...used].join();
  const choices = useMemo(
    () => mixChoices(earlier, pots, words, new Set(usedKey.split(','))),
    [earlier, pots, words, usedKey],
  );
  const [isAdding, setAdding] = useState(false);
  const add = (id: string) => {
    parts.append(partFrom(id, 1), { shouldFocus: true });
    setAdding(false);
  };
  // Stays where it is while its figure is typed; a mix without medium is offered it under "More".
  const [openedWithMedium] = useState(mix.mediumParts !== 0);
  const hasMedium = openedWithMedium || mix.mediumParts > 0;
  const hasFigures = [mix.waterParts, mix.mediumParts].every(Number.isFinite);
  return (
    <fieldset className="stacked">
      <legend>Mix</legend>
      {parts.fields.map((field, index) => {
        const part = mix.parts[index] ?? field;
        const source = part.from === 'pot' ? part.potId : linePrefix + part.stepId;
        return (
          <div className="mix-part" key={field.id}>
            <NumberField name={`mix.parts.${index}.parts`} label={`Parts, ${index + 1}`} />
            <PotPicker
              label={`Pot or mix ${index + 1}`}
              choices={choices}
              chosen={source}
              onChoose={(id) => {
                setValue(`mix.parts.${index}`, partFrom(id, part.parts), { shouldValidate: true });
                // A pot alone is thinned as its owner likes it; a mix keeps the ratio written.
                const pot = pots.find((each) => each.id === id);
                const usual = pot && thinningHabit(pot, getValues());
                if (!usual || parts.fields.length > 1) return;
                setValue('mix.waterParts', usual.waterParts, { shouldValidate: true });
                setValue('mix.mediumParts', usual.mediumParts, { shouldValidate: true });
              }}
            />
            {parts.fields.length > 1 && (
              <Button
                variant="icon"
                aria-label={`Remove part ${index + 1} from the mix`}
                onClick={() => parts.remove(index)}
              >
                <X aria-hidden />
              </Button>
            )}
          </div>
        );
      })}
      <div className="flow mix-thinner">
        {isAdding ? (
          <PotPicker
            label="Pot or mix to add"
            choices={choices.filter(({ id }) => !used.has(id))}
            chosen=""
            onChoose={add}
            isAsked
            onLeave={() => setAdding(false)}
          />
        ) : (
          <Button variant="outline" onClick={() => setAdding(true)}>
            Add to the mix
          </Button>
        )}
        <span className="mix-one">1 paint :</span>
        <NumberField name="mix.waterParts" label="Water" unit="parts" />
        {hasMedium && <NumberField name="mix.mediumParts" label="Medium" unit="parts" />}
        {hasFigures && (
          <span className="mix-words">
            {thinningWords(mix)}, {loadWords(mix)}
          </span>
        )}
      </div>
      <Brushfuls mix={mix} pots={pots} words={words} />
    </fieldset>
  );
}

function mixChoices(
  earlier: readonly Step[],
  pots: readonly Pot[],
  words: RecipeWords,
  used: ReadonlySet<string>,
): PotChoice[] {
  const lines = earlier.flatMap(({ id, mix }, index) =>
    mix.parts.length === 0
      ? []
      : [
          {
            id: linePrefix + id,
            name: `mix of line ${index + 1}`,
            hex: words.stepHex(id),
            hint: words.mix(mix),
          },
        ],
  );
  const onShelf = pots
    .filter(({ id, retired }) => used.has(id) || !retired)
    .map(({ id, name, swatch, kind, retired }) => ({
      id,
      name,
      hex: swatch,
      hint: retired ? 'removed' : kind,
    }));
  return [...lines, ...onShelf];
}

function partFrom(source: string, parts: number): MixPart {
  return source.startsWith(linePrefix)
    ? { from: 'step', stepId: source.slice(linePrefix.length), parts }
    : { from: 'pot', potId: source, parts };
}
