/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { batchSchema, type Batch } from '@yellow-ledger/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useEffect } from 'react';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { levy } from '../../../testing/levy';
import { AimFields } from './AimFields';
import { newBatch } from './newBatch';
import { WishFields } from './WishFields';

const batch = newBatch(0, new Date('2026-03-01T10:00:00Z'));
let now: Batch = batch;
const see = (written: Batch) => {
  now = written;
};

function Fields({ isShared }: { isShared: boolean }) {
  const form = useForm<Batch>({ defaultValues: batch });
  const written = useWatch({ control: form.control });
  const whole = { ...batch, ...written } as Batch;
  useEffect(() => see(whole));
  return (
    <FormProvider {...form}>
      <AimFields aims={whole.aims} />
      <WishFields army={levy} wishes={whole.wishes} isShared={isShared} />
    </FormProvider>
  );
}

const [unit] = levy.units;
const choose = (label: string, value: string | number) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test('an aim is usual until it is turned, and says in words how much it matters', () => {
  render(<Fields isShared={false} />);
  expect(now.aims).toBeUndefined();
  choose('Fewer changes of paint', 4);
  expect(now.aims).toEqual({ shorter: 2, fewerChanges: 4, unitsEarly: 2, lessWaiting: 2 });
  const range = screen.getByLabelText('Fewer changes of paint');
  expect(range.getAttribute('aria-valuetext')).toBe('much');
  expect(batchSchema.safeParse(now).success).toBe(true);
});

test('a unit wanted first, and in one hand, is one wish; taken back, there is none', () => {
  render(<Fields isShared />);
  choose(unit.name, 'first');
  fireEvent.click(screen.getByLabelText(`One painter for ${unit.name}`));
  expect(now.wishes).toEqual([{ unitId: unit.id, when: 'first', oneHand: true }]);
  expect(batchSchema.safeParse(now).success).toBe(true);
  choose(unit.name, '');
  expect(now.wishes).toEqual([{ unitId: unit.id, when: undefined, oneHand: true }]);
  fireEvent.click(screen.getByLabelText(`One painter for ${unit.name}`));
  expect(now.wishes).toEqual([]);
});

test('where one paints alone nobody is asked about one painter', () => {
  render(<Fields isShared={false} />);
  expect(screen.queryByLabelText(`One painter for ${unit.name}`)).toBeNull();
});

test('a plan of painters who all paint base coats only is refused at the field', () => {
  const painters = batch.painters.map((painter) => ({ ...painter, isNew: true }));
  const { error } = batchSchema.safeParse({ ...batch, painters });
  expect(error?.issues.map(({ path }) => path.join('.'))).toContain('painters.0.isNew');
});
