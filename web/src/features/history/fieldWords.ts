import type { AnyRecord, ResourceName, StateDifference } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { percent } from '../../kit/words/percent';

/** The words for fields whose name alone would not say it. */
const fieldNames: Partial<Record<string, string>> = {
  swatch: 'Colour',
  swatchShows: 'What the swatch shows',
  hiding: 'Coverage',
  hidingIsGuess: 'Coverage is a guess',
  volumeMl: 'Left',
  retired: 'Removed from the shelf',
  dropsPerMl: 'Drops in a millilitre',
  brushfulDrops: 'Drops one brushload holds',
  thinsAs: 'How it takes water',
  driesAs: 'How fast it dries',
  wetSwatch: 'Colour while wet',
  lowMl: 'Warn below',
  owner: 'On the shelf of',
  isWanted: 'On the shopping list',
  scheme: 'Recipes of the army',
  areaCm2: 'Area of a model',
  share: 'Share of the model',
  isHidden: 'Hidden once built',
  subAssembly: 'Painted apart with',
  holdBack: 'Waits to the end',
  own: 'Recipes of single models',
  overs: 'Effects on top',
  dealSeed: 'How variants are dealt',
  more: 'Fields of a newer version',
};

/** Lists whose things are told by their name alone. */
const listNames: Partial<Record<string, string>> = {
  units: 'Unit',
  surfaces: '',
  parts: 'Part',
  overs: 'Effect',
  plans: 'Plan',
};

/** A field that changes with another, and is not chosen by itself. */
const goesWith: Partial<Record<string, string>> = { measuredAt: 'volumeMl' };

/** The differences to choose from. */
export const toChoose = (differences: readonly StateDifference[]): StateDifference[] =>
  differences.filter(
    ({ key }) =>
      goesWith[key] === undefined || !differences.some((other) => other.key === goesWith[key]),
  );

/** Chosen differences, with those that go along. */
export const withCompanions = (chosen: ReadonlySet<string>): ReadonlySet<string> =>
  new Set([
    ...chosen,
    ...Object.entries(goesWith).flatMap(([field, leader]) =>
      leader !== undefined && chosen.has(leader) ? [field] : [],
    ),
  ]);

const plainName = (field: string) => {
  const words = field.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** @example placeWords(change, now, then) // → 'Unit Dike Watch, Cloth: Recipe' */
export function placeWords(
  { at, isOrder }: StateDifference,
  now: AnyRecord,
  then: AnyRecord,
): string {
  const things: string[] = [];
  let last = '';
  let places: unknown[] = [now, then];
  at.forEach((name, index) => {
    const isThing = places.some(Array.isArray);
    places = places.map((place) => inside(place, name));
    const list = at[index - 1] ?? '';
    if (isThing) {
      const called = nameIn(places) ?? 'something that has no name';
      things.push(`${listNames[list] ?? plainName(list)} ${called}`.trim());
      last = '';
    } else
      last =
        isListOfThings(places) && index < at.length - 1
          ? ''
          : (fieldNames[name] ?? plainName(name));
  });
  if (isOrder) last = `Order: ${last.toLowerCase() || 'the list'}`;
  return [things.join(', '), last].filter(Boolean).join(': ');
}

const inside = (place: unknown, name: string): unknown =>
  Array.isArray(place)
    ? (place as { id?: string }[]).find(({ id }) => id === name)
    : (place as Record<string, unknown> | undefined)?.[name];

const isListOfThings = (places: readonly unknown[]) => places.some(Array.isArray);

function nameIn(places: readonly unknown[]): string | undefined {
  for (const place of places) {
    const name = (place as { name?: unknown } | undefined)?.name;
    if (typeof name === 'string' && name !== '') return name;
  }
  return undefined;
}

/** Whether it is a unit, a surface or a part that is only there now, or was only there then. */
const isThing = ({ now, then }: StateDifference) =>
  [now, then].some((side) => side === undefined) &&
  [now, then].some((side) => typeof side === 'object' && side !== null && 'id' in side);

interface Pin {
  recipeId: string;
  version: number | null;
}

/** A value as it stands in a table; of colours their hex is shown as a colour instead. */
export function valueInWords(
  kind: ResourceName,
  difference: StateDifference,
  value: unknown,
  recipeName: (recipeId: string) => string,
): string {
  const field = difference.at.at(-1) ?? '';
  if (isThing(difference)) return value === undefined ? 'not there' : 'there';
  if (value === undefined || value === null || value === '') return 'not said';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return numberWords(kind, field, value);
  if (typeof value === 'string')
    return /^\d{4}-\d\d-\d\d(T|$)/.test(value) ? format(new Date(value), 'd MMM yyyy') : value;
  if (Array.isArray(value)) return listWords(value, recipeName);
  if (isPin(value)) return pinWords(value, recipeName);
  return nameIn([value]) ?? 'as it was set';
}

const isPin = (value: unknown): value is Pin =>
  typeof value === 'object' && value !== null && 'recipeId' in value && 'version' in value;

const pinWords = ({ recipeId, version }: Pin, recipeName: (recipeId: string) => string) =>
  version === null ? recipeName(recipeId) : `${recipeName(recipeId)}, version ${version}`;

function listWords(value: readonly unknown[], recipeName: (recipeId: string) => string): string {
  if (value.length === 0) return 'none';
  const words = value.slice(0, 6).map((each) => {
    if (typeof each === 'string' || typeof each === 'number') return String(each);
    if (isPin(each)) return pinWords(each, recipeName);
    const { recipe, surface, model } = each as { recipe?: Pin; surface?: string; model?: number };
    const of = surface ?? (model === undefined ? undefined : `model ${model}`);
    if (recipe && of !== undefined) return `${of}: ${pinWords(recipe, recipeName)}`;
    return nameIn([each]) ?? 'one more';
  });
  return words.join(', ') + (value.length > 6 ? ` and ${value.length - 6} more` : '');
}

function numberWords(kind: ResourceName, field: string, value: number): string {
  if (field === 'share' || (kind === 'pots' && field === 'hiding')) return percent(value);
  if (field.endsWith('Ml') && field !== 'dropsPerMl') return `${Number(value.toFixed(1))} ml`;
  if (field.endsWith('Cm2')) return `${Number(value.toFixed(1))} cm²`;
  return String(Number(value.toFixed(2)));
}
