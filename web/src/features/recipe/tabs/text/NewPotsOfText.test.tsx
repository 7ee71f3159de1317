/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { PotNames, proposedLines, readProposed, type Pot, type Recipe } from '@yellow-ledger/core';
import { Provider } from 'react-redux';
import { WriterContext } from '../../../../data/useWriter';
import { coat, pots } from '../../../../testing/levy';
import { FakeServer, openPage } from '../../../../testing/tryWriter';
import { NewPotsOfText } from './NewPotsOfText';

jest.mock('../../../../workers/ledgerWorker', () => ({
  workerSync: { tell: () => ({}) },
  ledgerWorker: {},
}));

const names = new PotNames([{ ...pots[0], id: 'bone', name: 'Old Bone' }]);
const recipe: Recipe = { ...coat, steps: [] };
const beside = { names, recipe, above: [] };

async function show(text: string) {
  const read = readProposed(proposedLines(text, beside).lines, beside);
  const page = await openPage(new FakeServer());
  const put: Pot[] = [];
  page.writer.create = (_name, _label, content) => void put.push(content as Pot);
  await act(async () => {
    render(
      <Provider store={page.store}>
        <WriterContext.Provider value={page.writer}>
          <NewPotsOfText read={read} names={names} onLines={() => undefined} />
        </WriterContext.Provider>
      </Provider>,
    );
    // The pickers of pots are fetched when they are first drawn.
    await import('../../../../kit/pots/PotComboBox');
  });
  return put;
}

const press = (name: string) =>
  fireEvent.click(screen.getByRole('button', { name: `Put ${name} on the shelf` }));

test('a pot goes onto the shelf as its name has it: colour, kind and hiding guessed', async () => {
  const put = await show('base dark green\nwash brown wash 1:1 medium\nmatt varnish');
  press('dark green');
  press('matt varnish');
  expect(put).toMatchObject([
    { name: 'dark green', kind: 'paint', hidingIsGuess: true },
    { name: 'matt varnish', kind: 'varnish', hiding: 0 },
  ]);
  expect(screen.getAllByText(/Its colour is a guess by its name/).length).toBeGreaterThan(0);
});

test('a name that says no colour waits until one is chosen', async () => {
  const put = await show('base frog teapot');
  const button = screen.getByRole<HTMLButtonElement>('button', { name: /^Put frog teapot/ });
  expect(button.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText('Colour of frog teapot'), {
    target: { value: '#123456' },
  });
  fireEvent.change(screen.getByLabelText('Kind of frog teapot'), { target: { value: 'wash' } });
  press('frog teapot');
  expect(put).toMatchObject([{ name: 'frog teapot', kind: 'wash', swatch: '#123456' }]);
  expect(put[0].hiding).toBeLessThan(0.2);
});

test('each name is asked for once, and nothing is where all are known', async () => {
  await show('base frog teapot\nhighlight frog teapot + old bone');
  const list = within(screen.getByRole('region', { name: 'Pots that are not on the shelf' }));
  expect(list.getAllByRole('listitem')).toHaveLength(1);
});

test('where every pot is known nothing is asked', async () => {
  await show('base old bone');
  expect(screen.queryByRole('region', { name: 'Pots that are not on the shelf' })).toBeNull();
});
