/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { createStore } from '../../data/store';
import { pots } from '../../testing/levy';
import { potsOf, type Begun } from './begun';
import { LookThrough } from './LookThrough';

const given: Begun[][] = [];
const now = () => given.at(-1)!;

beforeEach(() => void given.splice(0));

function Table({ begun }: { begun: Begun[] }) {
  const [each, setEach] = useState(begun);
  const change = (next: Begun[]) => {
    given.push(next);
    setEach(next);
  };
  return <LookThrough begun={each} shelf={pots} onBegun={change} onPut={() => undefined} />;
}

const begun = (name: string, part: Partial<Begun> = {}): Begun => ({
  key: name,
  isIn: true,
  name,
  kind: 'paint',
  swatch: '#8a7f6a',
  hiding: 0.6,
  hidingIsGuess: true,
  notes: 'Colour not known yet.',
  tells: 'Nothing is known of it.',
  ...part,
});

const show = (...each: Begun[]) =>
  render(
    <Provider store={createStore()}>
      <MemoryRouter>
        <Table begun={each} />
      </MemoryRouter>
    </Provider>,
  );

const rowOf = (name: string) =>
  within(screen.getByRole('checkbox', { name: `${name} goes in` }).closest('tr')!);

test('a pot whose colour is chosen goes in, and says no longer that it is not known', () => {
  show(begun('Marsh Light', { isIn: false }), begun('Reed Ink'));
  expect(screen.getByRole('button', { name: 'Put 1 pot on the shelf' })).toBeTruthy();
  fireEvent.input(screen.getByLabelText('Colour of Marsh Light'), { target: { value: '#8fa06a' } });
  expect(screen.getByRole('button', { name: 'Put 2 pots on the shelf' })).toBeTruthy();
  const [marsh, reed] = potsOf(now());
  expect(marsh).toMatchObject({ swatch: '#8fa06a', notes: '', hidingIsGuess: true });
  expect(reed.notes).toBe('Colour not known yet.');
});

test('a name that is on the shelf, or missing, is said in its row while it is ticked', () => {
  show(begun(pots[0].name), begun('Reed Ink'));
  expect(rowOf(pots[0].name).getByText(/on the shelf already/)).toBeTruthy();
  fireEvent.click(screen.getByRole('checkbox', { name: `${pots[0].name} goes in` }));
  expect(screen.queryByText(/on the shelf already/)).toBeNull();
  fireEvent.input(screen.getByLabelText('Name of Reed Ink'), { target: { value: ' ' } });
  expect(screen.getByText('Give it a name.')).toBeTruthy();
  expect(
    screen.getByRole<HTMLButtonElement>('button', { name: 'Put 0 pots on the shelf' }).disabled,
  ).toBe(true);
});

test('all are ticked and unticked at once, and each keeps its kind and hiding', () => {
  show(begun('Marsh Light'), begun('Reed Ink', { isIn: false }));
  fireEvent.change(screen.getByLabelText('Kind of Reed Ink'), { target: { value: 'ink' } });
  fireEvent.change(screen.getByLabelText('Coverage of Reed Ink'), { target: { value: 'tint' } });
  fireEvent.click(screen.getByRole('checkbox', { name: 'Add' }));
  expect(potsOf(now()).map(({ name, kind }) => [name, kind])).toEqual([
    ['Marsh Light', 'paint'],
    ['Reed Ink', 'ink'],
  ]);
  expect(now()[1].hiding).toBeLessThan(now()[0].hiding);
  fireEvent.click(screen.getByRole('checkbox', { name: 'Add' }));
  expect(potsOf(now())).toEqual([]);
});
