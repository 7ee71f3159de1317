/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { storageQuota } from '../../data/offline/storageQuota';
import { connectionStatus } from '../../data/offline/connectionStatus';
import { createStore } from '../../data/store';
import { AwayMark } from './AwayMark';

test('it is said when what shows is only what the browser has, and no longer once the server answers', () => {
  render(
    <Provider store={createStore()}>
      <AwayMark />
    </Provider>,
  );
  expect(screen.queryByRole('status')).toBeNull();
  act(() => connectionStatus.unanswered());
  expect(screen.getByRole('status').textContent).toMatch(
    /has not answered since .*: what you see is what this browser had last; what you do waits here/,
  );
  act(() => connectionStatus.answered());
  expect(screen.queryByRole('status')).toBeNull();
  act(() => storageQuota.refused());
  expect(screen.getByRole('status').textContent).toMatch(/store is full/);
});
