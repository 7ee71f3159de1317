import { counted, unitOf, type Army, type Unit } from '@yellow-ledger/core';
import { useState } from 'react';
import { Select } from '../../../kit/Select';

/** One unit of the army, to be looked at, and the field that chooses it. */
export function useUnitChoice({ units }: Pick<Army, 'units'>) {
  const [unitId, setUnitId] = useState('');
  const unit = unitOf({ units }, unitId) ?? units.at(0);
  const options = units.map(({ id, name, models }) => ({
    id,
    name: `${name}, ${counted(models, 'model')}`,
  }));
  const unitChoice = (
    <Select label="Unit" value={unit?.id ?? ''} onChoose={setUnitId} options={options} />
  );
  return { unit, unitChoice };
}

/** One surface of a unit, and the field that chooses it. */
export function useSurfaceChoice(unit: Unit | undefined) {
  const [surfaceId, setSurfaceId] = useState('');
  const surfaces = unit?.surfaces ?? [];
  const surface = surfaces.find(({ id }) => id === surfaceId) ?? surfaces.at(0);
  const surfaceChoice = (
    <Select label="Surface" value={surface?.id ?? ''} onChoose={setSurfaceId} options={surfaces} />
  );
  return { surface, surfaceChoice };
}
