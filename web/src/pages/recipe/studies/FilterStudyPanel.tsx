import { mixWords, pushedMix, tints } from '@yellow-ledger/core';
import { Swatch } from '../../../parts/Swatch';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { FilterStudy } from '../../../workers/work/studyWork';
import type { RecipeLineProps } from '../recipeLineProps';
import { signed } from '../../../parts/words/signed';

/** What a line does to every place, before and after; for a filter, what to push and what to repair. */
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
        <div className="leaf-scroll" tabIndex={0} role="region" aria-label="Before and after">
          <table className="change-table">
            <thead>
              <tr>
                <th scope="col">Place</th>
                {changes.map(({ place }) => (
                  <th scope="col" key={place}>
                    {place}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {(['before', 'after'] as const).map((when) => (
                <tr key={when}>
                  <th scope="row">{when}</th>
                  {changes.map((change) => (
                    <td key={change.place}>
                      <Swatch hex={change[when].hex} />
                    </td>
                  ))}
                </tr>
              ))}
              <tr>
                <th scope="row">L*</th>
                {changes.map(({ place, value }) => (
                  <td key={place}>{signed(value)}</td>
                ))}
              </tr>
              <tr>
                <th scope="row">C</th>
                {changes.map(({ place, chroma }) => (
                  <td key={place}>{signed(chroma)}</td>
                ))}
              </tr>
              <tr>
                <th scope="row">ΔE00</th>
                {changes.map(({ place, difference }) => (
                  <td key={place}>{difference.toFixed(1)}</td>
                ))}
              </tr>
            </tbody>
          </table>
        </div>
      )}
      {isFilter && (
        <p>
          <button
            type="button"
            className="outline-button"
            onClick={() => deeds.edit(step.isOut ? back : { ...step, isOut: true })}
          >
            {step.isOut ? 'Switch it in' : 'Switch it out'}
            {repairs.length > 0 &&
              `, with line ${repairs.map(({ id }) => words.lineNumber(id)).join(' and ')} that repairs it`}
          </button>{' '}
          {repair && (
            <button type="button" className="outline-button" onClick={() => deeds.fix(repair)}>
              {repair.label}
            </button>
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
        come (from line {number} on) move it by {found.errorUnpushed.toFixed(1)} ΔE00.
      </p>
      {isAsWritten ? (
        <p>
          {found.isReached
            ? 'It lands near enough as it is: there is nothing to push.'
            : `It cannot be reached from this shelf; the nearest is the line as it is, ${found.error.toFixed(1)} ΔE00 off.`}
        </p>
      ) : (
        <>
          <p>
            {found.isReached
              ? 'To land where it is now, paint it as'
              : 'It cannot be reached from this shelf; the nearest is'}{' '}
            <b>{mixWords(mix, words.potName, words.lineNumber)}</b>: <Swatch hex={found.now.hex} />{' '}
            now, <Swatch hex={found.landsOn.hex} /> after the filters, {found.error.toFixed(1)} ΔE00
            from the target.
          </p>
          <button
            type="button"
            className="outline-button"
            onClick={() =>
              deeds.fix({ label: '', changes: [{ do: 'replace', step: { ...line, mix } }] })
            }
          >
            Push line {lineNumber} so
          </button>
        </>
      )}
    </div>
  );
}
