import { counted, techniqueOf, type TechniqueName } from '@yellow-ledger/core';

/** @example coatsWords(3, 'placedGlaze') // → '3 passes' */
export function coatsWords(coats: number, technique: TechniqueName): string {
  const { counts } = techniqueOf(technique);
  return counted(coats, counts, counts === 'pass' ? 'passes' : 'coats');
}
