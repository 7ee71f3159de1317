/** @jest-environment ./scripts/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import PotComboBox from './PotComboBox';

const choices = [
  { id: 'peat', name: 'Peat', hex: '#33261d', hint: 'paint' },
  { id: 'fen', name: 'Fen Umber', hex: '#5b4128', hint: 'paint' },
  { id: 'tallow', name: 'Tallow', hex: '#e2d6b4' },
];

// The list is not there while it is closed, which downshift takes for forgotten in development.
const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
afterEach(() => {
  const other = said.mock.calls.filter(([message]) => !String(message).includes('getMenuProps'));
  expect(other).toEqual([]);
});

function open() {
  const chosen: string[] = [];
  function Stand() {
    const [id, setId] = useState('peat');
    return (
      <PotComboBox
        label="Pot 1"
        choices={choices}
        chosen={id}
        onChoose={(next) => {
          chosen.push(next);
          setId(next);
        }}
      />
    );
  }
  render(<Stand />);
  const field = screen.getByRole<HTMLInputElement>('combobox', { name: 'Pot 1' });
  const type = (value: string) => act(() => fireEvent.input(field, { target: { value } }));
  const press = (key: string) => act(() => fireEvent.keyDown(field, { key }));
  const listed = () => screen.queryAllByRole('option').map(({ textContent }) => textContent);
  return { chosen, field, type, press, listed };
}

test('shows what is chosen and lists all when it is come to', () => {
  const { field, listed } = open();
  expect(field.value).toBe('Peat');
  act(() => field.focus());
  expect(listed()).toEqual(['Peatpaint', 'Fen Umberpaint', 'Tallow']);
});

test('a part of a name narrows the list, wherever it stands in it and in either case', () => {
  const { type, listed } = open();
  type('UMB');
  expect(listed()).toEqual(['Fen Umberpaint']);
  type('no such');
  expect(listed()).toEqual([]);
});

test('Enter takes what the arrows have reached, and tells it once', () => {
  const { type, press, chosen, field } = open();
  type('al');
  press('ArrowDown');
  press('Enter');
  expect(chosen).toEqual(['tallow']);
  expect(field.value).toBe('Tallow');
});

test('Escape and leaving bring back what was chosen', () => {
  const { type, press, chosen, field } = open();
  type('fen');
  press('Escape');
  expect(field.value).toBe('Peat');
  type('tal');
  act(() => fireEvent.blur(field));
  expect(field.value).toBe('Peat');
  expect(chosen).toEqual([]);
});
