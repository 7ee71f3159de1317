import { useCombobox, type UseComboboxState, type UseComboboxStateChangeOptions } from 'downshift';
import { useEffect, useMemo, useRef, useState } from 'react';
import Overlay from 'react-bootstrap/Overlay';
import { ChevronDown } from 'react-bootstrap-icons';
import type { PotChoice, PotPickerProps } from './potChoice';
import { Swatch } from '../paint/Swatch';

/** Chooses a pot (or a mix carried forward) by typing a part of its name, or from the list. */
export default function PotComboBox(props: PotPickerProps) {
  const { label, choices, chosen, onChoose, isAsked = false, onLeave } = props;
  const current = useMemo(() => choices.find(({ id }) => id === chosen), [choices, chosen]);
  /** what narrows the list; null until something is typed */
  const [typed, setTyped] = useState<string | null>(null);
  const items = useMemo(() => choices.filter(({ name }) => isIn(name, typed)), [choices, typed]);
  const field = useRef<HTMLDivElement>(null);
  const { isOpen, highlightedIndex, openMenu, ...ask } = useCombobox<PotChoice>({
    items,
    itemToString: (item) => item?.name ?? '',
    itemToKey: (item) => item?.id,
    selectedItem: current ?? null,
    stateReducer: (state, change) => keptOpenOrBack(state, change, current?.name ?? ''),
    onInputValueChange: ({ type, inputValue }) =>
      setTyped(type === useCombobox.stateChangeTypes.InputChange ? inputValue : null),
    onIsOpenChange: ({ isOpen: isNowOpen, selectedItem }) => {
      if (!isNowOpen && !selectedItem) onLeave?.();
    },
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem && selectedItem.id !== chosen) onChoose(selectedItem.id);
    },
  });
  // Asked for at every drawing, as the box expects: the list itself is only drawn while it is open.
  ask.getMenuProps({}, { suppressRefError: true });
  useEffect(() => {
    if (isAsked) field.current?.querySelector('input')?.focus();
  }, [isAsked]);
  return (
    <div className="pot-picker">
      {current && <Swatch hex={current.hex} />}
      <div className="pot-picker-field" ref={field}>
        <input
          {...ask.getInputProps({
            onFocus: () => openMenu(),
            onKeyDown: ({ key, nativeEvent }) => {
              // Escape with the list closed is for whatever the field is part of.
              if (key === 'Escape' && !isOpen)
                Object.assign(nativeEvent, { preventDownshiftDefault: true });
              const only = typed !== null && items.length === 1 ? items[0] : null;
              if (key === 'Enter' && isOpen && highlightedIndex < 0 && only) {
                // The box's own answer to Enter would take the choice back, and the form is not sent.
                Object.assign(nativeEvent, { preventDownshiftDefault: true });
                nativeEvent.preventDefault();
                ask.closeMenu();
                setTyped(null);
                if (only.id !== chosen) onChoose(only.id);
              }
            },
          })}
          aria-label={label}
          aria-labelledby={undefined}
          className="form-control form-control-sm"
        />
        <button
          {...ask.getToggleButtonProps()}
          type="button"
          className="pot-picker-open"
          aria-label={`${label}: list`}
        >
          <ChevronDown aria-hidden />
        </button>
      </div>
      <Overlay target={field} show={isOpen} placement="bottom-start" transition={false} flip>
        {({ ref, style }) => (
          <ul
            {...ask.getMenuProps({ ref }, { suppressRefError: true })}
            aria-label={label}
            aria-labelledby={undefined}
            className="pot-picker-list"
            style={{ ...style, minWidth: field.current?.offsetWidth }}
          >
            {items.map((item, index) => (
              <li
                key={item.id}
                {...ask.getItemProps({ item, index })}
                className="pot-picker-choice"
                data-focused={index === highlightedIndex || undefined}
                data-selected={item.id === chosen || undefined}
              >
                <Swatch hex={item.hex} />
                <span dir="auto">{item.name}</span>
                {item.hint && <small>{item.hint}</small>}
              </li>
            ))}
          </ul>
        )}
      </Overlay>
    </div>
  );
}

const isIn = (name: string, typed: string | null) =>
  typed === null || name.toLowerCase().includes(typed.trim().toLowerCase());

/** A press into the field keeps the list open; leaving it, or Escape, brings back what is chosen. */
function keptOpenOrBack(
  state: UseComboboxState<PotChoice>,
  { type, changes }: UseComboboxStateChangeOptions<PotChoice>,
  chosenName: string,
): Partial<UseComboboxState<PotChoice>> {
  switch (type) {
    case useCombobox.stateChangeTypes.InputClick:
      return { ...changes, isOpen: true };
    case useCombobox.stateChangeTypes.InputBlur:
    case useCombobox.stateChangeTypes.InputKeyDownEscape:
      return {
        ...changes,
        isOpen: false,
        selectedItem: state.selectedItem,
        inputValue: chosenName,
      };
    default:
      return changes;
  }
}
