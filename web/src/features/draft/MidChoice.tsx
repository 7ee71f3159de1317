import type { Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import Form from 'react-bootstrap/Form';
import { useFormContext, useWatch } from 'react-hook-form';
import { potChoices } from '../../kit/pots/potChoice';
import { PotPicker } from '../../kit/pots/PotPicker';
import type { DraftForm } from './draftForm';

/** The mid tone: a pot, or a colour that is mixed from the shelf. */
export function MidChoice({ pots }: { pots: Pot[] }) {
  const { control, register, setValue } = useFormContext<DraftForm>();
  const [midFrom, midPotId, midHex] = useWatch({
    control,
    name: ['midFrom', 'midPotId', 'midHex'],
  });
  const choices = useMemo(
    () => potChoices(pots.filter(({ kind }) => kind === 'paint' || kind === 'ink')),
    [pots],
  );
  return (
    <div role="group" aria-label="Mid tone" className="flow mid-choice">
      <Form.Check
        type="radio"
        id="mid-pot"
        label="from a pot"
        value="pot"
        {...register('midFrom')}
      />
      {midFrom === 'pot' && (
        <PotPicker
          label="Mid tone pot"
          choices={choices}
          chosen={midPotId}
          onChoose={(id) => setValue('midPotId', id, { shouldValidate: true })}
        />
      )}
      <Form.Check
        type="radio"
        id="mid-colour"
        label="towards a colour"
        value="colour"
        {...register('midFrom')}
      />
      {midFrom === 'colour' && (
        <label className="mid-colour">
          <span className="visually-hidden">Colour of the mid tone</span>
          <input type="color" {...register('midHex')} /> {midHex}
        </label>
      )}
    </div>
  );
}
