import { useMemo } from 'react';
import {
  Button,
  ComboBox,
  Input,
  ListBox,
  ListBoxItem,
  Popover,
  type Key,
} from 'react-aria-components';
import { BsChevronDown } from 'react-icons/bs';
import type { PotChoice, PotPickerProps } from './potChoice';
import { Swatch } from './Swatch';

/** Chooses a pot (or a mix carried forward) by typing a part of its name, or from the list. */
export default function PotComboBox({ label, choices, chosen, onChoose }: PotPickerProps) {
  const current = useMemo(() => choices.find(({ id }) => id === chosen), [choices, chosen]);
  return (
    <div className="pot-picker">
      {current && <Swatch hex={current.hex} />}
      <ComboBox
        aria-label={label}
        defaultItems={choices}
        selectedKey={chosen}
        onSelectionChange={(key: Key | null) => {
          if (key !== null && key !== chosen) onChoose(String(key));
        }}
        menuTrigger="focus"
      >
        <div className="pot-picker-field">
          <Input className="form-control form-control-sm" />
          <Button className="pot-picker-open" aria-label={`${label}: list`}>
            <BsChevronDown aria-hidden />
          </Button>
        </div>
        <Popover className="pot-picker-list">
          <ListBox<PotChoice>>
            {({ id, name, hex, hint }) => (
              <ListBoxItem id={id} textValue={name} className="pot-picker-choice">
                <Swatch hex={hex} />
                <span dir="auto">{name}</span>
                {hint && <small>{hint}</small>}
              </ListBoxItem>
            )}
          </ListBox>
        </Popover>
      </ComboBox>
    </div>
  );
}
