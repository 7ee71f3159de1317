import Form from 'react-bootstrap/Form';
import { lazyPage } from '../lazy/lazyPage';
import type { PotPickerProps } from './potChoice';
import { Swatch } from '../paint/Swatch';
import './potPicker.scss';

/** Chooses a pot (or a mix carried forward). */
export const PotPicker = lazyPage(
  async () => (await import('./PotComboBox')).default,
  function PotList({ label, choices, chosen, onChoose }: PotPickerProps) {
    return (
      <div className="pot-picker">
        <Swatch hex={choices.find(({ id }) => id === chosen)?.hex ?? '#808080'} />
        <Form.Select
          size="sm"
          aria-label={label}
          value={chosen}
          onChange={({ target }) => onChoose(target.value)}
        >
          {chosen === '' && <option value="">choose …</option>}
          {choices.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </div>
    );
  },
);
