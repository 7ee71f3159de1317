import {
  aimWords,
  finishTotals,
  schools,
  shapeOf,
  techniqueOf,
  thinningWords,
  type Pot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useWriter } from '../../data/useWriter';
import { Ribbon } from '../../kit/paint/Ribbon';
import { minutesInWords } from '../../kit/words/minutesInWords';
import { recipeWordsOf } from '../../kit/words/recipeWords';
import type { DraftedProgression } from '../../workers/shared/draftWork';
import { recipeFromDraft } from './recipeFromDraft';
import { standardName } from '../../kit/words/standards';

export interface DraftColumnProps {
  drafted: DraftedProgression;
  pots: Pot[];
}

/** One way's draft: its ribbons under each other, what it takes, and the button that takes it. */
export function DraftColumn({ drafted, pots }: DraftColumnProps) {
  const { asked } = drafted;
  const writer = useWriter();
  const navigate = useNavigate();
  const { label, tells } = schools[asked.school];
  const recipe = useMemo(
    () => ('problem' in drafted ? null : recipeFromDraft(drafted.progression, asked, pots)),
    [drafted, asked, pots],
  );
  const words = useMemo(() => recipe && recipeWordsOf(recipe, pots, null), [recipe, pots]);
  if ('problem' in drafted || !recipe || !words)
    return (
      <section className="draft-column" aria-label={label}>
        <h2>{label}</h2>
        <p role="alert">{'problem' in drafted ? drafted.problem : ''}</p>
      </section>
    );
  const { build, progression } = drafted;
  const totals = finishTotals(recipe);
  const last = build.steps.at(-1);
  const choose = async () => {
    writer.create('recipes', `draft ${recipe.name}`, recipe);
    await navigate(`/recipes/${recipe.id}`);
  };
  return (
    <section className="draft-column" aria-label={label}>
      <h2>{label}</h2>
      <p>{tells}</p>
      <Ribbon
        height={48}
        surface={last?.surface ?? build.ground}
        stops={build.stops}
        label={`Finished, ${label}`}
        isEstimate={last?.isEstimate}
      />
      <p>
        <b>
          {totals.steps} steps · {totals.coats} coats · {minutesInWords(totals.handsOnMinutes)}{' '}
          hands-on · {minutesInWords(totals.dryMinutes)} drying · {totals.pots} pots at{' '}
          {standardName(recipe.finishLevel)}
        </b>
      </p>
      <Button variant="outline" onClick={() => void choose()}>
        Take this draft
      </Button>
      <ol className="ruled draft-lines">
        {recipe.steps.map((step, index) => (
          <li key={step.id}>
            <Ribbon
              height={20}
              surface={build.steps[index].surface}
              stops={build.stops}
              label={`${label}, after line ${index + 1}`}
            />
            <span>
              <b>{index + 1}</b> {techniqueOf(step.technique).label} ·{' '}
              <b dir="ltr">{words.mix(step.mix)}</b> · {thinningWords(step.mix)} · {step.coats}×
              {step.placement.aim && ` · ${aimWords(step.placement.aim, shapeOf(recipe))}`}
              {step.level !== 'field' && ` · from ${standardName(step.level)}`}
            </span>
          </li>
        ))}
      </ol>
      {progression.notes.map((note) => (
        <p key={note} className="draft-note">
          {note}
        </p>
      ))}
    </section>
  );
}
