import { techniqueOf, type Fix, type Pot, type Recipe } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { ActionBar } from '../../../kit/ActionBar';
import { Swatch } from '../../../kit/paint/Swatch';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { StaircaseChart } from './StaircaseChart';
import { Figures } from '../../../kit/figures/Figures';

export interface BridgeToolProps {
  recipe: Recipe;
  pots: Pot[];
  words: RecipeWords;
  onFix: (fix: Fix) => void;
}

/** A ladder between the mixes of two lines, with even steps of light, in whole parts. */
export function BridgeTool({ recipe, words, onFix }: BridgeToolProps) {
  const covering = recipe.steps.filter(({ technique }) => techniqueOf(technique).covers);
  const [ends, setEnds] = useState<{ from?: string; to?: string }>({});
  const [wanted, setWanted] = useState<number | null>(null);
  const there = (id: string | undefined) => covering.find((step) => step.id === id);
  const from = there(ends.from) ?? covering[0];
  const above = covering.slice(covering.indexOf(from) + 1);
  const to = above.find(({ id }) => id === ends.to) ?? above.at(-1);
  // As many as there are lines between, so that these can take the mixes over.
  const between = recipe.steps.indexOf(to ?? from) - recipe.steps.indexOf(from) - 1;
  const count = wanted ?? Math.min(6, Math.max(1, between));
  const { answer, problem } = useAnswer(
    ofShelf,
    [recipe, from?.id, to?.id, count],
    (worker) => (to ? worker.bridge(recipe, from.id, to.id, count) : Promise.resolve(null)),
    from !== undefined && to !== undefined,
  );
  if (!from || !to) return null;
  const option = ({ id, mix }: (typeof covering)[number]) => ({
    id,
    name: `line ${words.lineNumber(id)}: ${words.mix(mix)}`,
  });
  return (
    <div className="bridge-tool">
      <h2>Even steps between two mixes</h2>
      <div className="flow">
        <Select
          label="From"
          value={from.id}
          onChoose={(chosen) => setEnds({ ...ends, from: chosen })}
          options={covering.slice(0, -1).map(option)}
        />
        <Select
          label="To"
          value={to.id}
          onChoose={(chosen) => setEnds({ ...ends, to: chosen })}
          options={above.map(option)}
        />
        <Select
          label="Mixes between"
          value={count}
          onChoose={(chosen) => setWanted(Number(chosen))}
          options={[1, 2, 3, 4, 5, 6]}
        />
      </div>
      {problem && <p role="alert">{problem}</p>}
      {answer && (
        <>
          <StaircaseChart
            label="Value of the mixes at equal parts and as evened"
            height={190}
            xLabel="mix"
            series={['evened', 'equal parts']}
            points={answer.evened.map((value, index) => ({
              name:
                index === 0 ? 'from' : index === answer.evened.length - 1 ? 'to' : String(index),
              evened: value,
              'equal parts': answer.byParts[index] ?? value,
            }))}
          />
          <p>
            {answer.bridge.largestStep <= 1.15 * answer.bridge.evenStep
              ? 'The steps are even.'
              : 'The steps are as even as whole parts allow.'}
            <Figures>
              {' '}
              Largest step {answer.bridge.largestStep.toFixed(1)} L*; all alike would be{' '}
              {answer.bridge.evenStep.toFixed(1)}.
            </Figures>
          </p>
          <ol className="rung-list">
            {answer.bridge.rungs.map(({ fromParts, toParts, colour }) => (
              <li key={`${fromParts}:${toParts}`}>
                <Swatch hex={colour.hex} />
                <span>
                  {fromParts} of line {words.lineNumber(from.id)} + {toParts} of what line{' '}
                  {words.lineNumber(to.id)} is mixed from
                  <Figures> · L* {colour.value.toFixed(0)}</Figures>
                </span>
              </li>
            ))}
          </ol>
          <ActionBar>
            {[answer.useBetween, answer.insert].map(
              (fix) =>
                fix && (
                  <Button key={fix.label} variant="outline" onClick={() => onFix(fix)}>
                    {fix.label}
                  </Button>
                ),
            )}
          </ActionBar>
        </>
      )}
    </div>
  );
}
