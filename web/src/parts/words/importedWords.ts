import type { Imported } from '../../ledger/ledgerApi';

/**
 * What taking a ledger file in did.
 *
 * @example 'Taken in: Reed cloak. 12 pots were new, 3 were here already.'
 */
export function importedWords(imported: Imported): string {
  const { recipes, potsAdded, potsKept, potsDiffering, leftOut } = imported;
  const names = recipes.map(({ name }) => name).join(', ') || 'no recipe';
  const kept = potsKept > 0 ? `, ${potsKept} were here already` : '';
  const differing =
    potsDiffering.length > 0 ? ` Your own figures were kept for ${potsDiffering.join(', ')}.` : '';
  const out = leftOut.length > 0 ? ` Left out, being here already: ${leftOut.join(', ')}.` : '';
  return `Taken in: ${names}. ${potsAdded} pots were new${kept}.${differing}${out}`;
}
