/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import type { Pot } from '@yellow-ledger/core';
import { Provider } from 'react-redux';
import { WriterContext } from '../../data/useWriter';
import { pots } from '../../testing/levy';
import { FakeServer, openPage } from '../../testing/tryWriter';
import { SwatchesToRead } from './SwatchesToRead';

jest.mock('../../workers/ledgerWorker', () => ({
  workerSync: { tell: () => ({}) },
  ledgerWorker: {},
}));

const wash = (id: string, part: Partial<Pot> = {}): Pot => ({
  ...pots[0],
  id,
  name: id,
  kind: 'wash',
  ...part,
});

async function open(...shelf: Pot[]) {
  const server = new FakeServer();
  const kept = shelf.map((pot) => server.put('pots', pot) as { content: Pot; revision: number });
  const page = await openPage(server);
  const { container } = render(
    <Provider store={page.store}>
      <WriterContext.Provider value={page.writer}>
        <SwatchesToRead kept={kept as never} />
      </WriterContext.Provider>
    </Provider>,
  );
  return { server, container, writer: page.writer };
}

const unfold = () =>
  fireEvent.click(
    screen.getByRole('button', { name: /1 wash, ink or one-coat paint: is the swatch/ }),
  );

test('asks of what lets light through and has not been said, and of nothing else', async () => {
  await open(
    wash('Bog Wash'),
    wash('Said', { swatchShows: 'one coat over white' }),
    wash('Gone', { retired: true }),
    { ...pots[0], id: 'paint', name: 'Paint' },
  );
  unfold();
  expect(screen.getAllByRole('listitem')).toHaveLength(1);
  expect(screen.getByText('Bog Wash')).toBeTruthy();
});

test('says nothing where all has been said', async () => {
  const { container } = await open(wash('Said', { swatchShows: 'thick and dry' }));
  expect(container.textContent).toBe('');
});

test('the owner’s word is kept with the pot', async () => {
  const { server, writer } = await open(wash('Bog Wash'));
  unfold();
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'one coat over white' }));
    await writer.settled('pots', 'Bog Wash');
  });
  expect(server.content('pots', 'Bog Wash')).toMatchObject({ swatchShows: 'one coat over white' });
});
