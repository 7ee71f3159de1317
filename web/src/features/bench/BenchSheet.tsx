import { hairDryerCaution, keepings, rooms, type Bench, type Unit } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useWriter } from '../../data/useWriter';
import { Select } from '../../kit/Select';
import { ActionBar } from '../../kit/ActionBar';
import { Problem } from '../../kit/Problem';
import { Switch } from '../../kit/field/Switch';
import { standardOptions } from '../../kit/words/standards';
import { keepingNames } from '../../kit/words/keepingNames';
import type { BenchPartProps } from './benchPart';
import { chimeSetting } from './signals/chime';
import { PainterName } from './people/PainterName';
import { FoundSheet } from './mishap/FoundSheet';
import { PanelBox } from './PanelBox';
import { useGiveBack } from './people/useGiveBack';
import { usePedalLearning } from './signals/usePedal';

export interface BenchSheetProps extends Omit<BenchPartProps, 'view'> {
  onClose: () => void;
}

/** The room, the pedal, the sound; what was painted before; putting the bench away. */
export function BenchSheet(props: BenchSheetProps) {
  const { bench, army, onClose } = props;
  const writer = useWriter();
  const navigate = useNavigate();
  const giveBack = useGiveBack(bench);
  const pedal = usePedalLearning();
  const [isChimeOn, setIsChimeOn] = useState(chimeSetting.isOn);
  const change = (label: string, part: Partial<Bench>) =>
    writer.change('benches', bench.id, label, (now) => ({ ...now, ...part }));
  return (
    <PanelBox label="Bench settings">
      <div className="flow">
        <Select
          label="Room"
          value={bench.room}
          onChoose={(room) => change('change the room', { room })}
          options={rooms}
        />
        <Select
          label="Palette kept"
          value={bench.keeping}
          onChoose={(keeping) => change('keep the palette another way', { keeping })}
          options={keepings.map((id) => ({ id, name: keepingNames[id] }))}
        />
        <Select
          label="Standard"
          value={bench.standard ?? ''}
          onChoose={(standard) =>
            writer.change(
              'benches',
              bench.id,
              'change the standard',
              ({ standard: _before, ...now }) => ({
                ...now,
                ...(standard !== '' && { standard }),
              }),
            )
          }
          options={[{ id: '', name: 'what the recipes say' }, ...standardOptions]}
        />
        <Switch
          label="A hair dryer is used"
          isOn={bench.hairDryer}
          onTurn={(hairDryer) => change('use a hair dryer or not', { hairDryer })}
        />
        <Switch
          label="A sound when something is dry"
          isOn={isChimeOn}
          onTurn={(isOn) => {
            chimeSetting.turn(isOn);
            setIsChimeOn(isOn);
          }}
        />
        <PainterName />
        <p>
          Foot pedal: <kbd>{pedal.key === ' ' ? 'Space' : pedal.key}</kbd>{' '}
          <Button variant="plain" onClick={pedal.learn}>
            {pedal.isLearning ? 'Press the pedal now …' : 'Another key'}
          </Button>
        </p>
      </div>
      {bench.hairDryer && <Problem role="note">{hairDryerCaution}</Problem>}
      <FoundSheet {...props} />
      <WhoIsHere units={army.units} bench={bench} />
      <ActionBar>
        <Button
          variant="outline"
          onClick={() => {
            change('put the bench away', { isCleared: true });
            giveBack();
            void navigate('/bench');
          }}
        >
          Put the bench away
        </Button>
        <Button variant="plain" onClick={onClose}>
          Close
        </Button>
      </ActionBar>
    </PanelBox>
  );
}

/** Which models stand on this bench. */
function WhoIsHere({ units, bench }: { units: readonly Unit[]; bench: Bench }) {
  const here = units.filter(
    ({ id }) => bench.models.length === 0 || bench.models.some(({ unitId }) => unitId === id),
  );
  return (
    <p className="quiet" dir="auto">
      On this bench:{' '}
      {here
        .map(({ id, name, models, surfaces }) => {
          const ranges = bench.models.filter(({ unitId }) => unitId === id);
          const numbers =
            ranges.length === 0
              ? `1–${models}`
              : ranges.map(({ from, to }) => (from === to ? from : `${from}–${to}`)).join(', ');
          return `${name} ${numbers}, ${surfaces.length} surfaces`;
        })
        .join('; ')}
      .
    </p>
  );
}
