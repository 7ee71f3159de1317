import {
  copiedLines,
  counted,
  mostSteps,
  potNamesOf,
  readSentence,
  techniqueOf,
  withSaid,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { useCollection } from '../../../data/useCollections';
import { useWriter } from '../../../data/useWriter';
import { Select } from '../../../kit/Select';
import { Disclosure } from '../../../kit/Disclosure';
import { SaidWords } from '../../../kit/say/SaidWords';
import { SayField } from '../../../kit/say/SayField';
import { useNotice } from '../../../kit/shell/notices';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import type { LineDeeds } from './useLineDeeds';

export interface SeveralLinesProps {
  recipe: Recipe;
  pots: readonly Pot[];
  deeds: LineDeeds;
}

/** Lines that are marked and changed together, or copied into another recipe. */
export function SeveralLines({ recipe, pots, deeds }: SeveralLinesProps) {
  const [ticked, setTicked] = useState<string[]>([]);
  const marked = recipe.steps.filter(({ id }) => ticked.includes(id)).map(({ id }) => id);
  return (
    <Disclosure title="Several lines at once">
      <div className="stacked">
        <CheckboxGroup
          legend="Which lines"
          options={recipe.steps.map(({ id, stage, technique }, index) => ({
            value: id,
            name: `${index + 1} ${stage}, ${techniqueOf(technique).label}`,
          }))}
          ticked={marked}
          onTicked={setTicked}
        />
        <SayOfAll recipe={recipe} pots={pots} deeds={deeds} marked={marked} />
        <CopyLines recipe={recipe} marked={marked} />
      </div>
    </Disclosure>
  );
}

function SayOfAll({ recipe, pots, deeds, marked }: SeveralLinesProps & { marked: string[] }) {
  const [sentence, setSentence] = useState('');
  const names = potNamesOf(pots);
  const notify = useNotice();
  const reading = useMemo(
    () => readSentence(sentence, { names, recipe, above: [] }),
    [sentence, names, recipe],
  );
  const isReady = sentence.trim() !== '' && reading.marks.length === 0 && marked.length > 0;
  const change = () => {
    if (!isReady) return;
    const steps = recipe.steps.map((step, index) =>
      marked.includes(step.id)
        ? withSaid(step, reading.said, { names, recipe, above: recipe.steps.slice(0, index) })
        : step,
    );
    const many = steps.filter((step, index) => step !== recipe.steps[index]).length;
    deeds.putAll(steps);
    notify(`${counted(many, 'line')} changed; Ctrl+Z undoes it.`);
    setSentence('');
  };
  return (
    <>
      <div className="flow">
        <SayField
          label="What to change"
          sentence={sentence}
          marks={sentence.trim() === '' ? [] : reading.marks}
          names={names}
          placeholder="1 paint : 2 water, 2 coats, from table"
          onSay={setSentence}
          onEnter={change}
        />
        <ReasonButton
          variant="outline"
          why={
            marked.length === 0
              ? 'Tick a line first.'
              : sentence.trim() === ''
                ? 'Say what to change first.'
                : isReady
                  ? null
                  : 'Some of it is not understood: see below.'
          }
          onClick={change}
        >
          Change {counted(marked.length, 'line')}
        </ReasonButton>
      </div>
      {sentence.trim() !== '' && (
        <SaidWords sentence={sentence} names={names} {...reading} onSay={setSentence} />
      )}
    </>
  );
}

function CopyLines({ recipe, marked }: { recipe: Recipe; marked: string[] }) {
  const recipes = useCollection('recipes');
  const [chosen, setChosen] = useState('');
  const writer = useWriter();
  const notify = useNotice();
  const others = (recipes ?? []).filter(
    ({ content }) => content.id !== recipe.id && !content.archived,
  );
  const copy = () => {
    const into = others.find(({ content }) => content.id === chosen)?.content;
    if (!into) return;
    const lines = copiedLines(recipe, marked, () => crypto.randomUUID());
    if (into.steps.length + lines.length > mostSteps)
      return notify(`${into.name} would have more than ${mostSteps} lines; nothing was copied.`);
    writer.change('recipes', into.id, `copy lines into ${into.name}`, (now) => ({
      ...now,
      steps: [...now.steps, ...lines],
    }));
    notify(`${counted(lines.length, 'line')} stand at the end of ${into.name}.`);
  };
  return (
    <div className="flow">
      <Select
        label="Copy into"
        value={chosen}
        onChoose={setChosen}
        options={[
          { id: '', name: 'a recipe …' },
          ...others.map(({ content: { id, name } }) => ({ id, name })),
        ]}
      />
      <ReasonButton
        variant="outline"
        why={
          marked.length === 0
            ? 'Tick a line first.'
            : chosen === ''
              ? 'Choose a recipe first.'
              : null
        }
        onClick={copy}
      >
        Copy {counted(marked.length, 'line')}
      </ReasonButton>
    </div>
  );
}
