import type { Army } from '@yellow-ledger/core';
import { Choice } from '../../parts/Choice';

export interface UnitChoiceProps {
  army: Army;
  unitId: string;
  onUnit: (unitId: string) => void;
}

/** One unit of the army, to be looked at. */
export function UnitChoice({ army, unitId, onUnit }: UnitChoiceProps) {
  return (
    <Choice label="Unit" value={unitId} onChoose={onUnit}>
      {army.units.map(({ id, name, models }) => (
        <option key={id} value={id}>
          {name}, {models} {models === 1 ? 'model' : 'models'}
        </option>
      ))}
    </Choice>
  );
}
