import {
  formNames,
  formOf,
  lightNames,
  reliefs,
  views,
  type LightDirection,
} from '@yellow-ledger/core';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Choice } from '../../../parts/Choice';
import { FormCanvas } from '../../../parts/form/FormCanvas';
import { useRecord } from '../../../ledger/useParts';
import { useRecipeRows } from '../../../workers/useRecipeRows';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { RemarkWords } from '../LineRemarks';
import type { LeafProps } from '../leafProps';
import { useEditRecipe } from '../useDraft';
import { ArmsLength } from './ArmsLength';
import './formLeaf.scss';

const size = 320;
const viewWords = {
  front: 'from the front',
  above: 'from straight above',
  below: 'from straight below',
};

/** The finished surface on its form, lit and turned, beside another, in greys, and at arm's length. */
export default function FormLeaf({ draft, prediction, pots }: LeafProps) {
  const recipe = draft.recipe;
  const form = formOf(recipe);
  const [light, setLight] = useState<LightDirection>('above');
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
  if (!build) return <p className="page-wait">Painting the form …</p>;
  const surface = build.steps.at(-1)?.surface ?? build.ground;
  const ribbon = { stops: [...build.stops], hexes: surface.map(({ hex }) => hex) };
  const otherSurface = besideBuild?.steps.at(-1)?.surface ?? besideBuild?.ground;
  const besideRibbon =
    isBesideThere && besideBuild && otherSurface
      ? { stops: [...besideBuild.stops], hexes: otherSurface.map(({ hex }) => hex) }
      : undefined;
  const losses = prediction.remarks.filter(({ rule }) => rule === 'identity');
  return (
    <section className="form-leaf" aria-label="On a form">
      <div className="form-choices">
        <Choice
          label="Form"
          value={form}
          onChoose={(name) => edit({ ...recipe, form: name as typeof form }, 'form')}
        >
          {formNames.map((name) => (
            <option key={name} value={name}>
              {reliefs[name].label}
            </option>
          ))}
        </Choice>
        <Choice
          label="Light from"
          value={light}
          onChoose={(name) => setLight(name as LightDirection)}
        >
          {lightNames.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </Choice>
        <Choice
          label="Second light from"
          value={second}
          onChoose={(name) => setSecond(name as LightDirection | '')}
        >
          <option value="">nowhere</option>
          {lightNames.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </Choice>
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
        <Choice label="Beside it" value={besideId} onChoose={setBesideId}>
          <option value="">nothing</option>
          {(rows ?? [])
            .filter(({ id, archived }) => id !== recipe.id && !archived)
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
        </Choice>
        <Form.Check
          type="switch"
          id="greys-only"
          label="greys only"
          checked={greysOnly}
          onChange={(event) => setGreysOnly(event.target.checked)}
        />
        <Form.Check
          type="switch"
          id="alone"
          label="this surface alone, the rest dimmed"
          checked={alone}
          disabled={!besideRibbon}
          onChange={(event) => setAlone(event.target.checked)}
        />
      </div>
      <div className="form-views">
        {views.map((view) => (
          <figure key={view}>
            <FormCanvas
              label={`${reliefs[form].label}, ${viewWords[view]}`}
              picture={{
                form,
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
        {capital(reliefs[form].tells)}. Left and right are the figure’s own: its left is on the
        right of the picture. Seen from straight above, its front is at the bottom.
        {prediction.buildUp.steps.at(-1)?.isEstimate &&
          ' ≈ An estimate: not every pot is measured.'}
      </p>
      {losses.map((remark) => (
        <RemarkWords key={remark.sentence} remark={remark} onFix={() => undefined} />
      ))}
      <ArmsLength pots={pots} form={form} build={build} surface={surface} />
    </section>
  );
}

const capital = (text: string) => text[0].toUpperCase() + text.slice(1);
