import {
  isClubList,
  referencesOf,
  resourceNames,
  type ClubListName,
  type FileListName,
  type KindName,
  type Photograph,
  type Pot,
  type ResourceName,
  type Version,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import type { Chosen } from '../files/exportAll';
import type { Asker } from './asker';
import { shadows } from './shadows';
import type { Sight } from './sight';

/**
 * The content of a member's file: all they are shown, or all that is theirs, with the pots those draw
 * from and their log entries.
 */
export async function chosenFor(
  { memberId }: Asker,
  isOwn: boolean,
  sight: Sight,
  { records }: Ledger,
  within: Knex.Transaction,
): Promise<Chosen> {
  const chosenIds = new Map<ResourceName, (id: string) => boolean>();
  const drawn = isOwn ? await potsDrawnBy(memberId, within) : null;
  for (const kind of resourceNames) {
    const hidden = await sight.hiddenOf(kind);
    const own = isOwn ? await ownIds(kind, memberId, within) : null;
    chosenIds.set(kind, (id) => {
      if (hidden.has(id)) return false;
      return own === null || own.has(id) || (kind === 'pots' && (drawn?.has(id) ?? false));
    });
  }
  const isChosen = (kind: ResourceName, id: string) => chosenIds.get(kind)?.(id) ?? false;
  /** Claims, loans and pots to bring say nothing without what they name. */
  const namesSeen = (list: ClubListName, item: object) =>
    referencesOf(list, item).every(
      ({ kinds: [kind], id }) => !isResourceName(kind) || isChosen(kind, id),
    );
  const isIn = (list: FileListName, item: object): boolean => {
    if (list === 'log') return true;
    if (list === 'pictures') return true;
    if (list === 'members' || list === 'proposals') return !isOwn;
    if (isClubList(list)) return !isOwn && namesSeen(list, item);
    if (list === 'versions') return isChosen('recipes', (item as Version).recipeId);
    return isChosen(list, (item as { id: string }).id);
  };
  const shadowed = (await shadows(sight, records.pots, within, within)).map(
    ({ content }): Pot => content,
  );
  const drawnNames =
    drawn && new Set([...drawn].map((id) => sight.nameFor({ kinds: ['pots'], id })));
  return {
    isWhole: false,
    entriesOf: { memberId, isOwn },
    shadows: shadowed.filter(({ id }) => drawnNames?.has(id) ?? true),
    isPictured: ({ id }: Photograph) => isChosen('photographs', id),
    page: (list, items) => {
      const chosen = items.filter((item) => isIn(list, item));
      return list === 'pictures'
        ? Promise.resolve(chosen)
        : sight.shownAll(list as KindName, chosen);
    },
  };
}

const isResourceName = (kind: KindName): kind is ResourceName =>
  (resourceNames as readonly string[]).includes(kind);

const ownIds = async (kind: ResourceName, memberId: string, within: Knex.Transaction) =>
  new Set(await within('owners').where({ kind, member_id: memberId }).pluck<string[]>('id'));

/** Pots that a member's own things draw from, whosever they are. */
const potsDrawnBy = async (memberId: string, within: Knex.Transaction) =>
  new Set(
    await within('drawn_pots')
      .join('owners', (on) =>
        on.on('owners.kind', 'drawn_pots.kind').on('owners.id', 'drawn_pots.record_id'),
      )
      .where('owners.member_id', memberId)
      .distinct()
      .pluck<string[]>('pot_id'),
  );
