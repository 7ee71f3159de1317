import type { Imported } from '../../data/ledgerApi';

/** So many are named in a sentence. */
const mostNamed = 5;

/** Names for a sentence. @example 'Reed cloak, Helm and 12 more' */
function named(names: readonly string[]): string {
  const more = names.length - mostNamed;
  const told = names.slice(0, mostNamed).join(', ');
  return more > 0 ? `${told} and ${more.toLocaleString('en')} more` : told;
}

/** Whether the sentence names all that was left out. */
export const isSaidWhole = ({ leftOut, potsDiffering }: Imported): boolean =>
  leftOut.length <= mostNamed && potsDiffering.length <= mostNamed;

/**
 * The result of importing a ledger file.
 *
 * @example 'Imported: Reed cloak. 12 pots were new, 3 were here already.'
 */
export function importedWords(imported: Imported): string {
  const { recipes, potsAdded, potsKept, potsDiffering, leftOut } = imported;
  const names = named(recipes.map(({ name }) => name)) || 'no recipe';
  const kept = potsKept > 0 ? `, ${potsKept} were here already` : '';
  const differing =
    potsDiffering.length > 0 ? ` Your own values were kept for ${named(potsDiffering)}.` : '';
  const out = leftOut.length > 0 ? ` Left out, being here already: ${named(leftOut)}.` : '';
  return `Imported: ${names}. ${potsAdded} pots were new${kept}.${differing}${out}`;
}

/** Everything a file has that was not imported, by name. */
export const allLeftOut = ({ leftOut, potsDiffering }: Imported): string[] => [
  ...potsDiffering.map((name) => `the values of the pot “${name}”`),
  ...leftOut,
];
