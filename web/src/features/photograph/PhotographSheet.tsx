import {
  fewestValues,
  forms,
  formOf,
  lightNames,
  mostValues,
  shapeOf,
  usualLightMap,
  type LightDirection,
  type LightMapSettings,
  type Photograph,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { Select } from '../../kit/Select';
import { FormCanvas } from '../../kit/form/FormCanvas';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { photographName } from '../../kit/photographs/photographWords';
import { PhotographPicture } from '../../kit/photographs/PhotographPicture';
import { Problem } from '../../kit/Problem';
import { Switch } from '../../kit/field/Switch';
import { UnsavedMark } from '../../kit/saving/UnsavedMark';
import { useWriter } from '../../data/useWriter';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { usePaintedForm } from '../../workers/usePaintedForm';
import { CutOutFields } from './CutOutFields';
import { LightPointing } from './LightPointing';
import { useAgainst } from './useAgainst';
import { useLightMap } from './useLightMap';
import { ValueShares } from './ValueShares';
import './photograph.scss';

const size = 440;
const counts = Array.from({ length: mostValues - fewestValues + 1 }, (_, i) => fewestValues + i);
/** Turns so soon after each other are undone as one, ms. */
const runMs = 2000;

export function PhotographSheet({ photograph }: { photograph: Photograph }) {
  const writer = useWriter();
  const settings = photograph.light ?? usualLightMap;
  const { light, problem } = useLightMap(photograph.picture.hash, settings);
  const against = useAgainst(photograph);
  const { recipe } = against;
  const [from, setFrom] = useState<LightDirection | null>(null);
  const { answer: build } = useAnswer(
    ofShelf,
    [recipe],
    (worker) => (recipe ? worker.finished(recipe) : Promise.resolve(null)),
    recipe !== undefined,
  );
  const ribbon = usePaintedForm(recipe, build);
  const lit = from ?? recipe?.light ?? 'above';
  const set = (next: Partial<LightMapSettings>) =>
    writer.change(
      'photographs',
      photograph.id,
      'look at the photograph another way',
      (now) => ({ ...now, light: { ...(now.light ?? usualLightMap), ...next } }),
      { of: `light of ${photograph.id}`, within: runMs, restMs: 500 },
    );
  return (
    <div className="page photograph-page">
      <PageHead title={photographName(photograph)}>
        <LinkButton to={addressOf(photograph)}>To the {photograph.of.kind}</LinkButton>
      </PageHead>
      <UnsavedMark name="photographs" id={photograph.id} />
      {problem && <Problem>{problem}</Problem>}
      <div className="flow">
        <Select
          label="Greys"
          value={settings.values}
          onChoose={(values) => set({ values: Number(values) })}
          options={counts.map((count) => ({ id: count, name: `${count} values` }))}
        />
        <Select<LightMapSettings['steps']>
          label="Steps between them"
          value={settings.steps}
          onChoose={(steps) => set({ steps })}
          options={['hard', 'soft']}
        />
        <Select
          label="Held against"
          value={against.recipeId}
          onChoose={against.choose}
          options={against.options}
        />
        {recipe && (
          <Select label="Form lit from" value={lit} onChoose={setFrom} options={lightNames} />
        )}
        <Switch
          label="left and right changed over"
          isOn={settings.isFlipped}
          onTurn={(isFlipped) => set({ isFlipped })}
        />
        <Switch
          label="without what is behind it"
          isOn={settings.withoutBackground}
          onTurn={(withoutBackground) => set({ withoutBackground })}
        />
      </div>
      <div className="photograph-sides">
        <LightPointing light={light} recipe={recipe} />
        {recipe && ribbon && (
          <figure>
            <FormCanvas
              label={`${forms[formOf(recipe)].label}, painted by ${recipe.name}, in greys`}
              picture={{
                shape: shapeOf(recipe),
                view: 'front',
                size,
                ribbon,
                light: lit,
                greysOnly: true,
                inValues: { values: settings.values, steps: settings.steps },
              }}
            />
            <figcaption dir="auto">{recipe.name}, as predicted, in the same greys</figcaption>
          </figure>
        )}
        <figure className="photograph-as-it-is">
          <PhotographPicture photograph={photograph} />
          <figcaption>As it was put in</figcaption>
        </figure>
      </div>
      <CutOutFields settings={settings} light={light} onCut={(cutOut) => set({ cutOut })} />
      {light && <ValueShares light={light} values={settings.values} recipe={recipe} />}
    </div>
  );
}

function addressOf({ of }: Photograph): string {
  if (of.kind === 'model') return `/log/models/${of.holderId}/${of.unitId}/${of.model}`;
  return `/recipes/${of.recipeId}/photographs`;
}
