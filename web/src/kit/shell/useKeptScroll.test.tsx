/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { createMemoryRouter, Link, Outlet, RouterProvider } from 'react-router';
import { useKeptScroll } from './useKeptScroll';

const scrolled: number[] = [];
let top = 0;

beforeEach(() => {
  sessionStorage.clear();
  scrolled.splice(0);
  top = 0;
  Object.assign(window, {
    scrollTo: (_left: number, to: number) => {
      top = to;
      scrolled.push(to);
    },
    ResizeObserver: class {
      observe = () => undefined;
      disconnect = () => undefined;
    },
    requestAnimationFrame: (then: () => void) => {
      then();
      return 0;
    },
  });
  Object.defineProperty(window, 'scrollY', { configurable: true, get: () => top });
});

function Shell() {
  useKeptScroll(['/recipes']);
  return (
    <>
      <Link to="/recipes">list</Link>
      <Link to="/recipes/one">one</Link>
      <Outlet />
    </>
  );
}

function opened() {
  const router = createMemoryRouter(
    [{ element: <Shell />, children: [{ path: '*', element: <p>page</p> }] }],
    { initialEntries: ['/recipes'] },
  );
  render(<RouterProvider router={router} />);
  return router;
}

const scrollTo = (to: number) => {
  fireEvent.wheel(window);
  top = to;
  fireEvent.scroll(window);
};
const go = (name: string) => fireEvent.click(screen.getByRole('link', { name }));

test('a page that is gone to opens at its top', () => {
  opened();
  scrollTo(500);
  go('one');
  expect(scrolled.at(-1)).toBe(0);
});

test('going back, and going to a main page, finds the place where it was left', async () => {
  const router = opened();
  scrollTo(500);
  go('one');
  scrollTo(120);
  go('list');
  expect(scrolled.at(-1)).toBe(500);
  await act(() => router.navigate(-1));
  expect(scrolled.at(-1)).toBe(120);
});

test('a page left by a key before the next frame is found where it was', () => {
  opened();
  fireEvent.wheel(window);
  top = 300;
  fireEvent.keyDown(window, { key: '2' });
  go('one');
  go('list');
  expect(scrolled.at(-1)).toBe(300);
});

test('a hand that moves the page is not held against', () => {
  opened();
  scrollTo(500);
  go('one');
  go('list');
  scrollTo(40);
  expect(scrolled.at(-1)).toBe(500);
  expect(top).toBe(40);
});
