import {
  entrySchema,
  referencesOf,
  withReferences,
  type Kept,
  type LogEntry,
  type Pot,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import { parsed } from '../db/recordStore';
import type { LogTexts } from '../log/logTexts';
import { senderOf, type Asker } from './asker';
import type { OpenLedger } from './openLedger';
import { Permissions } from './permissions';
import type { Sight } from './sight';

/** The log as it is open to a member. */
export function openLog(
  { db, log }: Pick<Ledger, 'db' | 'log'>,
  asker: Asker,
  sightOf: (from: Knex | Knex.Transaction) => Sight,
): OpenLedger['log'] {
  return {
    async *textsAfter(sequence) {
      const sight = sightOf(db);
      const hidden = await allHidden(sight);
      for await (const page of log.textsAfter(sequence, { memberId: asker.memberId, isOwn: false }))
        yield { ...page, items: await shownTexts(page.items, hidden, sight) };
    },

    append: (entries) =>
      db.transaction(async (within) => {
        const sight = sightOf(within);
        await new Permissions(asker, within).beforeLogging(entries);
        const real = await withoutHiddenPots(entries, sight);
        const drawn = await log.append(real, senderOf(asker), within);
        return seenPots(drawn, sight);
      }),

    removeDamaged: (id) => log.removeDamaged(id),
  };
}

/** Identifiers of everything hidden that an entry may name. */
async function allHidden(sight: Sight): Promise<ReadonlySet<string>> {
  const hidden = new Set<string>();
  for (const kind of ['pots', 'recipes', 'armies', 'benches'] as const)
    for (const id of await sight.hiddenOf(kind)) hidden.add(id);
  return hidden;
}

/** Entries as text, with what their reader may not see under another name; most are passed on unread. */
async function shownTexts(
  items: LogTexts['items'],
  hidden: ReadonlySet<string>,
  sight: Sight,
): Promise<LogTexts['items']> {
  if (hidden.size === 0) return items;
  const shown: LogTexts['items'] = [];
  for (const item of items) {
    if (!namesOneOf(item.content, hidden)) {
      shown.push(item);
      continue;
    }
    const read = entrySchema.safeParse(parsed(item.content));
    // One that names what is hidden and cannot be read is not passed on as it stands.
    if (!read.success) continue;
    const content = await sight.shown('log', read.data);
    shown.push({ ...item, content: JSON.stringify(content) });
  }
  return shown;
}

/** Whether a text holds one of some identifiers as a whole string. */
function namesOneOf(text: string, ids: ReadonlySet<string>): boolean {
  for (const [, id] of text.matchAll(/"([A-Za-z0-9_-]{1,64})"/g)) if (ids.has(id)) return true;
  return false;
}

async function seenPots(pots: readonly Kept<Pot>[], sight: Sight): Promise<Kept<Pot>[]> {
  const hidden = await sight.hiddenAmong(
    'pots',
    pots.map(({ content }) => content.id),
  );
  return pots.filter(({ content }) => !hidden.has(content.id));
}

/**
 * Entries that draw nothing from pots their writer may not see. The entries themselves stay: a press
 * that was made is never refused for a pot that was taken back meanwhile.
 */
async function withoutHiddenPots(entries: readonly LogEntry[], sight: Sight): Promise<LogEntry[]> {
  const named = entries.flatMap((entry) =>
    referencesOf('log', entry).flatMap(({ kinds, id }) => (kinds[0] === 'pots' ? [id] : [])),
  );
  const hidden = await sight.hiddenAmong('pots', [...new Set(named)]);
  if (hidden.size === 0) return [...entries];
  return entries.map((entry) =>
    withReferences('log', entry, (reference) =>
      reference.kinds[0] === 'pots' && hidden.has(reference.id)
        ? sight.nameFor(reference)
        : reference.id,
    ),
  );
}
