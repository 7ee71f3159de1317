import { counted, usualPotMl, type Army, type Pot, workSurfaces } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { FigureTable } from '../../kit/FigureTable';
import { Disclosure } from '../../kit/Disclosure';
import { PotWords } from '../../kit/pots/PotWords';
import { Problem } from '../../kit/Problem';
import { dropsWords } from '../../kit/words/dropsWords';
import { mlWords } from '../../kit/words/mlWords';
import { potHexesOf } from '../../kit/words/potHexes';
import { potNamesOf } from '../../kit/words/recipeWords';
import { surfaceWords } from '../../kit/words/surfaceWords';
import { ofWhatIsPainted } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { ArmyPaint } from './armyWork';
import { WhoBrings } from './WhoBrings';

/** Past so many drops a mix is poured and not counted out. */
const countedUpTo = 60;

/** The paint an army takes: by pot against what is left, and by mix. */
export function ArmyPaintLeaf({ army, pots }: { army: Army; pots: Pot[] }) {
  const { answer, problem } = useAnswer(ofWhatIsPainted, [army], (worker) =>
    worker.armyPaint(army),
  );
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const potHex = useMemo(() => potHexesOf(pots), [pots]);
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Working out the paint …</p>;
  const { needed, own } = answer;
  const short = needed.pots.filter(({ shortMl }) => shortMl > 0);
  return (
    <div className="army-paint">
      {needed.without.length > 0 && (
        <Problem role="note">
          Not counted, as they have no recipe or it is gone:{' '}
          {needed.without.map((each) => surfaceWords(army, each)).join('; ')}.
        </Problem>
      )}
      {needed.pots.length > 0 && (
        <>
          <p role="status">
            {short.length === 0
              ? 'What is left is enough, where anybody has looked.'
              : `Short of ${short.map(({ potId, shortMl }) => `${potName(potId)} (${mlWords(shortMl)})`).join(', ')}.`}{' '}
            <small>
              For all models and coats, with half as much again for brush and palette. The undercoat
              from a can is not counted. To buy: pots of {usualPotMl} ml.
              {own &&
                (own.from
                  ? ` By your own records you mix ${own.factor.toFixed(2)} times as much (from ${own.from.records} mixes; half of them between ${own.from.low.toFixed(2)} and ${own.from.high.toFixed(2)}).`
                  : ` By your own film it is ${own.factor.toFixed(2)} times as much.`)}
            </small>
          </p>
          <FigureTable
            heads={['Pot', 'Needed', 'Painted', 'Left', 'To buy']}
            rows={needed.pots.map(({ potId, ml, takenMl, leftMl, shortMl, potsToBuy }) => [
              <PotWords key="pot" hex={potHex(potId)} name={potName(potId)} />,
              mlWords(ml),
              takenMl > 0 ? mlWords(takenMl) : '–',
              leftMl === null ? 'not known' : mlWords(leftMl),
              shortMl > 0 ? (
                <>
                  <b>{counted(potsToBuy, 'pot')}</b> ({mlWords(shortMl)}){' '}
                  <Link
                    to={`/shelf/replace/${potId}`}
                    aria-label={`Substitutes for ${potName(potId)}`}
                  >
                    Substitutes
                  </Link>
                </>
              ) : (
                '–'
              ),
            ])}
          />
          <WhoBrings armyId={army.id} needed={needed.pots.map(({ potId }) => potId)} pots={pots} />
          <MixNeeds army={army} answer={answer} potName={potName} />
        </>
      )}
    </div>
  );
}

function MixNeeds({
  army,
  answer: { needed, recipeNames, lineNumbers },
  potName,
}: {
  army: Army;
  answer: ArmyPaint;
  potName: (potId: string) => string;
}) {
  return (
    <>
      {army.units.map((unit) => {
        const mixes = needed.mixes.filter(({ unitId }) => unitId === unit.id);
        if (mixes.length === 0) return null;
        return (
          <Disclosure
            key={unit.id}
            title={
              <span dir="auto">
                {unit.name}, {counted(unit.models, 'model')}:{' '}
                {counted(mixes.length, 'mix', 'mixes')}
              </span>
            }
          >
            <ul>
              {mixes.map((mix) => {
                const surface = workSurfaces(unit).find(({ id }) => id === mix.surfaceId);
                const drops = mix.drops.pots.reduce((total, pot) => total + pot.drops, 0);
                return (
                  <li key={`${mix.surfaceId} ${mix.recipeId} ${mix.stepId}`}>
                    <b dir="auto">{surface?.name}</b>, line{' '}
                    {lineNumbers[`${mix.recipeId} ${mix.stepId}`]} of{' '}
                    <span dir="auto">{recipeNames[mix.recipeId]}</span>: {mlWords(mix.ownMl)}
                    {mix.carriedMl > 0 && ` and ${mlWords(mix.carriedMl)} for later lines`} of paint
                    {mix.waterMl > 0 && `, ${mlWords(mix.waterMl)} water`}
                    {mix.mediumMl > 0 && `, ${mlWords(mix.mediumMl)} medium`}
                    {drops <= countedUpTo && <small> · {dropsWords(mix.drops, potName)}</small>}
                  </li>
                );
              })}
            </ul>
          </Disclosure>
        );
      })}
    </>
  );
}
