import { formNames, forms, mostInChain, type FormName, type Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { Select } from '../../kit/Select';
import { Disclosure } from '../../kit/Disclosure';
import { potChoices } from '../../kit/pots/potChoice';
import { PotPicker } from '../../kit/pots/PotPicker';
import type { DraftForm } from './draftForm';

/** Dark and light where they are chosen by hand, a chain of pots, and the form that gets its spots. */
export function PotsChoice({ pots, hasChain }: { pots: Pot[]; hasChain: boolean }) {
  const { control, setValue } = useFormContext<DraftForm>();
  const [darkPotId, lightPotId, chain = [], form] = useWatch({
    control,
    name: ['darkPotId', 'lightPotId', 'chain', 'form'],
  });
  const paints = useMemo(
    () => potChoices(pots.filter(({ kind }) => kind === 'paint' || kind === 'ink')),
    [pots],
  );
  const orByRule = [{ id: '', name: 'as “with” says', hex: '#808080' }, ...paints];
  const put = (name: 'darkPotId' | 'lightPotId' | 'chain' | 'form', value: unknown) =>
    setValue(name, (value === '' ? undefined : value) as never, { shouldValidate: true });
  const putChain = (next: string[]) => put('chain', next.length > 0 ? next : undefined);
  return (
    <>
      <Disclosure title="Dark and light each chosen, and the form it is for">
        <div className="flow mid-choice">
          <span>Dark</span>
          <PotPicker
            label="Dark pot"
            choices={orByRule}
            chosen={darkPotId ?? ''}
            onChoose={(id) => put('darkPotId', id)}
          />
          <span>Light</span>
          <PotPicker
            label="Light pot"
            choices={orByRule}
            chosen={lightPotId ?? ''}
            onChoose={(id) => put('lightPotId', id)}
          />
          <Select<FormName | ''>
            label="Form: its spots get their lines"
            value={form ?? ''}
            onChoose={(id) => put('form', id)}
            options={[
              { id: '', name: 'none' },
              ...formNames.map((id) => ({ id, name: forms[id].label })),
            ]}
          />
        </div>
      </Disclosure>
      {hasChain && (
        <div role="group" aria-label="Chain of pots, the darkest first" className="flow mid-choice">
          <span>Chain, the darkest first</span>
          {chain.map((potId, index) => (
            <PotPicker
              key={index}
              label={`Pot ${index + 1} of the chain`}
              choices={[{ id: '', name: 'remove it', hex: '#808080' }, ...paints]}
              chosen={potId}
              onChoose={(id) =>
                putChain(id === '' ? chain.toSpliced(index, 1) : chain.with(index, id))
              }
            />
          ))}
          {chain.length < mostInChain && (
            <Button
              variant="outline"
              onClick={() => putChain([...chain, paints[chain.length % paints.length].id])}
            >
              Add a pot to the chain
            </Button>
          )}
          {chain.length < 2 && (
            <small>With fewer than two it goes from dark to mid to light.</small>
          )}
        </div>
      )}
    </>
  );
}
