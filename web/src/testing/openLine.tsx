import { fireEvent, render, screen } from '@testing-library/react';
import type { Recipe, Spot, Step } from '@yellow-ledger/core';
import { useEffect, type ReactNode } from 'react';
import { FormProvider, useForm, type UseFormReturn } from 'react-hook-form';
import type { LineDeeds } from '../features/recipe/line/useLineDeeds';
import type { RecipeLineProps } from '../features/recipe/line/recipeLineProps';
import { coat, pots } from './levy';

/** The edits an open line has made to the recipe. */
export interface LineDone {
  spots: { spots: Spot[]; aimed: Step | undefined }[];
}

/** The props of a part of an open line, for a recipe of one line; its edits are recorded. */
export function openLineProps(step: Step, part: Partial<Recipe> = {}) {
  const recipe: Recipe = { ...coat, steps: [step], ...part };
  const done: LineDone = { spots: [] };
  const deeds: Partial<LineDeeds> = {
    putSpots: (spots, aimed) => void done.spots.push({ spots, aimed }),
  };
  const props: RecipeLineProps = {
    step,
    number: 1,
    draft: {
      recipe,
      base: { content: recipe, revision: 1 } as RecipeLineProps['draft']['base'],
      saveState: { is: 'saved' },
      unfinished: {},
    },
    words: { stepHex: () => '#808080' } as unknown as RecipeLineProps['words'],
    pots,
    build: undefined,
    buildUp: undefined,
    drops: null,
    consistency: undefined,
    firstUse: { consistency: false, meaning: false },
    meaning: undefined,
    remarks: [],
    mayStop: false,
    isOpen: true,
    wasOpen: false,
    deeds: deeds as LineDeeds,
    onKey: () => undefined,
    onToggle: () => undefined,
    onClose: () => undefined,
    onFocus: () => undefined,
  };
  return { props, done };
}

/** Shows something that stands in the form of a line. */
export function inLineForm(step: Step, children: ReactNode) {
  const held: { form: UseFormReturn<Step> | null } = { form: null };
  function Form() {
    const form = useForm<Step>({ defaultValues: step });
    useEffect(() => void (held.form = form), [form]);
    return <FormProvider {...form}>{children}</FormProvider>;
  }
  render(<Form />);
  return { values: () => held.form?.getValues(), set: held.form?.setValue };
}

/** Chooses in a list by its label. */
export const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

/** Types into a field by its label. */
export const type = (label: string, value: string) =>
  fireEvent.input(screen.getByLabelText(label), { target: { value } });
