/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { lazyComponent } from './lazyComponent';

const leaf = { default: ({ name }: { name: string }) => <p>Leaf of {name}</p> };

function show(load: () => Promise<typeof leaf>) {
  const Leaf = lazyComponent(load);
  render(
    <>
      <p>The page around it</p>
      <Suspense fallback={<p>Fetching it …</p>}>
        <Leaf name="Reed cloak" />
      </Suspense>
    </>,
  );
}

/** The server’s page, as it answers for it; null where it does not. */
function serve(page: string | null) {
  const asked = jest.fn(() =>
    page === null
      ? Promise.reject(new TypeError('Failed to fetch'))
      : Promise.resolve({ ok: true, text: () => Promise.resolve(page) }),
  );
  Object.assign(globalThis, { fetch: asked });
}

const scriptOfPage = (src: string) => {
  const script = document.createElement('script');
  Object.assign(script, { type: 'module', src });
  document.head.append(script);
};

beforeEach(() => {
  document.head.innerHTML = '';
  scriptOfPage('/assets/main-old.js');
  serve(null);
});

test('a part is fetched when it is first shown', async () => {
  show(() => Promise.resolve(leaf));
  expect(await screen.findByText('Leaf of Reed cloak')).toBeTruthy();
  expect(screen.queryByRole('button')).toBeNull();
});

test('one that cannot be fetched breaks nothing around it, and comes when it is asked for again', async () => {
  let isAway = true;
  show(() => (isAway ? Promise.reject(new TypeError('Failed to fetch')) : Promise.resolve(leaf)));
  const again = await screen.findByRole('button', { name: 'Try again' });
  expect(screen.getByText('The page around it')).toBeTruthy();
  fireEvent.click(again);
  await screen.findByRole('button', { name: 'Try again' });
  isAway = false;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText('Leaf of Reed cloak')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull();
});

test('an old page says that the server was updated, and loads the newer page', async () => {
  serve('<script type="module" src="/assets/main-new.js"></script>');
  show(() => Promise.reject(new TypeError('Failed to fetch')));
  expect(await screen.findByText(/older than the server/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Load the newer page' })).toBeTruthy();
  expect(screen.queryByText(/does not answer/)).toBeNull();
});

test('where the server has the same page, it is not said to be away', async () => {
  serve('<script type="module" src="/assets/main-old.js"></script>');
  show(() => Promise.reject(new TypeError('Failed to fetch')));
  expect(await screen.findByRole('button', { name: 'Try again' })).toBeTruthy();
  expect(screen.queryByText(/does not answer|older/)).toBeNull();
});
