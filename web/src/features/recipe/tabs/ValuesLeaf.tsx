import { aspectNames, counted, shapeOf, showsAsLineFrom, surfaceFacts } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { Problem } from '../../../kit/Problem';
import { shareInWords } from '../../../kit/words/shareInWords';
import { signed } from '../../../kit/words/signed';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { LeafProps } from '../leafProps';
import { useLineDeeds } from '../line/useLineDeeds';
import { BeforeGlazes } from './BeforeGlazes';
import { BorderTool } from './BorderTool';
import { BridgeTool } from './BridgeTool';
import { LadderTool } from './LadderTool';
import { StaircaseChart } from './StaircaseChart';
import './valuesLeaf.scss';
import { Figures } from '../../../kit/figures/Figures';
import { valueWords } from '../../../kit/words/valueWords';
import { PageWait } from '../../../kit/PageWait';

const verdictWords = {
  stark: 'a large step: without one between it may show as a line',
  unseen: 'too small to see',
  joins: 'draws the steps together',
};

/** Light and dark, line by line: where a jump is stark, where a step is lost, and the rung between. */
export default function ValuesLeaf({ draft, words, pots }: LeafProps) {
  const recipe = draft.recipe;
  const deeds = useLineDeeds(recipe, pots);
  const [aspectKey, setAspectKey] = useState('');
  const { answer, problem } = useAnswer(ofShelf, [recipe, aspectKey], (worker) =>
    worker.staircase(recipe, aspectKey),
  );
  if (problem) return <Problem role="note">{problem}</Problem>;
  if (!answer) return <PageWait>Measuring the steps …</PageWait>;
  const { aspects, stairs, mixSteps, darkest, lightest } = answer;
  const names = aspectNames(aspects, shapeOf(recipe));
  const facts = surfaceFacts[recipe.surface];
  const seen = mixSteps.filter(({ verdict }) => verdict !== 'unseen' && verdict !== 'joins');
  if (recipe.steps.length === 0)
    return <p className="page-wait">There is no line yet, and so no step of light to see.</p>;
  return (
    <section className="values-leaf" aria-label="Light steps">
      <h2>Value after each line</h2>
      {aspects.length > 1 && (
        <Select
          label="Looked at"
          value={aspectKey}
          onChoose={setAspectKey}
          options={aspects.map(({ key, share }, i) => ({
            id: key,
            name: `${names[i]}, ${shareInWords(share)} of the form`,
          }))}
        />
      )}
      <StaircaseChart
        label="Value of the surface at mid, crown and edge after each line"
        points={stairs.map(({ stepId, mid, crown, edge }) => ({
          name: stepId === null ? 'ground' : String(words.lineNumber(stepId)),
          mid,
          crown,
          edge,
        }))}
        series={['mid', 'crown', 'edge']}
        xLabel="line"
      />
      <div className="columns">
        <div>
          <h2>What each line does to the light</h2>
          {mixSteps.length === 0 && <p>It takes two lines on one place to make a step.</p>}
          <p className="quiet">
            Most painters give {recipe.surface === 'other' ? 'other things' : recipe.surface}{' '}
            {facts.wants}. This one has{' '}
            {counted(seen.filter(({ change }) => change > 0).length, 'step')} up and{' '}
            {counted(seen.filter(({ change }) => change < 0).length, 'step')} down.
            <Figures>
              {' '}
              It ends between L* {Math.round(darkest)} and {Math.round(lightest)}; a hard step shows
              as a line from {Math.round(showsAsLineFrom(recipe.surface))} L*.
            </Figures>
          </p>
          <ul>
            {mixSteps.map(({ fromStepId, toStepId, place, change, verdict, fix }) => (
              <li key={toStepId}>
                Line {words.lineNumber(toStepId)} on line {words.lineNumber(fromStepId)}:{' '}
                <b>{valueWords(change)}</b> at the {place}
                <Figures> ({signed(change)} L*)</Figures>
                {verdict === 'seen' ? '' : `, ${verdictWords[verdict]}`}.{' '}
                {fix && (
                  <Button variant="plain" onClick={() => deeds.fix(fix)}>
                    {fix.label}
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <BeforeGlazes recipe={recipe} words={words} onFix={deeds.fix} />
          <BorderTool recipe={recipe} pots={pots} words={words} onFix={deeds.fix} />
        </div>
        <div>
          <BridgeTool recipe={recipe} pots={pots} words={words} onFix={deeds.fix} />
          <LadderTool recipe={recipe} words={words} onFix={deeds.fix} />
        </div>
      </div>
    </section>
  );
}
