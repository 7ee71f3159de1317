import {
  coatsOf,
  placeOf,
  thinningWords,
  toneStops,
  type Passes,
  type PassesToward,
  type ToneStopName,
  differenceWords,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { FigureTable } from '../../../kit/FigureTable';
import { potChoices } from '../../../kit/pots/potChoice';
import { PotWords } from '../../../kit/pots/PotWords';
import { Swatch } from '../../../kit/paint/Swatch';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { RecipeLineProps } from '../line/recipeLineProps';

const placeNames = toneStops.map(({ name }) => name);

/** A line that tints or builds up, pass by pass at two places; and how to make grounds look alike. */
export function PassesPanel({ step, draft, pots }: RecipeLineProps) {
  const recipe = draft.recipe;
  const written = coatsOf(step, recipe.finishLevel);
  const { from, to } = step.placement;
  const nearest = (at: number) =>
    placeNames.reduce((best, name) =>
      Math.abs(placeOf(name) - at) < Math.abs(placeOf(best) - at) ? name : best,
    );
  const [places, setPlaces] = useState<ToneStopName[]>(() => [
    nearest(from + (to - from) * 0.25),
    nearest(from + (to - from) * 0.75),
  ]);
  const grounds = potChoices(pots);
  const pale = pots.find(({ kind, retired }) => kind === 'primer' && !retired)?.id ?? '';
  const [chosen, setChosen] = useState<string[]>([pale, recipe.groundPotId]);
  const { answer, problem } = useAnswer(
    ofShelf,
    [recipe, step.id, places.join(), chosen.join()],
    (worker) => worker.passes(recipe, step.id, places, chosen.filter(Boolean)),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Laying pass on pass …</p>;
  return (
    <div>
      <div className="flow">
        {places.map((place, index) => (
          <Select
            key={index}
            label={index === 0 ? 'At' : 'and at'}
            value={place}
            options={placeNames}
            onChoose={(name: ToneStopName) => setPlaces(places.with(index, name))}
          />
        ))}
      </div>
      <FigureTable
        label="Pass by pass"
        heads={['Place', 'Before', 'Pass 1, 2, 3 …, dry', 'Another is not seen']}
        rows={answer.places.map((passes, index) => [
          places[index],
          <Swatch key="before" hex={passes.before.hex} />,
          <PassRow key="passes" passes={passes} written={written} />,
          settledWords(passes),
        ])}
      />
      <h2>Make undercoats look alike</h2>
      <p>
        What this line makes at the {places[1]} with the passes written:{' '}
        <Swatch hex={answer.target.hex} />
      </p>
      <div className="flow">
        {chosen.map((potId, index) => (
          <Select
            key={index}
            label={`Ground ${index + 1}`}
            value={potId}
            options={grounds}
            onChoose={(id: string) => setChosen(chosen.with(index, id))}
          />
        ))}
      </div>
      <FigureTable
        label="The same colour over other undercoats"
        heads={['Undercoat', 'Paint it so', 'It looks']}
        rows={answer.alike.map(({ potId, found }) => [
          grounds.find(({ id }) => id === potId)?.name ?? 'a pot',
          towardWords(found),
          <PotWords key="looks" hex={found.surface.hex} name={differenceWords(found.error)} />,
        ])}
      />
    </div>
  );
}

const PassRow = ({ passes, written }: { passes: Passes; written: number }) => (
  <span className="coat-row">
    {passes.after.slice(0, Math.max(written, passes.settledAfter ?? 8, 3)).map((colour, index) => (
      <span
        key={index}
        className={index + 1 === written ? 'coat-written' : undefined}
        title={`After pass ${index + 1}`}
      >
        <Swatch hex={colour.hex} />
      </span>
    ))}
  </span>
);

function settledWords({ settledAfter }: Passes): string {
  if (settledAfter === null) return 'not within 12 passes';
  return settledAfter === 0 ? 'it changes nothing here' : `after pass ${settledAfter}`;
}

function towardWords({ passes, thinning, isReached }: PassesToward): string {
  if (passes === 0) return 'it cannot be reached: no pass brings it nearer';
  const words = `${passes} ${passes === 1 ? 'pass' : 'passes'} of ${thinningWords(thinning)}`;
  return isReached ? words : `it cannot be reached; nearest ${words}`;
}
