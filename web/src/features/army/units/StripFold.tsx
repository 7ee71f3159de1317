import {
  counted,
  strippedEntries,
  strippingCaution,
  type Army,
  type Unit,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { entryHead } from '../../../data/log/entryHead';
import { useAppStore } from '../../../data/store';
import { useWriter } from '../../../data/useWriter';
import { Select } from '../../../kit/Select';
import { Disclosure } from '../../../kit/Disclosure';
import { Problem } from '../../../kit/Problem';
import { useNotice } from '../../../kit/shell/notices';

interface StripFoldProps {
  army: Army;
  unit: Unit;
  /** models with something on them */
  painted: readonly number[];
}

/** Taking the paint off instead of painting over it: the caution first, and noting that it was done. */
export function StripFold({ army, unit, painted }: StripFoldProps) {
  const store = useAppStore();
  const writer = useWriter();
  const notify = useNotice();
  const [chosen, setChosen] = useState('all');
  const models = painted.filter((model) => chosen === 'all' || String(model) === chosen);
  const strip = () => {
    const entries = strippedEntries(army.id, unit, models, (before) => ({
      ...entryHead(store.getState(), before),
      benchId: army.id,
    }));
    writer.do(`note ${counted(models.length, 'model')} of ${unit.name} as stripped`, { entries });
    notify(
      `Noted: ${counted(models.length, 'model')} of ${unit.name} ${models.length === 1 ? 'is' : 'are'} bare. What was on them stays in the log; Ctrl+Z takes it back.`,
    );
  };
  return (
    <Disclosure title="Strip it instead">
      <Problem role="note">
        <b>Caution.</b> {strippingCaution}
      </Problem>
      <p>
        A stripped model is bare: prime it with the undercoat of its recipe, and paint it as
        written. It is worth it where thick old coats have filled the detail; colour alone can be
        painted over.
      </p>
      {models.length > 0 && (
        <div className="flow">
          {painted.length > 1 && (
            <Select
              label="Stripped"
              value={chosen}
              onChoose={setChosen}
              options={[
                { id: 'all', name: `all ${painted.length} that are painted` },
                ...painted.map((model) => ({ id: String(model), name: `model ${model}` })),
              ]}
            />
          )}
          <Button variant="outline" onClick={strip}>
            Note that {counted(models.length, 'model')} {models.length === 1 ? 'was' : 'were'}{' '}
            stripped
          </Button>
        </div>
      )}
    </Disclosure>
  );
}
