/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { numberWithin } from '@yellow-ledger/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { FormProvider, useForm } from 'react-hook-form';
import { z } from 'zod';
import { NumberField, type NumberFieldProps } from './NumberField';

const schema = z.object({ water: numberWithin(0, 2000), left: z.number().nullable().optional() });

function open(props: Partial<NumberFieldProps> = {}) {
  let held: () => unknown = () => undefined;
  function Stand() {
    const form = useForm({
      defaultValues: { water: 1, left: 4 as number | null | undefined },
      resolver: zodResolver(schema),
      mode: 'onChange',
    });
    held = () => form.getValues((props.name ?? 'water') as 'water');
    return (
      <FormProvider {...form}>
        <NumberField name="water" label="Water" {...props} />
      </FormProvider>
    );
  }
  render(<Stand />);
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Water' });
  /** Done, and the form's check of it, which takes some turns. */
  const settled = (deed: () => void) =>
    act(async () => {
      deed();
      for (let turn = 0; turn < 9; turn++) await Promise.resolve();
    });
  const type = (value: string) =>
    settled(() => void fireEvent.change(field, { target: { value } }));
  const press = (name: string) =>
    settled(() => void fireEvent.click(screen.getByRole('button', { name })));
  const key = (pressed: string) => settled(() => void fireEvent.keyDown(field, { key: pressed }));
  return { field, type, press, key, held: () => held() };
}

test('a decimal comma is read as a decimal, key by key, and what was read is shown', async () => {
  const { field, type, held } = open();
  for (const [text, value] of [
    ['0', 0],
    ['0,', 0],
    ['0,5', 0.5],
  ] as const) {
    await type(text);
    expect(field.value).toBe(text);
    expect(held()).toBe(value);
  }
  expect(screen.getByRole('status').textContent).toBe('read as 0.5');
  fireEvent.blur(field);
  expect(field.value).toBe('0.5');
  expect(screen.queryByRole('status')).toBeNull();
});

test('where two readings are possible nothing counts until one of them is pressed', async () => {
  const { field, type, press, held } = open();
  await type('1.234');
  expect(field.value).toBe('1.234');
  expect(held()).toBe('1.234');
  await press('1234 (whole number)');
  expect(held()).toBe(1234);
  expect(field.value).toBe('1234');
  expect(screen.queryByRole('button')).toBeNull();
});

test('the decimal of two readings stays that when it is shown again', async () => {
  const { field, type, press, held } = open();
  await type('1,234');
  await press('1.234 (decimal)');
  expect(held()).toBe(1.234);
  expect(field.value).toBe('1.234');
  expect(screen.queryByRole('button')).toBeNull();
});

test('where only whole numbers are right, thousands are meant', async () => {
  const { type, held } = open({ step: 1 });
  await type('1.234');
  expect(held()).toBe(1234);
});

test('what is no number stays as it was typed, and is named', async () => {
  const { field, type, held } = open();
  await type('half');
  expect(field.value).toBe('half');
  expect(held()).toBe('half');
  expect((await screen.findByText(/“half” is not right/)).textContent).toContain('from 0 to 2,000');
});

test.each([
  ['wrong', NaN],
  ['absent', undefined],
  ['none', null],
] as const)('an empty field that is %s holds %p, and shows nothing', async (whenEmpty, value) => {
  const { field, type, held } = open({ name: 'left', whenEmpty });
  expect(field.value).toBe('4');
  await type('');
  expect(field.value).toBe('');
  expect(held()).toBe(value);
});

test('arrow keys step, from where a comma left off too', async () => {
  const { field, type, key, held } = open({ step: 0.1 });
  await type('0,2');
  await key('ArrowUp');
  expect(held()).toBe(0.3);
  await key('ArrowDown');
  await key('ArrowDown');
  expect(held()).toBe(0.1);
  expect(field.value).toBe('0.1');
});
