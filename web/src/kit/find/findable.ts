import type { Army, Kept, Pot, Recipe } from '@yellow-ledger/core';

/** Something that can be gone to, or done, from anywhere. */
export interface Findable {
  /** no other has it */
  key: string;
  name: string;
  /** what it is, in a word */
  kind: 'screen' | 'action' | 'recipe' | 'pot' | 'unit' | 'army' | 'bench';
  /** where it is */
  address: string;
  hex?: string;
  /** words it is found by beside its name */
  also?: string;
}

const screens: [name: string, address: string, also?: string][] = [
  ['Recipes', '/recipes'],
  ['Draft a recipe', '/recipes/draft', 'progression school generate'],
  ['One figure', '/recipes/figure', 'sheet'],
  ['Shelf', '/shelf', 'pots paints'],
  ['To buy', '/shelf/buy', 'shopping list'],
  ['What can be painted', '/shelf/paintable'],
  ['Many pots at once', '/shelf/fill', 'sheet photograph names pigments'],
  ['Glaze card', '/shelf/glazes', 'measure thin paint film hand card'],
  ['In and out', '/shelf/files', 'files export import backup save'],
  ['Match a colour', '/match', 'find nearest mix'],
  ['Palette', '/palette', 'wells wet'],
  ['Armies', '/armies', 'units'],
  ['Bench', '/bench', 'paint'],
  ['Log', '/log', 'done history'],
  ['Sittings', '/log/sittings'],
];

const actions: [name: string, address: string, also?: string][] = [
  ['Write a new recipe', '/recipes?new', 'add create'],
  ['Put a pot on the shelf', '/shelf?new', 'add create new'],
  ['Save everything', '/shelf/files', 'export backup'],
];

export interface LedgerInHand {
  pots: readonly Kept<Pot>[];
  recipes: readonly Kept<Recipe>[];
  armies: readonly Kept<Army>[];
}

/** Everything that can be found in a ledger. */
export function findables({ pots, recipes, armies }: LedgerInHand): Findable[] {
  const fixed = (kind: 'screen' | 'action', list: typeof screens) =>
    list.map(([name, address, also]) => ({
      key: `${kind} ${name}`,
      name,
      kind,
      address,
      ...(also && { also }),
    }));
  return [
    ...fixed('screen', screens),
    ...fixed('action', actions),
    ...recipes
      .filter(({ content }) => !content.archived)
      .map(({ content: { id, name, surface } }) => ({
        key: `recipe ${id}`,
        name,
        kind: 'recipe' as const,
        address: `/recipes/${id}`,
        also: surface,
      })),
    ...pots
      .filter(({ content }) => !content.retired)
      .map(({ content: { id, name, swatch, kind } }) => ({
        key: `pot ${id}`,
        name,
        kind: 'pot' as const,
        address: `/shelf?open=${encodeURIComponent(id)}`,
        hex: swatch,
        also: kind,
      })),
    ...armies.flatMap(({ content: army }) => [
      {
        key: `army ${army.id}`,
        name: army.name,
        kind: 'army' as const,
        address: `/armies/${army.id}`,
      },
      ...army.units.map((unit) => ({
        key: `unit ${army.id} ${unit.id}`,
        name: unit.name,
        kind: 'unit' as const,
        address: `/armies/${army.id}?open=${encodeURIComponent(unit.id)}`,
        also: army.name,
      })),
    ]),
  ];
}

const mostShown = 12;

/**
 * Results for some words, best first: names that begin so, names with words that begin so, and
 * last those that have all the words somewhere.
 */
export function found(all: readonly Findable[], typed: string): Findable[] {
  const words = typed.trim().toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return all.filter(({ kind }) => kind === 'screen').slice(0, mostShown);
  const whole = words.join(' ');
  const rank = ({ name, also = '', kind }: Findable) => {
    const small = name.toLowerCase();
    if (small.startsWith(whole)) return 0;
    const parts = small.split(/[\s,’'-]+/);
    if (words.every((word) => parts.some((part) => part.startsWith(word)))) return 1;
    const about = `${small} ${also.toLowerCase()} ${kind}`;
    return words.every((word) => about.includes(word)) ? 2 : 3;
  };
  return all
    .map((each) => ({ each, rank: rank(each) }))
    .filter((one) => one.rank < 3)
    .sort((one, other) => one.rank - other.rank || one.each.name.localeCompare(other.each.name))
    .slice(0, mostShown)
    .map(({ each }) => each);
}
