/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { fetched } from './fetched';

const leaf = { default: ({ name }: { name: string }) => <p>Leaf of {name}</p> };

function show(load: () => Promise<typeof leaf>) {
  const Leaf = fetched(load);
  render(
    <>
      <p>The page around it</p>
      <Suspense fallback={<p>Fetching it …</p>}>
        <Leaf name="Reed cloak" />
      </Suspense>
    </>,
  );
}

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
