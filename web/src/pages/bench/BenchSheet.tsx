import { keepings, lineLimit, rooms, type Bench, type Unit } from '@yellow-ledger/core';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import { Choice } from '../../parts/Choice';
import { painterHere } from '../../ledger/log/painterHere';
import { useWriter } from '../../ledger/useWriter';
import type { BenchPartProps } from './benchPart';
import { chimeSetting } from './chime';
import { FoundSheet } from './FoundSheet';
import { usePedalLearning } from './usePedal';
import { PanelBox } from './PanelBox';

export interface BenchSheetProps extends Omit<BenchPartProps, 'view'> {
  onClose: () => void;
}

const keepingNames: Record<Bench['keeping'], string> = {
  open: 'on an open dish',
  damp: 'over a damp sheet',
  covered: 'damp and covered',
};

/** The room, the pedal, the sound; what was painted before; putting the bench away. */
export function BenchSheet(props: BenchSheetProps) {
  const { bench, army, onClose } = props;
  const writer = useWriter();
  const navigate = useNavigate();
  const pedal = usePedalLearning();
  const [isChimeOn, setIsChimeOn] = useState(chimeSetting.isOn);
  const change = (label: string, part: Partial<Bench>) =>
    writer.change('benches', bench.id, label, (now) => ({ ...now, ...part }));
  return (
    <PanelBox label="Bench settings">
      <div className="bench-fields">
        <Choice
          label="Room"
          value={bench.room}
          onChoose={(room) => change('change the room', { room: room as Bench['room'] })}
        >
          {rooms.map((room) => (
            <option key={room}>{room}</option>
          ))}
        </Choice>
        <Choice
          label="Palette kept"
          value={bench.keeping}
          onChoose={(keeping) =>
            change('keep the palette another way', { keeping: keeping as Bench['keeping'] })
          }
        >
          {keepings.map((keeping) => (
            <option key={keeping} value={keeping}>
              {keepingNames[keeping]}
            </option>
          ))}
        </Choice>
        <Form.Check
          type="switch"
          id="bench-dryer"
          label="A hair dryer is used"
          checked={bench.hairDryer}
          onChange={(event) =>
            change('use a hair dryer or not', { hairDryer: event.target.checked })
          }
        />
        <Form.Check
          type="switch"
          id="bench-chime"
          label="A sound when something is dry"
          checked={isChimeOn}
          onChange={(event) => {
            chimeSetting.turn(event.target.checked);
            setIsChimeOn(event.target.checked);
          }}
        />
        <label>
          Who paints at this device
          <Form.Control
            dir="auto"
            autoComplete="off"
            maxLength={lineLimit}
            defaultValue={painterHere.name()}
            onChange={(event) => painterHere.say(event.target.value)}
          />
        </label>
        <p>
          Foot pedal: <kbd>{pedal.key === ' ' ? 'Space' : pedal.key}</kbd>{' '}
          <button type="button" className="plain-button" onClick={pedal.learn}>
            {pedal.isLearning ? 'Press the pedal now …' : 'Another key'}
          </button>
        </p>
      </div>
      {bench.hairDryer && (
        <p className="now-caution">
          Warm air only, at arm’s length and never over solvents or wet varnish: vapour can catch
          fire. Read the maker’s sheet.
        </p>
      )}
      <FoundSheet {...props} />
      <WhoIsHere units={army.units} bench={bench} />
      <div className="pot-actions">
        <button
          type="button"
          className="outline-button"
          onClick={() => {
            change('put the bench away', { isCleared: true });
            void navigate('/bench');
          }}
        >
          Put the bench away
        </button>
        <button type="button" className="plain-button" onClick={onClose}>
          Close
        </button>
      </div>
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
