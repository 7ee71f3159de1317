/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, renderHook } from '@testing-library/react';
import { z } from 'zod';
import { useLiveForm } from './useLiveForm';

const schema = z.strictObject({ name: z.string().min(1), parts: z.number().min(0).max(9) });
type Content = z.infer<typeof schema>;
const first: Content = { name: 'Peat', parts: 2 };

function open(unfinished?: unknown) {
  const valid: Content[] = [];
  const left: unknown[] = [];
  // Strict mode would leave and come back once at the start.
  const hook = renderHook(
    ({ value }: { value: Content }) =>
      useLiveForm({
        schema,
        value,
        unfinished,
        onValid: (content) => valid.push(content),
        onUnfinished: (typed) => left.push(typed),
      }),
    { initialProps: { value: first }, reactStrictMode: false },
  );
  const type = (name: keyof Content, typed: string | number) =>
    act(() => hook.result.current.setValue(name, typed, { shouldValidate: true }));
  const values = () => hook.result.current.getValues();
  return { ...hook, valid, left, type, values };
}

test('what is right counts at once, what is not does not', () => {
  const { type, valid } = open();
  type('name', 'Peat Brown');
  type('parts', 12);
  type('name', 'Peat');
  expect(valid).toEqual([{ name: 'Peat Brown', parts: 2 }]);
  type('parts', 3);
  expect(valid.at(-1)).toEqual({ name: 'Peat', parts: 3 });
});

test('an echo that comes late throws nothing away that was typed since', () => {
  const { type, rerender, values, valid } = open();
  type('name', 'Pe');
  type('name', 'Pea');
  rerender({ value: { name: 'Pe', parts: 2 } });
  expect(values().name).toBe('Pea');
  rerender({ value: { name: 'Pea', parts: 2 } });
  expect(values().name).toBe('Pea');
  expect(valid).toHaveLength(2);
});

test('an echo with its fields in another order is no change from outside', () => {
  const { type, rerender, values } = open();
  type('name', 'Pea');
  type('name', 'Peat');
  rerender({ value: { parts: 2, name: 'Pea' } });
  expect(values().name).toBe('Peat');
});

test('a change from outside, as by undo, is followed and is no change of the painter’s', () => {
  const { type, rerender, values, valid } = open();
  type('name', 'Mud');
  rerender({ value: { name: 'Mud', parts: 2 } });
  rerender({ value: first });
  expect(values()).toEqual(first);
  expect(valid).toEqual([{ name: 'Mud', parts: 2 }]);
});

test('what is not right yet is handed over on leaving, and is there again on coming back', () => {
  const { type, unmount, left } = open();
  type('parts', 12);
  unmount();
  expect(left).toEqual([{ name: 'Peat', parts: 12 }]);
  expect(open(left[0]).values()).toEqual({ name: 'Peat', parts: 12 });
});

test('left with everything right there is nothing to keep', () => {
  const { type, unmount, left } = open();
  type('parts', 4);
  unmount();
  expect(left).toEqual([null]);
});
