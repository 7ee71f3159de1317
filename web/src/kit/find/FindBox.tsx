import { useCombobox } from 'downshift';
import { useMemo, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { useNavigate } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { Swatch } from '../paint/Swatch';
import { findables, found, type Findable } from './findable';
import type { Command } from '../shell/commands';
import './find.scss';

export interface FindBoxProps {
  commands: readonly Command[];
  onClose: () => void;
}

/** Search over everything, from anywhere: pots, recipes, lines, units, wells, screens, actions. */
export default function FindBox({ commands, onClose }: FindBoxProps) {
  const { kept: pots = none } = useRecords('pots');
  const { kept: recipes = none } = useRecords('recipes');
  const { kept: armies = none } = useRecords('armies');
  const { kept: benches = none } = useRecords('benches');
  const { kept: palettes = none } = useRecords('palettes');
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const all = useMemo(
    () => findables({ pots, recipes, armies, benches, palettes, commands }),
    [pots, recipes, armies, benches, palettes, commands],
  );
  const items = useMemo(() => found(all, typed), [all, typed]);
  const go = ({ address, does }: Findable) => {
    onClose();
    if (does) does();
    else void navigate(address);
  };
  const { highlightedIndex, ...ask } = useCombobox<Findable>({
    items,
    isOpen: true,
    inputValue: typed,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (item) => item?.name ?? '',
    itemToKey: (item) => item?.key,
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem) go(selectedItem);
    },
  });
  return (
    <Modal show onHide={onClose} aria-label="Find anything" scrollable>
      <div className="find-box">
        <input
          {...ask.getInputProps({
            autoFocus: true,
            onChange: ({ currentTarget }: React.ChangeEvent<HTMLInputElement>) =>
              setTyped(currentTarget.value),
            onKeyDown: (event: React.KeyboardEvent) => {
              if (event.key === 'Escape') onClose();
            },
          })}
          aria-label="Find a pot, a recipe, a line, a screen or an action"
          aria-labelledby={undefined}
          className="form-control"
          placeholder="A pot, a recipe, a line, a screen, an action …"
          autoComplete="off"
        />
        <ul
          {...ask.getMenuProps()}
          aria-label="Found"
          aria-labelledby={undefined}
          className="rows find-list"
        >
          {items.map((item, index) => (
            <li
              key={item.key}
              {...ask.getItemProps({ item, index })}
              className="pot-picker-choice"
              data-focused={index === highlightedIndex || undefined}
            >
              {item.hex && <Swatch hex={item.hex} />}
              <span dir="auto">{item.name}</span>
              <small>{item.kind}</small>
            </li>
          ))}
        </ul>
        {items.length === 0 && <p role="status">Nothing of that name.</p>}
      </div>
    </Modal>
  );
}

const none: readonly never[] = [];
