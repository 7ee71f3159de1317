import { surfaceOf, unitOf, type Army } from '@yellow-ledger/core';

export interface SurfaceAddress {
  unitId: string;
  surfaceId: string;
}

/** @example surfaceName(army, address) // → 'Cloth' */
export const surfaceName = (army: Army, address: SurfaceAddress): string =>
  surfaceOf(army, address)?.surface.name ?? 'a surface that is gone';

/** @example surfaceWords(army, address) // → 'Cloth of Ferry Crew' */
export const surfaceWords = (army: Army, address: SurfaceAddress): string =>
  `${surfaceName(army, address)} of ${unitName(army, address.unitId)}`;

export const unitName = (army: Army, unitId: string): string =>
  unitOf(army, unitId)?.name ?? 'a unit that is gone';
