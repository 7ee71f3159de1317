import { Link } from 'react-router';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { ArmyState } from '../../workers/work/logWork';
import { modelsWords } from '../../parts/words/modelsWords';

/** What is done, in hand and to come, army by army. */
export function ProgressLeaf() {
  const { answer, problem } = useAnswer(ofEverything, [], (worker) => worker.logProgress());
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p className="page-wait">Counting what is done …</p>;
  if (answer.length === 0)
    return <p>There is no army yet. An army on the bench shows here how far it is.</p>;
  return (
    <>
      {answer.map((army) => (
        <section key={army.armyId} className="army-state" aria-label={`Progress of ${army.name}`}>
          <h2 dir="auto">
            <Link to={`/armies/${army.armyId}`}>{army.name}</Link>
          </h2>
          <table>
            <thead>
              <tr>
                <th scope="col">Unit</th>
                <th scope="col">Coats</th>
                <th scope="col">Done</th>
                <th scope="col">In hand</th>
                <th scope="col">To come</th>
              </tr>
            </thead>
            <tbody>
              {army.units.map((unit) => (
                <UnitRow key={unit.unitId} armyId={army.armyId} unit={unit} />
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </>
  );
}

function UnitRow({ armyId, unit }: { armyId: string; unit: ArmyState['units'][number] }) {
  const { unitId, name, done, inHand, toCome, coatsDone, coatsLeft } = unit;
  const all = coatsDone + coatsLeft;
  return (
    <tr>
      <th scope="row">
        <Link to={`/log/models/${armyId}/${unitId}/1`} dir="auto">
          {name}
        </Link>
      </th>
      <td>
        <progress value={coatsDone} max={Math.max(1, all)} aria-label={`Coats of ${name}`} />{' '}
        {coatsDone} of {all}
      </td>
      <td>{tellModels(done)}</td>
      <td>{tellModels(inHand)}</td>
      <td>{tellModels(toCome)}</td>
    </tr>
  );
}

const tellModels = (models: readonly number[]) =>
  models.length === 0 ? '–' : `${models.length}: ${modelsWords(models)}`;
