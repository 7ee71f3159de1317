import type { Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { potChoices } from '../../parts/potChoice';
import { PotPicker } from '../../parts/PotPicker';
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
      <label>
        <input type="radio" value="pot" {...register('midFrom')} /> from a pot
      </label>
      {midFrom === 'pot' && (
        <PotPicker
          label="Mid tone pot"
          choices={choices}
          chosen={midPotId}
          onChoose={(id) => setValue('midPotId', id, { shouldValidate: true })}
        />
      )}
      <label>
        <input type="radio" value="colour" {...register('midFrom')} /> towards a colour
      </label>
      {midFrom === 'colour' && (
        <label className="mid-colour">
          <span className="visually-hidden">Colour of the mid tone</span>
          <input type="color" {...register('midHex')} /> {midHex}
        </label>
      )}
    </div>
  );
}
