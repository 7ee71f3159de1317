import { entrySchema, referencesOf, veiled, withReferences, type Role } from '@yellow-ledger/core';
import { parsed } from '../../db/recordStore';
import { isHiddenFrom } from '../../open/hiddenFrom';
import type { OpaqueId } from '../../open/opaqueIds';
import {
  byRoleAlone,
  deciding,
  mayBeTold,
  type ChangeRow,
  type EntryRow,
  type News,
} from './newsStore';

interface ToldChange {
  kind: string;
  /** not said where the hearer may not see it any more: all of its kind is looked at again */
  id?: string;
  isOfOwner?: true;
}

/** Nothing of the news is for the hearer. */
export const noNews = '{"changes":[],"entries":[]}';

/**
 * The part of the news for a member, as JSON text: the records they may see, and of those they saw before
 * and may not see any more only of which kind it is.
 */
export function newsFor(news: News, member: { id: string; role: Role }, opaque: OpaqueId): string {
  const isHidden = (kind: string, id: string) => isHiddenFrom(member.id, news.openness(kind, id));
  const drawsInSight = ({ kind, record_id }: News['drawn'][number]) =>
    kind === 'proposals' ? mayBeTold(member.role, 'proposals') : !isHidden(kind, record_id);

  const told = new Map<string, ToldChange>();
  const tell = (change: ToldChange) =>
    told.set(`${change.kind} ${change.id ?? ''} ${change.isOfOwner ?? ''}`, change);

  function tellOf({ kind, id, is_of_owner, was_open }: ChangeRow): void {
    const matter = byRoleAlone(kind);
    if (matter) {
      if (mayBeTold(member.role, matter)) tell({ kind, id });
      return;
    }
    if (!isHidden(deciding(kind), id)) tell({ kind, id, ...(is_of_owner && { isOfOwner: true }) });
    else if (is_of_owner && was_open) tell({ kind, isOfOwner: true });
    // A pot that was lent is seen by whoever has it, and no longer once it is given back.
    if (kind === 'shelves') tell(isHidden('pots', id) ? { kind: 'pots' } : { kind: 'pots', id });
  }

  /** Pots that stand for hidden ones which a record in sight draws from. */
  function tellOfShadows(): void {
    for (const row of news.drawn)
      if (isHidden('pots', row.pot_id) && drawsInSight(row))
        tell({ kind: 'pots', id: opaque('pots', row.pot_id) });
  }

  news.changes.forEach(tellOf);
  if (news.changes.length > 0) tellOfShadows();
  const entries = news.entries
    .filter(
      ({ bench_id, member_id }) =>
        member_id === member.id ||
        !(['benches', 'armies'] as const).some((kind) => isHidden(kind, bench_id)),
    )
    .flatMap((entry) => shownEntry(entry, isHidden, opaque));
  return `{"changes":${JSON.stringify([...told.values()])},"entries":[${entries.join(',')}]}`;
}

/** Put together as text: an entry is serialized again only for hearers from whom part of it is hidden. */
function shownEntry(
  { sequence, content }: EntryRow,
  isHidden: (kind: string, id: string) => boolean,
  opaque: OpaqueId,
): string[] {
  const asText = (shown: string) => [`{"sequence":${sequence},"entry":${shown}}`];
  const read = entrySchema.safeParse(parsed(content));
  if (!read.success) return [];
  const hides = ({ kinds, id }: { kinds: readonly string[]; id: string }) =>
    kinds.some((kind) => isHidden(kind, id));
  if (!referencesOf('log', read.data).some(hides)) return asText(content);
  return asText(
    JSON.stringify(
      withReferences('log', read.data, (reference) =>
        hides(reference)
          ? veiled(reference, opaque(reference.kinds[0], reference.id))
          : reference.id,
      ),
    ),
  );
}
