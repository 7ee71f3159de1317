import {
  mishapDegrees,
  mishapKinds,
  mishapOf,
  unitOf,
  type Mend,
  type MishapDegree,
  type MishapKind,
  workSurfaces,
} from '@yellow-ledger/core';
import ButtonGroup from 'react-bootstrap/ButtonGroup';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { potChoices } from '../../../kit/pots/potChoice';
import { PotPicker } from '../../../kit/pots/PotPicker';
import { ofArmies } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { BenchNow } from '../benchWork';
import type { Rescued } from './rescueWork';
import type { BenchPartProps } from '../benchPart';
import { namedPlaces } from '../benchWords';
import { Mends } from './Mends';
import { MishapModels } from './MishapModels';
import { PanelBox } from '../PanelBox';

export interface WentWrongProps extends Omit<BenchPartProps, 'view'> {
  now: BenchNow;
  onClose: () => void;
}

const degreeNames: Record<MishapDegree, string> = {
  slight: 'a little',
  clear: 'clearly',
  bad: 'badly',
};
const placeNames = namedPlaces.map(({ name }) => name);
const needsPot = (what: MishapKind) => mishapOf(what).needsPot === true;

/** Something went wrong: what, where, and what brings it back. */
export function WentWrong(props: WentWrongProps) {
  const { bench, army, pots, hand, now, onClose } = props;
  const { task, coat } = now;
  const unit = unitOf(army, task.unitId);
  const [what, setWhat] = useState<MishapKind | null>(null);
  const [degree, setDegree] = useState<MishapDegree>('clear');
  const [low, setLow] = useState('raised');
  const [high, setHigh] = useState('crown');
  const [surfaceId, setSurfaceId] = useState(task.surfaceId);
  const [models, setModels] = useState<readonly number[]>([coat.where.models[0]]);
  // The mends are worked out on the first of them.
  const [model] = models;
  const [potId, setPotId] = useState(coat.brushed.pots[0].potId);
  const [isWet, setIsWet] = useState(true);
  const ends = [low, high].map((name) => namedPlaces.findIndex((each) => each.name === name));
  const [first, last] = ends.sort((one, other) => one - other);
  const place = { from: namedPlaces[first].from, to: namedPlaces[last].to };
  const isElsewhere = surfaceId !== task.surfaceId;
  const other = hand.view?.state.tasks.find(
    (each) => each.unitId === task.unitId && each.surfaceId === surfaceId,
  );
  const recipe = isElsewhere
    ? (lastOn(hand.log.entries, task.unitId, surfaceId, model) ?? other)
    : { recipeId: coat.recipeId, version: coat.version };
  const wet = hand.view?.wet.map(({ entry }) => entry.stepId) ?? [];
  const { answer, problem } = useAnswer<Rescued | null>(
    ofArmies,
    [what, degree, place.from, place.to, surfaceId, model, potId, isWet, hand.log.entries],
    async (worker) =>
      what && recipe
        ? worker.mends({
            bench,
            army,
            entries: hand.log.entries,
            unitId: task.unitId,
            surfaceId,
            model,
            recipeId: recipe.recipeId,
            version: recipe.version,
            stepId: isElsewhere ? null : task.stepId,
            place,
            what,
            degree,
            minutesAgo: isWet ? 0.5 : null,
            wet,
            ...(needsPot(what) && { potId }),
          })
        : null,
    what !== null,
  );
  const mend = (chosen: Mend, rescued: Rescued) => {
    if (!what || !recipe || rescued.stepId === null) return;
    const { kind, sentence, error, minutes } = chosen;
    hand.write([
      {
        kind: 'mishap',
        ...hand.head(),
        benchId: bench.id,
        where: { ...coat.where, surfaceId, models: [...models] },
        recipeId: recipe.recipeId,
        version: recipe.version,
        stepId: rescued.stepId,
        line: isElsewhere ? 0 : coat.line,
        what,
        place,
        mend: {
          kind,
          sentence: sentence.slice(0, 120),
          errorBefore: rescued.error,
          errorAfter: error,
          minutes,
        },
      },
    ]);
    onClose();
  };
  return (
    <PanelBox label="Something went wrong">
      <h2>What went wrong?</h2>
      <ButtonGroup className="chips" aria-label="What went wrong">
        {mishapKinds.map((kind) => (
          <Button
            variant="chip"
            key={kind}
            aria-pressed={what === kind}
            onClick={() => setWhat(kind)}
          >
            {kind}
          </Button>
        ))}
      </ButtonGroup>
      {what && (
        <div className="flow">
          <Select
            label="How much"
            value={degree}
            onChoose={setDegree}
            options={mishapDegrees.map((id) => ({ id, name: degreeNames[id] }))}
          />
          <Select label="From" value={low} onChoose={setLow} options={placeNames} />
          <Select label="to" value={high} onChoose={setHigh} options={placeNames} />
          <Select
            label="On"
            value={surfaceId}
            onChoose={setSurfaceId}
            options={unit && workSurfaces(unit)}
          />
          <Select
            label="It is"
            value={isWet ? 'wet' : 'dry'}
            onChoose={(value) => setIsWet(value === 'wet')}
            options={[{ id: 'wet', name: 'still wet' }, 'dry']}
          />
          {needsPot(what) && (
            <PotPicker
              label="The paint that should not be there"
              choices={potChoices(pots)}
              chosen={potId}
              onChoose={setPotId}
            />
          )}
        </div>
      )}
      {what && <MishapModels all={modelsIn(task, models)} chosen={models} onChoose={setModels} />}
      {problem && <p role="alert">{problem}</p>}
      {what && answer && <Mends rescued={answer} onFix={(one) => mend(one, answer)} />}
      <Button variant="plain" onClick={onClose}>
        Close
      </Button>
    </PanelBox>
  );
}

/** The recipe that was last painted on a surface of a model. */
function lastOn(
  entries: BenchPartProps['hand']['log']['entries'],
  unitId: string,
  surfaceId: string,
  model: number,
): { recipeId: string; version: number | null } | null {
  const entry = entries.findLast(
    (each) =>
      each.kind === 'coat' &&
      each.where.unitId === unitId &&
      each.where.surfaceId === surfaceId &&
      each.where.models.includes(model),
  );
  return entry?.kind === 'coat' ? { recipeId: entry.recipeId, version: entry.version } : null;
}

function modelsIn({ models, waiting }: BenchNow['task'], chosen: readonly number[]): number[] {
  const all = [...models, ...waiting.map(({ model }) => model), ...chosen];
  return [...new Set(all)].sort((one, other) => one - other);
}
