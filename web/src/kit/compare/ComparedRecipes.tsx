import { differenceWords, shapeOf, type Pot, type Recipe } from '@yellow-ledger/core';
import { useMemo, type ReactNode } from 'react';
import Table from 'react-bootstrap/Table';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { AspectStrips } from '../paint/AspectStrips';
import { Figures } from '../figures/Figures';
import { lineOf } from '../merge/DifferenceTable';
import { Ribbon } from '../paint/Ribbon';
import { recipeWordsOf } from '../words/recipeWords';
import './comparedRecipes.scss';

export interface ComparedRecipesProps {
  one: Recipe;
  other: Recipe;
  pots: readonly Pot[];
  /** what the two are called */
  sides?: readonly [string, string];
  /** what stands beside each pair of lines, by the identifier of the line */
  beside?: (stepId: string) => ReactNode;
}

/** Two recipes line by line and ribbon by ribbon, and where they differ most. */
export function ComparedRecipes(props: ComparedRecipesProps) {
  const { one, other, pots, sides = ['Left', 'Right'], beside } = props;
  const { answer, problem } = useAnswer(ofShelf, [one, other], (worker) =>
    worker.compare(one, other),
  );
  const oneWords = useMemo(() => recipeWordsOf(one, pots, null), [one, pots]);
  const otherWords = useMemo(() => recipeWordsOf(other, pots, null), [other, pots]);
  return (
    <div className="compared">
      {problem && <p role="alert">{problem}</p>}
      {answer && (
        <>
          <p>
            {answer.worst.difference < 0.05
              ? 'The finished surfaces are the same.'
              : `They differ most at the ${answer.worst.place}: ${differenceWords(answer.worst.difference)}.`}
            {answer.worst.difference >= 0.05 && (
              <Figures> ΔE00 {answer.worst.difference.toFixed(1)}.</Figures>
            )}
          </p>
          <div className="table-responsive" tabIndex={0} role="region" aria-label="Lines compared">
            <Table>
              <thead>
                <tr>
                  <th scope="col">{sides[0]}</th>
                  <th scope="col">{sides[1]}</th>
                  <th scope="col">
                    <span className="visually-hidden">Same or not</span>
                  </th>
                  {beside && <th scope="col">Remarks</th>}
                </tr>
              </thead>
              <tbody>
                {answer.pairs.map(({ left: l, right: r, leftIndex, rightIndex, isSame }, index) => (
                  <tr key={index} className={isSame ? 'pair-same' : 'pair-differs'}>
                    {(
                      [
                        [l, leftIndex, answer.left, oneWords, one],
                        [r, rightIndex, answer.right, otherWords, other],
                      ] as const
                    ).map(([step, at, build, words, of], side) => (
                      <td key={side}>
                        {step && at !== null ? (
                          <>
                            <Ribbon
                              height={20}
                              surface={build.steps[at].surface}
                              stops={build.stops}
                              label={`${sides[side]}, after line ${at + 1}`}
                              isEstimate={build.steps[at].isEstimate}
                            />
                            <AspectStrips
                              build={build}
                              stepId={step.id}
                              shape={shapeOf(of)}
                              isNarrow
                              label={`${sides[side]}, after line ${at + 1}`}
                            />
                            <span dir="auto">
                              <b>{at + 1}</b> {lineOf(step, words)}
                            </span>
                          </>
                        ) : (
                          'not there'
                        )}
                      </td>
                    ))}
                    <td>{isSame ? 'same' : <b>differs</b>}</td>
                    {beside && <td>{beside((l ?? r)?.id ?? '')}</td>}
                  </tr>
                ))}
              </tbody>
            </Table>
          </div>
        </>
      )}
    </div>
  );
}
