/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { keepHere, useKeptHere } from './useKeptHere';
import { useOpenHere } from './useOpenHere';

function Page() {
  const [search, setSearch] = useKeptHere<string>('search', '');
  const [limit, setLimit] = useKeptHere<number>('limit', 30);
  const [isAll, setAll] = useKeptHere<boolean>('all', false);
  return (
    <>
      <input
        aria-label="Search"
        value={search}
        onChange={(event) => setSearch(event.target.value)}
      />
      <button onClick={() => setLimit(limit + 30)}>{limit} shown</button>
      <button onClick={() => setAll(!isAll)}>{isAll ? 'all' : 'some'}</button>
    </>
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Search');

beforeEach(() => window.history.replaceState(null, ''));

test('who comes back finds the page as it was left', () => {
  const first = render(<Page />);
  fireEvent.input(field(), { target: { value: 'cloak' } });
  fireEvent.click(screen.getByText('30 shown'));
  fireEvent.click(screen.getByText('some'));
  first.unmount();
  render(<Page />);
  expect(field().value).toBe('cloak');
  expect(screen.getByText('60 shown')).toBeTruthy();
  expect(screen.getByText('all')).toBeTruthy();
});

test('who comes to it anew does not', () => {
  const first = render(<Page />);
  fireEvent.input(field(), { target: { value: 'cloak' } });
  first.unmount();
  window.history.pushState({ key: 'another' }, '');
  render(<Page />);
  expect(field().value).toBe('');
});

test('it leaves what else stands in the history, and takes nothing of another kind', () => {
  window.history.replaceState({ key: 'router’s', idx: 3 }, '');
  keepHere('limit', 'many');
  render(<Page />);
  expect(screen.getByText('30 shown')).toBeTruthy();
  fireEvent.input(field(), { target: { value: 'x' } });
  expect(window.history.state).toMatchObject({ key: 'router’s', idx: 3 });
});

test('what sets it stays the same, so that what it is handed to need not be drawn anew', () => {
  expect.hasAssertions();
  const { result, rerender } = renderHook(() => [
    useKeptHere<string>('search', '')[1],
    useOpenHere()[1],
  ]);
  const before = result.current;
  act(() => before[1]('peat'));
  rerender();
  result.current.forEach((setter, index) => expect(setter).toBe(before[index]));
});
