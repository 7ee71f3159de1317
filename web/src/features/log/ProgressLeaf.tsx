import { Link } from 'react-router';
import { FigureTable } from '../../kit/FigureTable';
import { Progress } from '../../kit/Progress';
import { modelsWords } from '../../kit/words/modelsWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { WriteDown } from './WriteDown';
import type { ArmyState } from './logWork';
import { PageWait } from '../../kit/PageWait';

/** Coats done, begun and to come, army by army. */
export function ProgressLeaf() {
  const { answer, problem } = useAnswer(ofEverything, [], (worker) => worker.logProgress());
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <PageWait>Counting what is done …</PageWait>;
  const { armies, names } = answer;
  if (armies.length === 0)
    return <p>There is no army yet. An army on the bench shows here how far it is.</p>;
  return (
    <>
      {armies.map((army) => (
        <section key={army.armyId} className="army-state" aria-label={`Progress of ${army.name}`}>
          <h2 dir="auto">
            <Link to={`/armies/${army.armyId}`}>{army.name}</Link>
          </h2>
          <FigureTable
            heads={['Unit', 'Coats', 'Done', 'In hand', 'To come']}
            rows={army.units.map((unit) => unitRow(army.armyId, unit))}
          />
          <WriteDown entries={army.lastCoats} names={names} />
        </section>
      ))}
    </>
  );
}

function unitRow(armyId: string, unit: ArmyState['units'][number]) {
  const { unitId, name, done, inHand, toCome, coatsDone, coatsLeft } = unit;
  const all = coatsDone + coatsLeft;
  return [
    <Link key="unit" to={`/log/models/${armyId}/${unitId}/1`} dir="auto">
      {name}
    </Link>,
    <>
      <Progress label={`Coats of ${name}`} now={coatsDone} max={Math.max(1, all)} /> {coatsDone} of{' '}
      {all}
    </>,
    tellModels(done),
    tellModels(inHand),
    tellModels(toCome),
  ];
}

const tellModels = (models: readonly number[]) =>
  models.length === 0 ? '–' : `${models.length}: ${modelsWords(models)}`;
