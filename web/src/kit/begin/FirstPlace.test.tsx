/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { MemoryRouter, Route, Routes } from 'react-router';
import { coat } from '../../testing/levy';
import { FakeServer, openPage } from '../../testing/tryWriter';
import { FirstPlace } from './FirstPlace';

async function shown() {
  const server = new FakeServer();
  server.put('recipes', coat);
  const { store } = await openPage(server);
  await act(async () => {
    render(
      <Provider store={store}>
        <MemoryRouter>
          <Routes>
            <Route path="/" element={<FirstPlace />} />
            <Route path="/recipes" element="the recipes" />
          </Routes>
        </MemoryRouter>
      </Provider>,
    );
  });
}

afterEach(() => window.history.replaceState(null, '', '/'));

test('the first page of a ledger with recipes is their list', async () => {
  await shown();
  expect(await screen.findByText('the recipes')).toBeTruthy();
});

test('a page that was chosen meanwhile is not replaced', async () => {
  window.history.replaceState(null, '', '/shelf');
  await shown();
  expect(screen.getByText('Opening the ledger …')).toBeTruthy();
});
