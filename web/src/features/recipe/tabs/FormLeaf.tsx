import {
  formNames,
  formOf,
  forms,
  shapeOf,
  lightNames,
  views,
  type LightDirection,
  type Recipe,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { useRecord } from '../../../data/useCollections';
import { Select } from '../../../kit/Select';
import { FormCanvas } from '../../../kit/form/FormCanvas';
import { Switch } from '../../../kit/field/Switch';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { usePaintedForm } from '../../../workers/usePaintedForm';
import { useRecipeRows } from '../../../workers/useRecipeRows';
import type { LeafProps } from '../leafProps';
import { useEditRecipe } from '../useDraft';
import { ArmsLength } from './ArmsLength';
import { PaintedFor } from './PaintedFor';
import { MeantAs } from './MeantAs';
import { PageWait } from '../../../kit/PageWait';
import './formLeaf.scss';

const size = 320;
const viewWords = {
  front: 'from the front',
  above: 'from straight above',
  below: 'from straight below',
  behind: 'from behind',
};

/** The finished surface on its form, lit and turned, beside another, in greys, and at arm's length. */
export default function FormLeaf({ draft, prediction, pots }: LeafProps) {
  const recipe = draft.recipe;
  const form = formOf(recipe);
  const [chosenLight, setLight] = useState<LightDirection | null>(null);
  const light = chosenLight ?? recipe.light ?? 'above';
  const [second, setSecond] = useState<LightDirection | ''>('');
  const [secondHex, setSecondHex] = useState('#3f78d8');
  const [greysOnly, setGreysOnly] = useState(false);
  const [besideId, setBesideId] = useState('');
  const [alone, setAlone] = useState(false);
  const { rows } = useRecipeRows();
  const beside = useRecord('recipes', besideId);
  const edit = useEditRecipe(recipe.id);
  const isBesideThere = beside?.content.id === besideId;
  const { answer: besideBuild } = useAnswer(
    ofShelf,
    [beside, besideId],
    (worker) => (beside ? worker.finished(beside.content) : Promise.resolve(null)),
    isBesideThere,
  );
  const build = prediction?.buildUp;
  const ribbon = usePaintedForm(recipe, build);
  const besidePainted = usePaintedForm(beside?.content, besideBuild);
  if (!build || !ribbon) return <PageWait>Painting the form …</PageWait>;
  const surface = build.steps.at(-1)?.surface ?? build.ground;
  const besideRibbon = isBesideThere ? besidePainted : undefined;
  // A form whose back nobody paints is not looked at from behind.
  const seen = views.filter((view) => view !== 'behind' || forms[form].hasBack);
  const losses = prediction.remarks.filter(
    ({ rule, isSetAside }) => rule === 'identity' && !isSetAside,
  );
  return (
    <section className="form-leaf" aria-label="On a form">
      <div className="flow">
        <Select
          label="Form"
          value={form}
          onChoose={(name) => edit({ ...recipe, form: name }, 'form')}
          options={formNames.map((id) => ({ id, name: forms[id].label }))}
        />
        <MeantAs
          meantAs={recipe.meantAs}
          pots={pots}
          onMean={(meantAs) => edit(meaning(recipe, meantAs), 'meantAs')}
        />
        <PaintedFor recipe={recipe} onEdit={edit} />
        <Select label="Seen in light from" value={light} onChoose={setLight} options={lightNames} />
        <Select
          label="Second light from"
          value={second}
          onChoose={setSecond}
          options={[{ id: '', name: 'nowhere' }, ...lightNames]}
        />
        {second && (
          <label className="form-choice">
            <span>Colour of it</span>
            <input
              type="color"
              value={secondHex}
              onChange={(event) => setSecondHex(event.target.value)}
            />
          </label>
        )}
        <Select
          label="Beside it"
          value={besideId}
          onChoose={setBesideId}
          options={[
            { id: '', name: 'nothing' },
            ...(rows ?? []).filter(({ id, archived }) => id !== recipe.id && !archived),
          ]}
        />
        <Switch label="greys only" isOn={greysOnly} onTurn={setGreysOnly} />
        <Switch
          label="this surface alone, the rest dimmed"
          isOn={alone}
          isDisabled={!besideRibbon}
          onTurn={setAlone}
        />
      </div>
      <div className="form-views">
        {seen.map((view) => (
          <figure key={view}>
            <FormCanvas
              label={`${forms[form].label}, ${viewWords[view]}`}
              picture={{
                shape: shapeOf(recipe),
                view,
                size,
                ribbon,
                light,
                greysOnly,
                alone,
                ...(second ? { second: { from: second, hex: secondHex } } : {}),
                ...(besideRibbon ? { beside: besideRibbon } : {}),
              }}
            />
            <figcaption>Seen {viewWords[view]}</figcaption>
          </figure>
        ))}
      </div>
      <p className="form-note">
        {capital(forms[form].tells)}. Left and right are the figure’s own: its left is on the right
        of the picture. Seen from straight above, its front is at the bottom.
      </p>
      {losses.map((remark) => (
        <p key={remark.sentence}>{remark.sentence}</p>
      ))}
      <ArmsLength recipe={recipe} form={form} build={build} surface={surface} />
    </section>
  );
}

/** The recipe meant to read as a colour, or as nothing but itself. */
function meaning({ meantAs: _before, ...recipe }: Recipe, meantAs: string | undefined): Recipe {
  return meantAs === undefined ? recipe : { ...recipe, meantAs };
}

const capital = (text: string) => text[0].toUpperCase() + text.slice(1);
