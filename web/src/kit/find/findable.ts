import {
  techniqueOf,
  type Army,
  type Bench,
  type Kept,
  type Palette,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import type { Command } from '../shell/commands';

/** Something that can be gone to, or done, from anywhere. */
export interface Findable {
  /** no other has it */
  key: string;
  name: string;
  /** what it is, in a word */
  kind: 'screen' | 'action' | 'recipe' | 'line' | 'pot' | 'unit' | 'army' | 'bench' | 'well';
  /** where it is */
  address: string;
  /** done in place of going anywhere */
  does?: () => void;
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
  ['What I can paint now', '/shelf/paintable'],
  ['Many pots at once', '/shelf/fill', 'sheet photograph names pigments'],
  ['Glaze card', '/shelf/glazes', 'measure thin paint film hand card'],
  ['Labels', '/shelf/labels', 'print lids rails code qr'],
  ['Import, export, backup', '/shelf/files', 'files export import backup save'],
  ['Match a colour', '/match', 'find nearest mix'],
  ['Palette', '/palette', 'wells wet'],
  ['Armies', '/armies', 'units'],
  ['Bench', '/bench', 'paint'],
  ['Log', '/log', 'done history'],
  ['Sessions', '/log/sittings'],
];

const actions: [name: string, address: string, also?: string][] = [
  ['Write a new recipe', '/recipes?new', 'add create'],
  ['Put a pot on the shelf', '/shelf?new', 'add create new'],
  ['Save everything', '/shelf/files', 'export backup'],
  ['Put something on the bench', '/bench?new', 'new bench start'],
];

export interface FindableLedger {
  pots: readonly Kept<Pot>[];
  recipes: readonly Kept<Recipe>[];
  armies: readonly Kept<Army>[];
  benches?: readonly Kept<Bench>[];
  palettes?: readonly Kept<Palette>[];
  commands?: readonly Command[];
}

/** Everything that can be found in a ledger. */
export function findables({
  pots,
  recipes,
  armies,
  benches = [],
  palettes = [],
  commands = [],
}: FindableLedger): Findable[] {
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
    ...commands.map(({ name, also, does }) => ({
      key: `command ${name}`,
      name,
      kind: 'action' as const,
      address: '',
      also,
      does,
    })),
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
    ...recipes
      .filter(({ content }) => !content.archived)
      .flatMap(({ content: { id, name, steps } }) =>
        steps.map((step, at) => lineOf(id, name, step, at)),
      ),
    ...benches
      .filter(({ content }) => !content.isCleared)
      .map(({ content: { id, name } }) => ({
        key: `bench ${id}`,
        name,
        kind: 'bench' as const,
        address: `/bench/${id}`,
      })),
    ...palettes.flatMap(({ content: { id, wells } }) =>
      wells.map((well) => ({
        key: `well ${id} ${well.id}`,
        name: well.name,
        kind: 'well' as const,
        address: '/palette',
      })),
    ),
    ...armies.map(({ content: { id, name } }) => ({
      key: `plan ${id}`,
      name: `Plan of ${name}`,
      kind: 'action' as const,
      address: `/armies/${id}/plan`,
      also: 'new plan evenings sessions',
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

const lineOf = (id: string, name: string, step: Recipe['steps'][number], at: number): Findable => ({
  key: `line ${id} ${step.id}`,
  name: `${name}, line ${at + 1}: ${techniqueOf(step.technique).label}`,
  kind: 'line',
  address: `/recipes/${id}?open=${encodeURIComponent(step.id)}`,
  also: `${step.stage} ${step.note}`,
});

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
    .sort(
      (one, other) =>
        one.rank - other.rank ||
        Number(one.each.kind === 'line') - Number(other.each.kind === 'line') ||
        one.each.name.localeCompare(other.each.name),
    )
    .slice(0, mostShown)
    .map(({ each }) => each);
}
