/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, renderHook } from '@testing-library/react';
import { useSheetReading } from './useSheetReading';

/** A reader whose answers come when they are let in. */
function reader() {
  const asked: { told: (done: number) => void; answer: (read: string[] | null) => void }[] = [];
  return {
    asked,
    stop: jest.fn(async () => undefined),
    start: (_file: Blob, _called: string, told: (done: number) => void) =>
      new Promise<string[] | null>((answer) => asked.push({ told, answer })),
  };
}
const open = () => {
  const read: string[][] = [];
  const from = reader();
  const { result } = renderHook(() =>
    useSheetReading<string>(from as never, (all) => read.push(all)),
  );
  const begin = () => act(async () => void result.current.read(new Blob(), 'sheet'));
  return { ...from, read, result, begin };
};

test('tells how far it is, and then what was read', async () => {
  const { asked, read, result, begin } = open();
  await begin();
  expect(result.current.done).toBe(0);
  act(() => asked[0].told(12));
  expect(result.current.done).toBe(12);
  await act(async () => asked[0].answer(['umber']));
  expect(result.current.done).toBeNull();
  expect(read).toEqual([['umber']]);
});

test('progress that comes after the answer, or after it was stopped, is not shown', async () => {
  const { asked, result, begin } = open();
  await begin();
  await act(async () => asked[0].answer(['umber']));
  act(() => asked[0].told(60));
  expect(result.current.done).toBeNull();
  await begin();
  act(() => result.current.stop());
  act(() => asked[1].told(30));
  expect(result.current.done).toBeNull();
});

test('the end of a reading that was stopped does not hide the next', async () => {
  const { asked, result, begin } = open();
  await begin();
  act(() => result.current.stop());
  await begin();
  await act(async () => asked[0].answer(null));
  expect(result.current.done).toBe(0);
});
