/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { useRemembered } from './useRemembered';

function Found() {
  const [found, setFound] = useRemembered('found', () => 'nothing');
  return <button onClick={() => setFound('three mixes')}>{found}</button>;
}

test('going back finds what was found; coming by a link does not', async () => {
  const router = createMemoryRouter(
    [
      { path: '/match', element: <Found /> },
      { path: '/palette', element: <p>palette</p> },
    ],
    { initialEntries: ['/match'] },
  );
  render(<RouterProvider router={router} />);
  fireEvent.click(screen.getByRole('button', { name: 'nothing' }));
  await act(() => router.navigate('/palette'));
  await act(() => router.navigate(-1));
  expect(screen.getByRole('button', { name: 'three mixes' })).toBeTruthy();
  await act(() => router.navigate('/palette'));
  await act(() => router.navigate('/match'));
  expect(screen.getByRole('button', { name: 'nothing' })).toBeTruthy();
});
