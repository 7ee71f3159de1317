import { mixWords, pushedMix, tints, differenceWords } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { FigureTable } from '../../../kit/FigureTable';
import { Swatch } from '../../../kit/paint/Swatch';
import { signed } from '../../../kit/words/signed';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { FilterStudy } from './studyWork';
import type { RecipeLineProps } from '../line/recipeLineProps';

/** Effect of a line on every place, before and after; for a filter, what to push and what to repair. */
export function FilterStudyPanel({ step, number, draft, words, deeds }: RecipeLineProps) {
  const recipe = draft.recipe;
  const { answer, problem } = useAnswer(ofShelf, [recipe, step.id], (worker) =>
    worker.filterStudy(recipe, step.id),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Laying it over …</p>;
  const { changes, repair, push } = answer;
  const repairs = recipe.steps.filter(({ restores }) => restores === step.id);
  const isFilter = tints(step);
  const { isOut: _was, ...back } = step;
  return (
    <div className="filter-study">
      {changes.length === 0 ? (
        <p>This line is left out, so it changes nothing.</p>
      ) : (
        <FigureTable
          label="Before and after"
          heads={['Place', ...changes.map(({ place }) => place)]}
          rows={[
            ...(['before', 'after'] as const).map((when) => [
              when,
              ...changes.map((change) => <Swatch key={change.place} hex={change[when].hex} />),
            ]),
            ['L*', ...changes.map(({ value }) => signed(value))],
            ['C', ...changes.map(({ chroma }) => signed(chroma))],
            ['ΔE00', ...changes.map(({ difference }) => difference.toFixed(1))],
          ]}
        />
      )}
      {isFilter && (
        <p>
          <Button
            variant="outline"
            onClick={() => deeds.edit(step.isOut ? back : { ...step, isOut: true })}
          >
            {step.isOut ? 'Switch it on' : 'Switch it off'}
            {repairs.length > 0 &&
              `, with line ${repairs.map(({ id }) => words.lineNumber(id)).join(' and ')} that repairs it`}
          </Button>{' '}
          {repair && (
            <Button variant="outline" onClick={() => deeds.fix(repair)}>
              {repair.label}
            </Button>
          )}
        </p>
      )}
      {isFilter && push && <Push push={push} number={number} {...{ recipe, words, deeds }} />}
    </div>
  );
}

function Push({
  push: { stepId, place, target, found },
  number,
  recipe,
  words,
  deeds,
}: {
  push: NonNullable<FilterStudy['push']>;
  number: number;
  recipe: RecipeLineProps['draft']['recipe'];
} & Pick<RecipeLineProps, 'words' | 'deeds'>) {
  const line = recipe.steps.find(({ id }) => id === stepId);
  if (!line) return null;
  const lineNumber = words.lineNumber(stepId);
  const isAsWritten = found.added.length === 0;
  const mix = pushedMix(line.mix, found);
  return (
    <div className="push-study">
      <p>
        Line {lineNumber} at the {place}: <Swatch hex={target.hex} /> as painted, and the filters to
        come (from line {number} on) move it: {differenceWords(found.errorUnpushed)}.
      </p>
      {isAsWritten ? (
        <p>
          {found.isReached
            ? 'It lands near enough as it is: there is nothing to push.'
            : 'It cannot be reached from this shelf; the nearest is the line as it is.'}
        </p>
      ) : (
        <>
          <p>
            {found.isReached
              ? 'To land where it is now, paint it as'
              : 'It cannot be reached from this shelf; the nearest is'}{' '}
            <b>{mixWords(mix, words.potName, words.lineNumber)}</b>: <Swatch hex={found.now.hex} />{' '}
            now, <Swatch hex={found.landsOn.hex} /> after the filters:{' '}
            {differenceWords(found.error)}.
          </p>
          {found.isReached && (
            <Button
              variant="outline"
              onClick={() =>
                deeds.fix({ label: '', changes: [{ do: 'replace', step: { ...line, mix } }] })
              }
            >
              Push line {lineNumber} so
            </Button>
          )}
        </>
      )}
    </div>
  );
}
