import {
  asLeft,
  learnFigures,
  shelfOf,
  type Army,
  type Bench,
  type Kept,
  type LearnedFigures,
  type LogEntry,
  type Recipe,
  type Shelf,
  type Version,
} from '@yellow-ledger/core';
import type { LedgerData, Collection } from '../../data/ledgerData';

/** The changes of a collection since the worker was last told. */
export interface PartChange<Name extends Collection = Collection> {
  part: Name;
  /** new, or in the place of what has its identifier */
  put: LedgerData[Name][number][];
  gone: string[];
  /** all that was told before is gone */
  isWhole: boolean;
}

const inHand = new Map<Collection, Map<string, LedgerData[Collection][number]>>();
const listeners: { parts: readonly Collection[]; forget: () => void }[] = [];
/** lists made from what is in hand, until it changes */
const lists = new Map<Collection, readonly LedgerData[Collection][number][]>();

/** The page's loaded data, as it tells it; the worker fetches nothing itself. */
export function setLedgerData(changes: readonly PartChange[]): void {
  for (const { part, put, gone, isWhole } of changes) {
    const known = isWhole ? new Map() : (inHand.get(part) ?? new Map());
    for (const id of gone) known.delete(id);
    for (const thing of put) known.set(idOf(thing), thing);
    inHand.set(part, known);
    lists.delete(part);
  }
  const changed = changes.map(({ part }) => part);
  for (const { parts, forget } of listeners)
    if (parts.some((part) => changed.includes(part))) forget();
}

/** Called whenever one of some parts has changed, by whoever keeps what depends on it. */
export function whenChanged(parts: readonly Collection[], forget: () => void): void {
  listeners.push({ parts, forget });
}

/** The key of a record of any collection. */
export function idOf(thing: LedgerData[Collection][number]): string {
  if ('recipeId' in thing && 'frozenAt' in thing) return `${thing.recipeId} ${thing.number}`;
  return 'revision' in thing ? thing.content.id : thing.id;
}

function listOf<Name extends Collection>(part: Name): LedgerData[Name] {
  const list = lists.get(part) ?? [...(inHand.get(part)?.values() ?? [])];
  lists.set(part, list);
  return list as LedgerData[Name];
}

let shelf: Shelf | null = null;
whenChanged(['pots', 'grounds'], () => (shelf = null));

/** The pots the worker computes with, each with what is left in it, and what recipes stand on. */
export function shelfInHand(): Shelf {
  shelf ??= shelfOf(
    listOf('pots').map(asLeft),
    new Map(listOf('grounds').map(({ id, recipe }) => [id, recipe])),
  );
  return shelf;
}

export const keptPots = () => listOf('pots');
export const keptRecipes = (): readonly Kept<Recipe>[] => listOf('recipes');
export const recipesInHand = (): Recipe[] => keptRecipes().map(({ content }) => content);
export const versionsInHand = (): readonly Version[] => listOf('versions');
export const armiesInHand = (): Army[] => listOf('armies').map(({ content }) => content);
export const benchesInHand = (): Bench[] => listOf('benches').map(({ content }) => content);
export const logInHand = (): readonly LogEntry[] => listOf('log');

/** The painter at this device, in a club; null in a ledger alone. */
let painter: string | null = null;
export function setPainter(name: string | null): void {
  painter = name;
  learnt = null;
}

let learnt: { figures: LearnedFigures; log: readonly LogEntry[] } | null = null;

/** A painter's own figures by the log. */
export function ownFigures(): LearnedFigures {
  const log = logInHand();
  if (learnt?.log !== log) learnt = { figures: learnFigures(log, painter), log };
  return learnt.figures;
}

/** A log that has grown by this share since teaches nearly the same figures. */
const nearlySame = 0.005;

/**
 * As `ownFigures`, but of a long log without its last few entries: learning from all of it at each
 * press of a bench would let the press wait.
 */
export function nearlyOwnFigures(): LearnedFigures {
  const log = logInHand();
  const known = learnt?.log.length ?? 0;
  const isNear =
    learnt !== null &&
    log.length >= known &&
    log.length - known <= known * nearlySame &&
    log.slice(known).every(({ kind }) => kind !== 'learned');
  return isNear && learnt ? learnt.figures : ownFigures();
}
