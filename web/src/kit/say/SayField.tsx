import type { PotNames, SentenceMark } from '@yellow-ledger/core';
import { useCombobox } from 'downshift';
import { useDeferredValue, useId, useMemo, useRef, type RefObject } from 'react';
import Overlay from 'react-bootstrap/Overlay';
import { Swatch } from '../paint/Swatch';
import { potCompletions, type Completion } from './potCompletions';
import './say.scss';

export interface SayFieldProps {
  id?: string;
  label: string;
  sentence: string;
  marks: readonly SentenceMark[];
  names: PotNames;
  placeholder?: string;
  field?: RefObject<HTMLInputElement | null>;
  /** the identifier of what tells how it was read */
  toldBy?: string;
  onSay: (sentence: string) => void;
  onEnter: () => void;
  onEscape?: () => void;
}

/** A line said in words: names of pots are completed while they are typed. */
export function SayField(props: SayFieldProps) {
  const { label, sentence, marks, names, placeholder, field, toldBy, onSay, onEnter, onEscape } =
    props;
  const own = useId();
  const around = useRef<HTMLDivElement>(null);
  const items = useMemo(() => potCompletions(sentence, names), [sentence, names]);
  const { isOpen, highlightedIndex, closeMenu, ...ask } = useCombobox<Completion>({
    id: own,
    inputId: props.id ?? `${own}-field`,
    items,
    inputValue: sentence,
    selectedItem: null,
    itemToString: (item) => item?.sentence ?? sentence,
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem) onSay(selectedItem.sentence);
    },
    stateReducer: (state, { type, changes }) => {
      // Escape closes the list, and leaves what was typed.
      if (type === useCombobox.stateChangeTypes.InputKeyDownEscape)
        return { ...changes, inputValue: state.inputValue };
      if (type === useCombobox.stateChangeTypes.InputBlur)
        return { ...changes, inputValue: state.inputValue, selectedItem: null };
      return changes;
    },
  });
  // Asked for at every drawing, as the box expects: the list itself is only drawn while it is open.
  ask.getMenuProps({}, { suppressRefError: true });
  const isListed = isOpen && items.length > 0;
  // The letter shows before the list opens.
  const isDrawn = useDeferredValue(isListed) && isListed;
  return (
    <div className="say-field" ref={around}>
      <input
        {...ask.getInputProps({
          ref: field,
          // At once, and not when the box has thought about it: the caret stays where it is.
          onChange: ({ currentTarget }: React.ChangeEvent<HTMLInputElement>) =>
            onSay(currentTarget.value),
          onKeyDown: (event: React.KeyboardEvent) => {
            const native = event.nativeEvent as KeyboardEvent & {
              preventDownshiftDefault?: boolean;
            };
            if (event.key === 'Enter' && !(isListed && highlightedIndex >= 0)) {
              native.preventDownshiftDefault = true;
              event.preventDefault();
              // The only pot that goes on as it is typed is taken; the next Enter is for the line.
              const only = isListed && items.length === 1 && marks.length > 0 ? items[0] : null;
              closeMenu();
              if (only) onSay(only.sentence);
              else onEnter();
            }
            if (event.key === 'Tab' && isListed && items.length === 1) {
              event.preventDefault();
              onSay(items[0].sentence);
            }
            if (event.key === 'Escape' && !isListed) {
              native.preventDownshiftDefault = true;
              onEscape?.();
            }
          },
        })}
        aria-label={label}
        aria-labelledby={undefined}
        aria-invalid={marks.length > 0 || undefined}
        aria-describedby={toldBy}
        className="form-control"
        placeholder={placeholder}
        autoCapitalize="none"
        autoComplete="off"
        spellCheck={false}
        enterKeyHint="done"
      />
      <Overlay target={around} show={isDrawn} placement="bottom-start" transition={false} flip>
        {({ ref, style }) => (
          <ul
            {...ask.getMenuProps({ ref }, { suppressRefError: true })}
            aria-label="Pots by this name"
            aria-labelledby={undefined}
            className="pot-picker-list"
            style={style}
          >
            {items.map((item, index) => (
              <li
                key={item.potId}
                {...ask.getItemProps({ item, index })}
                className="pot-picker-choice"
                data-focused={index === highlightedIndex || undefined}
              >
                <Swatch hex={item.hex} />
                <span dir="auto">{item.name}</span>
              </li>
            ))}
          </ul>
        )}
      </Overlay>
    </div>
  );
}
