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
    surfaces: [newSurface(1)],
    parts: [],
  };
}

export function newSurface(share: number): Unit['surfaces'][number] {
  return { id: crypto.randomUUID(), name: 'Cloth', surface: 'cloth', share };
}

export function newPart(): Unit['parts'][number] {
  return { id: crypto.randomUUID(), name: 'Straps', count: 1 };
}
