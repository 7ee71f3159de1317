import { counted, type MixOrigin } from '@yellow-ledger/core';
import { ShareList } from '../../../kit/paint/ShareList';
import { Swatch } from '../../../kit/paint/Swatch';
import { dropsErrorWords, dropsWords } from '../../../kit/words/dropsWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { RecipeLineProps } from '../line/recipeLineProps';

/** The mixes a mix came from, its true shares, how to make it again, and until when it stays wet. */
export function LineagePanel({ step, number, draft, words }: RecipeLineProps) {
  const recipe = draft.recipe;
  const { answer, problem } = useAnswer(ofShelf, [recipe, step.id], (worker) =>
    worker.lineage(recipe, step.id),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Following the mixes …</p>;
  const { origins, shares, drops, staysWet } = answer;
  const wet = staysWet.find(({ stepId }) => stepId === step.id);
  const needed = staysWet.filter(
    ({ untilStepId, stepId }) =>
      untilStepId !== null &&
      words.lineNumber(stepId) < number &&
      words.lineNumber(untilStepId) >= number,
  );
  return (
    <div className="columns">
      <div>
        <h2>Line {number} is</h2>
        <Origins origins={origins} words={words} />
      </div>
      <div>
        <h2>In pots</h2>
        <ShareList shares={shares} potHex={words.potHex} potName={words.potName} />
        <p>
          To make it again from pots: <b>{dropsWords(drops, words.potName)}</b>
          <small> · {dropsErrorWords(drops)}</small>
        </p>
        <p>
          {wet?.untilStepId
            ? `Keep this mix wet until line ${words.lineNumber(wet.untilStepId)}, which ${wet.because === 'carried' ? 'carries it forward' : 'is blended into it'}.`
            : 'This mix may dry when the line is done: no later line needs it.'}
          {needed.length > 0 &&
            ` Wet beside it: the ${needed.length === 1 ? 'mix' : 'mixes'} of line ${needed.map(({ stepId }) => words.lineNumber(stepId)).join(', ')}.`}
        </p>
      </div>
    </div>
  );
}

function Origins({
  origins,
  words,
}: {
  origins: readonly MixOrigin[];
  words: RecipeLineProps['words'];
}) {
  return (
    <ul className="rows origin-list">
      {origins.map(({ source, parts, share, from }, index) => (
        <li key={index}>
          <Swatch
            hex={source.from === 'pot' ? words.potHex(source.potId) : words.stepHex(source.stepId)}
          />{' '}
          {counted(parts, 'part')} of{' '}
          {source.from === 'pot' ? (
            <b dir="auto">{words.potName(source.potId)}</b>
          ) : (
            <b>the mix of line {words.lineNumber(source.stepId)}</b>
          )}{' '}
          <small>{(share * 100).toFixed(0)} % of the whole</small>
          {from.length > 0 && <Origins origins={from} words={words} />}
        </li>
      ))}
    </ul>
  );
}
