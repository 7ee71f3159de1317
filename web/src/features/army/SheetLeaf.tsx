import type { Army, Pot } from '@yellow-ledger/core';
import { useState } from 'react';
import { Select } from '../../kit/Select';
import { CountField } from '../../kit/field/CountField';
import { FigureSheet } from '../../kit/sheet/FigureSheet';
import { useUnitChoice } from './units/UnitChoice';

/** The sheet of one figure of a unit: to tick by hand, or with what the log has ticked. */
export function SheetLeaf({ army, pots }: { army: Army; pots: readonly Pot[] }) {
  const { unit, unitChoice } = useUnitChoice(army);
  const [model, setModel] = useState('');
  const [models, setModels] = useState(1);
  if (!unit) return <p>No unit yet; add one on the first tab.</p>;
  const chosen = Number(model) <= unit.models ? model : '';
  return (
    <>
      <div className="flow sheet-choices">
        {unitChoice}
        <Select
          label="Ticks"
          value={chosen}
          onChoose={setModel}
          options={Array.from({ length: unit.models }, (_, i) => ({
            id: String(i + 1),
            name: `of model ${i + 1}, by the log`,
          }))}
        >
          <option value="">none: by hand, on paper</option>
        </Select>
        <CountField
          label="Drops for models"
          value={models}
          least={1}
          most={unit.models}
          onCount={setModels}
        />
      </div>
      <FigureSheet
        army={army}
        unit={unit}
        pots={pots}
        model={chosen === '' ? null : Number(chosen)}
        models={Math.min(models, unit.models)}
      />
    </>
  );
}
