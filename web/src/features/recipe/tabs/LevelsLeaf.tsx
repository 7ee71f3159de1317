import {
  coatsOf,
  counted,
  hairDryerCaution,
  mostCoats,
  reaches,
  techniqueOf,
  type FinishLevel,
  type FinishTotals,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Table from 'react-bootstrap/Table';
import { FigureField } from '../../../kit/field/FigureField';
import { Problem } from '../../../kit/Problem';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { Switch } from '../../../kit/field/Switch';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useTotals } from '../useTotals';
import type { LevelStudy } from '../../../workers/shared/draftWork';
import type { LeafProps } from '../leafProps';
import { useEditRecipe } from '../useDraft';
import { useLineDeeds } from '../line/useLineDeeds';
import { PageWait } from '../../../kit/PageWait';
import './levelsLeaf.scss';
import { standardName } from '../../../kit/words/standards';

const levelWords: Record<FinishLevel, string> = {
  field: 'for the rank and file',
  table: 'for what is looked at in play',
  display: 'for what is picked up and turned',
};

/** Which lines and how many passes each finish level has, what it adds up to, where one may stop. */
export default function LevelsLeaf({ draft, words, pots }: LeafProps) {
  const edit = useEditRecipe(draft.recipe.id);
  const recipe = draft.recipe;
  const deeds = useLineDeeds(recipe, pots);
  const { answer } = useAnswer(ofShelf, [recipe], (worker) => worker.levels(recipe));
  const totals = useTotals(recipe);
  if (recipe.steps.length === 0)
    return <p className="page-wait">There is no line to finish yet.</p>;
  if (!answer) return <PageWait>Adding up …</PageWait>;
  return (
    <section className="levels-leaf" aria-label="Standards">
      <p>
        The same recipe at three standards. Passes can differ by standard; ▪ marks where you may
        stop: all is covered, light and dark stand right, nothing waits to be repaired.
      </p>
      <Switch
        label="A hair dryer between coats"
        isOn={recipe.hairDryer === true}
        onTurn={(isOn) => edit(withDryer(recipe, isOn), 'hair dryer')}
      />
      {recipe.hairDryer && <Problem role="note">{hairDryerCaution}</Problem>}
      <div className="table-responsive" tabIndex={0} role="region" aria-label="Lines by standard">
        <Table>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">In</th>
              {answer.map(({ level }) => (
                <th scope="col" key={level}>
                  {standardName(level)}
                  <small className="below">{levelWords[level]}</small>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {recipe.steps.map((step, index) => (
              <tr key={step.id}>
                <th scope="row">
                  <b>{index + 1}</b> {step.stage}, {techniqueOf(step.technique).label}{' '}
                  <small dir="ltr">{words.mix(step.mix)}</small>
                  {step.restores !== undefined && (
                    <small> · repairs line {words.lineNumber(step.restores)}</small>
                  )}
                </th>
                <td>
                  <Form.Check
                    aria-label={`Line ${index + 1} is in`}
                    checked={!step.isOut}
                    onChange={(event) => deeds.edit(withIn(step, event.target.checked))}
                  />
                </td>
                {answer.map((study) => (
                  <td key={study.level}>
                    <Cell step={step} number={index + 1} study={study} onEdit={deeds.edit} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row">Adds up to</th>
              <td />
              {answer.map(({ level }) => (
                <td key={level}>
                  <Sum totals={totals(level)} />
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">Ends as</th>
              <td />
              {answer.map(({ level, build }) => (
                <td key={level}>
                  <Ribbon
                    surface={build.steps.at(-1)?.surface ?? build.ground}
                    stops={build.stops}
                    label={`The finished surface at ${standardName(level)} standard`}
                    isEstimate={build.steps.at(-1)?.isEstimate}
                  />
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">This recipe is at</th>
              <td />
              {answer.map(({ level }) => (
                <td key={level}>
                  <Form.Check
                    type="radio"
                    name="finish-level"
                    id={`level-${level}`}
                    label={standardName(level)}
                    checked={recipe.finishLevel === level}
                    onChange={() => edit({ ...recipe, finishLevel: level }, 'finish level')}
                  />
                </td>
              ))}
            </tr>
          </tfoot>
        </Table>
      </div>
    </section>
  );
}

function Cell({
  step,
  number,
  study,
  onEdit,
}: {
  step: Step;
  number: number;
  study: LevelStudy;
  onEdit: (step: Step) => void;
}) {
  const { level, build, stoppingPoints } = study;
  const isPainted = build.steps[number - 1]?.isIncluded;
  if (!isPainted) {
    if (reaches(step, level)) return <span className="level-out">out</span>;
    return (
      <Button
        variant="plain"
        className="level-out"
        aria-label={`include line ${number} from ${standardName(level)} on`}
        onClick={() => onEdit({ ...step, level })}
      >
        include
      </Button>
    );
  }
  return (
    <span className="level-cell">
      <FigureField
        isLabelHidden
        label={`${techniqueOf(step.technique).counts === 'coat' ? 'Coats' : 'Passes'} of line ${number} at ${standardName(level)} standard`}
        value={coatsOf(step, level)}
        isRight={(coats) => Number.isInteger(coats) && coats >= 1 && coats <= mostCoats}
        expected={`it should be a whole number from 1 to ${mostCoats}`}
        onFigure={(coats) => onEdit(withCoatsAt(step, level, coats))}
        control={{ step: 1 }}
      />
      {stoppingPoints.includes(step.id) && (
        <span
          className="may-stop"
          title="You may stop here"
          role="img"
          aria-label="You may stop here"
        >
          ▪
        </span>
      )}
    </span>
  );
}

function withIn(step: Step, isIn: boolean): Step {
  const { isOut: _was, ...rest } = step;
  return isIn ? rest : { ...rest, isOut: true };
}

/** The usual figure of the line needs no saying at a level. */
function withCoatsAt(step: Step, level: FinishLevel, coats: number): Step {
  const { [level]: _was, ...others } = step.coatsAt ?? {};
  const coatsAt = coats === step.coats ? others : { ...others, [level]: coats };
  const { coatsAt: _before, ...rest } = step;
  return Object.keys(coatsAt).length === 0 ? rest : { ...rest, coatsAt };
}

function Sum({ totals }: { totals: FinishTotals }) {
  const { steps, coats, handsOnMinutes, dryMinutes, pots, isOwn } = totals;
  return (
    <>
      {counted(steps, 'step')}, {counted(coats, 'coat')}
      <br />
      {minutesInWords(handsOnMinutes)} hands-on, {minutesInWords(dryMinutes)} drying,{' '}
      {counted(pots, 'pot')}
      {isOwn && <small className="below">at your own pace</small>}
    </>
  );
}

const withDryer = ({ hairDryer: _before, ...recipe }: Recipe, isOn: boolean): Recipe =>
  isOn ? { ...recipe, hairDryer: true } : recipe;
