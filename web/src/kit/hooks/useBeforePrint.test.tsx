/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { useBeforePrint } from './useBeforePrint';

function Evening() {
  const [isOpen, setIsOpen] = useState(false);
  useBeforePrint(() => setIsOpen(true));
  return <p>{isOpen ? 'all jobs' : 'closed'}</p>;
}

test('a closed part is open when the browser prints, whoever asked for it', () => {
  const { unmount } = render(<Evening />);
  expect(screen.queryByText('closed')).not.toBeNull();
  act(() => void window.dispatchEvent(new Event('beforeprint')));
  expect(screen.queryByText('all jobs')).not.toBeNull();
  unmount();
  expect(() => window.dispatchEvent(new Event('beforeprint'))).not.toThrow();
});
