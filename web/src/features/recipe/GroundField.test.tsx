/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import type { Recipe, RecipeHead } from '@yellow-ledger/core';
import { useEffect } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { Provider } from 'react-redux';
import { coat, line, pots, recipe, skin } from '../../testing/levy';
import { FakeServer, openPage } from '../../testing/tryWriter';
import { useCollection } from '../../data/useCollections';
import { GroundField } from './GroundField';

jest.mock('../../workers/ledgerWorker', () => ({
  workerSync: { tell: () => ({}) },
  ledgerWorker: {},
}));

const onCoat: Recipe = {
  ...recipe('sign', [line('mark', 'tallow')]),
  ground: { recipeId: 'coat', version: null },
};

async function open(shown: Recipe) {
  const server = new FakeServer();
  for (const each of [coat, skin, onCoat]) server.put('recipes', each);
  const page = await openPage(server);
  const held: { values: (() => RecipeHead) | null } = { values: null };
  function Form() {
    // The surface below is shown once it is loaded.
    useCollection('versions');
    const form = useForm<RecipeHead>({ defaultValues: shown });
    useEffect(() => void (held.values = () => form.getValues()), [form]);
    return (
      <FormProvider {...form}>
        <GroundField recipe={shown} pots={pots} />
      </FormProvider>
    );
  }
  await act(async () => {
    render(
      <Provider store={page.store}>
        <Form />
      </Provider>,
    );
    await Promise.resolve();
  });
  const ground = screen.getByLabelText<HTMLSelectElement>('Undercoat');
  const option = (text: RegExp) => [...ground.options].find((each) => text.test(each.text));
  return { ground, option, values: () => held.values!() };
}

test('primers and the other recipes are offered, the recipe itself is not', async () => {
  const { option } = await open(coat);
  expect(option(/soot/)).toBeDefined();
  expect(option(/Recipe of skin/)).toBeDefined();
  expect(option(/Recipe of coat$/)).toBeUndefined();
});

test('what is painted on top of it cannot be chosen, and it is said why', async () => {
  const { option } = await open(coat);
  expect(option(/^Recipe of sign: is painted on top of this one$/)?.disabled).toBe(true);
});

test('a recipe is chosen as it is now; a primer takes it back', async () => {
  const { ground, values } = await open(skin);
  const choose = (value: string) =>
    act(async () => {
      fireEvent.change(ground, { target: { value } });
      await Promise.resolve();
    });
  await choose('recipe coat');
  expect(values().ground).toEqual({ recipeId: 'coat', version: null });
  expect(screen.getByLabelText<HTMLSelectElement>('As of').value).toBe('');
  await choose('soot');
  expect(values().ground).toBeUndefined();
  expect(screen.queryByLabelText('As of')).toBeNull();
});

test('a recipe and a version that are gone are named as gone', async () => {
  const { option } = await open({ ...skin, ground: { recipeId: 'lost', version: 2 } });
  expect(option(/a recipe that is gone/)).toBeDefined();
  const version = screen.getByLabelText<HTMLSelectElement>('As of');
  expect([...version.options].map(({ text }) => text)).toContain('a version that is gone');
});
