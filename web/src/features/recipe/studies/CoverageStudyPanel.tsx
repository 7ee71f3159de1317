import {
  coatsOf,
  counted,
  mostCoatsTried,
  differenceWords,
  coveredWithin,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { FigureTable } from '../../../kit/FigureTable';
import { PotWords } from '../../../kit/pots/PotWords';
import { Swatch } from '../../../kit/paint/Swatch';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { RecipeLineProps } from '../line/recipeLineProps';

/** Coats needed at each place, what each looks like, and the same paint over other grounds. */
export function CoverageStudyPanel({ step, draft, words, deeds }: RecipeLineProps) {
  const recipe = draft.recipe;
  const { answer, problem } = useAnswer(ofShelf, [recipe, step.id], (worker) =>
    worker.coverage(recipe, step.id),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Counting coats …</p>;
  const { places, now, grounds, under } = answer;
  if (places.length === 0)
    return <p>This mix colours nothing, so there is nothing to cover with.</p>;
  const written = coatsOf(step, recipe.finishLevel);
  const isFirst = recipe.steps[0]?.id === step.id;
  const uncovered = places.filter(({ isCovered }) => !isCovered);
  return (
    <div className="coverage-study">
      <p>
        {uncovered.length === 0
          ? `With ${counted(written, 'coat')} everything it is meant to cover is covered.`
          : `With ${counted(written, 'coat')} what is below still shows at ${uncovered.map(({ place }) => place).join(', ')}.`}{' '}
        Patchy at coat 1 is right: judge the last coat, dry.
      </p>
      <FigureTable
        label="Coats by place"
        heads={['Place', 'Covers at', 'Coat 1, 2, 3 …', `Missing with ${written}`]}
        rows={places.map(({ place, coats, after, missing, isCovered }) => [
          place,
          coversAt(coats),
          <span key="coats" className="coat-row">
            {after.slice(0, 8).map((colour, index) => (
              <span
                key={index}
                className={index + 1 === written ? 'coat-written' : undefined}
                title={`After coat ${index + 1}`}
              >
                <Swatch hex={colour.hex} />
              </span>
            ))}
            {after.length > 8 && ` … ${after.length}`}
          </span>,
          isCovered ? 'covered' : differenceWords(missing),
        ])}
      />
      <h2>Over other undercoats</h2>
      <FigureTable
        heads={[
          'Undercoat',
          'Covers at',
          `With ${counted(written, 'coat')}`,
          <span key="use" className="visually-hidden">
            Use it
          </span>,
        ]}
        rows={[
          ...(now
            ? [
                [
                  'what lies below now',
                  coversAt(now.coats),
                  <PotWords key="with" hex={now.surface.hex} name={stillMissing(now.missing)} />,
                  'as it is',
                ],
              ]
            : []),
          ...grounds.map(({ potId, coats, surface, missing }) => [
            words.potName(potId),
            coversAt(coats),
            <PotWords key="with" hex={surface.hex} name={stillMissing(missing)} />,
            potId === recipe.groundPotId && isFirst
              ? 'the undercoat now'
              : isFirst && (
                  <Button
                    variant="plain"
                    onClick={() => deeds.fix({ label: '', changes: [{ do: 'ground', potId }] })}
                  >
                    Prime with it
                  </Button>
                ),
          ]),
          ...(under
            ? [
                [
                  `${words.potName(under.potId)} as an under-colour`,
                  `${counted(under.underCoats, 'coat')} of it, then ${coversAt(under.coats)}`,
                  <PotWords
                    key="with"
                    hex={under.surface.hex}
                    name={stillMissing(under.missing)}
                  />,
                  <Button key="use" variant="plain" onClick={() => deeds.fix(under.fix)}>
                    {under.fix.label}
                  </Button>,
                ],
              ]
            : []),
        ]}
      />
      {!under && <p>No under-colour on the shelf would save a coat here.</p>}
    </div>
  );
}

const coversAt = (coats: number | null) =>
  coats === null ? `not in ${mostCoatsTried}` : `coat ${coats}`;

/** The part of the ground that still shows. @param missing ΔE00 to the paint alone */
const stillMissing = (missing: number) =>
  missing <= coveredWithin ? 'covered' : `what is below shows: ${differenceWords(missing)}`;
