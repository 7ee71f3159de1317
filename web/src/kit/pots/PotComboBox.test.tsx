/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import PotComboBox from './PotComboBox';

const choices = [
  { id: 'peat', name: 'Peat', hex: '#33261d', hint: 'paint' },
  { id: 'fen', name: 'Fen Umber', hex: '#5b4128', hint: 'paint' },
  { id: 'tallow', name: 'Tallow', hex: '#e2d6b4' },
];

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
  /** Done, and the list put in its place, which takes another turn. */
  const settled = (deed: () => void) =>
    act(async () => {
      deed();
      await Promise.resolve();
    });
  const type = (value: string) =>
    settled(() => void fireEvent.change(field, { target: { value } }));
  const press = (key: string) => settled(() => void fireEvent.keyDown(field, { key }));
  const listed = () => screen.queryAllByRole('option').map(({ textContent }) => textContent);
  return { chosen, field, type, press, listed, settled };
}

test('shows what is chosen and lists all when it is come to', async () => {
  const { field, listed, settled } = open();
  expect(field.value).toBe('Peat');
  await settled(() => field.focus());
  expect(listed()).toEqual(['Peatpaint', 'Fen Umberpaint', 'Tallow']);
});

test('a part of a name narrows the list, wherever it stands in it and in either case', async () => {
  const { type, listed } = open();
  await type('UMB');
  expect(listed()).toEqual(['Fen Umberpaint']);
  await type('no such');
  expect(listed()).toEqual([]);
});

test('Enter takes the only choice that is left, and none where there are several', async () => {
  const { type, press, chosen, field } = open();
  await type('a');
  await press('Enter');
  expect(chosen).toEqual([]);
  await type('umb');
  await press('Enter');
  expect(chosen).toEqual(['fen']);
  expect(field.value).toBe('Fen Umber');
});

test('Enter takes what the arrows have reached, and tells it once', async () => {
  const { type, press, chosen, field } = open();
  await type('al');
  await press('ArrowDown');
  await press('Enter');
  expect(chosen).toEqual(['tallow']);
  expect(field.value).toBe('Tallow');
});

test('Escape and leaving restore what was chosen', async () => {
  const { type, press, chosen, field, settled } = open();
  await type('fen');
  await press('Escape');
  expect(field.value).toBe('Peat');
  await type('tal');
  await settled(() => void fireEvent.blur(field));
  expect(field.value).toBe('Peat');
  expect(chosen).toEqual([]);
});
