import { sizeClasses, type Army, type Unit } from '@yellow-ledger/core';

export function newArmy(): Army {
  return { id: crypto.randomUUID(), name: 'New army', scheme: [], units: [], notes: '' };
}

/** Ten on foot with one surface, to be said more of. */
export function newUnit({ units }: Army): Unit {
  const foot = sizeClasses[1];
  return {
    id: crypto.randomUUID(),
    name: `Unit ${units.length + 1}`,
    models: 10,
    size: foot.name,
    areaCm2: foot.areaCm2,
    surfaces: [newSurface([], 1)],
    parts: [],
  };
}

/** Kinds in the order in which most figures have them. */
const usualKinds = ['cloth', 'skin', 'leather', 'metal', 'armour', 'hair', 'wood', 'base'] as const;

/** A surface of the first usual kind that the unit does not have yet, called by its kind. */
export function newSurface(others: Unit['surfaces'], share: number): Unit['surfaces'][number] {
  const kind = usualKinds.find((each) => others.every(({ surface }) => surface !== each));
  const name = kind ? `${kind[0].toUpperCase()}${kind.slice(1)}` : `Surface ${others.length + 1}`;
  return { id: crypto.randomUUID(), name, surface: kind ?? 'other', share };
}

export function newPart(): Unit['parts'][number] {
  return { id: crypto.randomUUID(), name: 'Straps', count: 1 };
}
