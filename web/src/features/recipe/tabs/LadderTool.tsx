import { counted, techniqueOf } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Figures } from '../../../kit/figures/Figures';
import { Swatch } from '../../../kit/paint/Swatch';
import { Select } from '../../../kit/Select';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { StepToolProps } from './BeforeGlazes';

/** Mixes from a dark over a mid to a light, so that each step is just seen at arm's length in the end. */
export function LadderTool({ recipe, words, onFix }: StepToolProps) {
  const covering = recipe.steps.filter(({ technique }) => techniqueOf(technique).covers);
  const [chosen, setChosen] = useState<Partial<Record<'dark' | 'mid' | 'light', string>>>({});
  const [dark] = covering;
  const light = covering.at(-1);
  const idOf = (end: 'dark' | 'light') =>
    covering.find(({ id }) => id === chosen[end])?.id ?? (end === 'dark' ? dark : light)?.id ?? '';
  const mid = covering.find(({ id }) => id === chosen.mid)?.id;
  const order = (id: string) => covering.findIndex((step) => step.id === id);
  const ids = [...new Set([idOf('dark'), ...(mid ? [mid] : []), idOf('light')])].sort(
    (one, other) => order(one) - order(other),
  );
  const { answer, problem } = useAnswer(
    ofShelf,
    [recipe, ...ids],
    (worker) => worker.ladder(recipe, ids),
    ids.length > 1,
  );
  if (covering.length < 2) return null;
  const options = covering.map(({ id, mix }) => ({
    id,
    name: `line ${words.lineNumber(id)}: ${words.mix(mix)}`,
  }));
  const select = (end: 'dark' | 'mid' | 'light', label: string, value: string, none?: string) => (
    <Select
      label={label}
      value={value}
      onChoose={(id) => setChosen({ ...chosen, [end]: id })}
      options={none ? [{ id: '', name: none }, ...options] : options}
    />
  );
  const { insert } = answer ?? {};
  return (
    <section aria-label="Steps that are just seen">
      <h2>Steps that are just seen</h2>
      <div className="flow">
        {select('dark', 'Dark', idOf('dark'))}
        {select('mid', 'Mid', mid ?? '', 'none')}
        {select('light', 'Light', idOf('light'))}
      </div>
      {problem && <p role="alert">{problem}</p>}
      {answer?.spans.map(({ fromId, toId, rungs, largestStep }) => (
        <div key={toId}>
          <p>
            {rungs.length === 0
              ? `From line ${words.lineNumber(fromId)} to line ${words.lineNumber(toId)} the step is no larger than is just seen at arm’s length.`
              : `${counted(rungs.length, 'mix', 'mixes')} between line ${words.lineNumber(fromId)} and line ${words.lineNumber(toId)}:`}
            <Figures>
              {' '}
              Largest step {largestStep.toFixed(1)} L* in the end; {answer.justSeen.toFixed(1)} is
              just seen.
            </Figures>
          </p>
          <ol className="rung-list">
            {rungs.map(({ fromParts, toParts, colour }) => (
              <li key={`${fromParts}:${toParts}`}>
                <Swatch hex={colour.hex} />
                <span>
                  {fromParts} of line {words.lineNumber(fromId)} + {toParts} of what line{' '}
                  {words.lineNumber(toId)} is mixed from
                </span>
              </li>
            ))}
          </ol>
        </div>
      ))}
      {insert && (
        <Button variant="outline" onClick={() => onFix(insert)}>
          {insert.label}
        </Button>
      )}
    </section>
  );
}
