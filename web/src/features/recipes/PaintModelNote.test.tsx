/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { PaintModelNote } from './PaintModelNote';

beforeEach(() => localStorage.clear());
const before = [{ savedAt: '2026-10-02T18:00:00.000Z' }, { savedAt: '2026-12-02T18:00:00.000Z' }];

test('who has recipes from before is told once that colours changed', () => {
  const { unmount } = render(<PaintModelNote rows={before} />);
  expect(screen.getByRole('note').textContent).toContain('half changed by more than 1 ΔE00');
  fireEvent.click(screen.getByRole('button', { name: 'I have read it' }));
  expect(screen.queryByRole('note')).toBeNull();
  unmount();
  render(<PaintModelNote rows={before} />);
  expect(screen.queryByRole('note')).toBeNull();
});

test('a ledger begun since then is told nothing', () => {
  render(<PaintModelNote rows={before.slice(1)} />);
  expect(screen.queryByRole('note')).toBeNull();
});
