import { useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Switch } from '../field/Switch';
import { shortcuts } from './shortcuts';
import { singleKeys } from './useShortcut';
import './keyboardHelp.scss';

const places = [...new Set(shortcuts.map(({ where }) => where))];

export default function KeyboardHelp({ onClose }: { onClose: () => void }) {
  const [areOn, setAreOn] = useState(singleKeys.areOn);
  return (
    <Modal show onHide={onClose} aria-labelledby="keyboard-help" scrollable>
      <Modal.Header closeButton>
        <Modal.Title id="keyboard-help" as="h2">
          Keys
        </Modal.Title>
      </Modal.Header>
      <Modal.Body tabIndex={0}>
        {places.map((place) => (
          <section key={place}>
            <h3>{place}</h3>
            <dl className="help-keys">
              {shortcuts
                .filter(({ where }) => where === place)
                .map(({ keys, does }) => (
                  <div key={does}>
                    <dt>
                      {keys.map((key) => (
                        <kbd key={key}>{key}</kbd>
                      ))}
                    </dt>
                    <dd>{does}</dd>
                  </div>
                ))}
            </dl>
          </section>
        ))}
        <Switch
          label="Single keys work (?, /, N, D)"
          isOn={areOn}
          onTurn={(isOn) => {
            singleKeys.turn(isOn);
            setAreOn(isOn);
          }}
        />
      </Modal.Body>
    </Modal>
  );
}
