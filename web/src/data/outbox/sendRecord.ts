import {
  isSameContent,
  keptSchema,
  mergeContents,
  resources,
  type AnyRecord,
  type Kept,
  type ResourceName,
} from '@yellow-ledger/core';
import type { z } from 'zod';
import { isAway, unreadable, type Problem } from '../ask';
import { undoActions } from '../undo/undoSlice';
import { applyDeleted, applySaved } from '../serverCache';
import { sendFirst } from './sendFirst';
import type { WritingHand } from './writingHand';
import { writingActions, type PendingRecord } from './writingSlice';

/** So many answers may be lost before what the server has is taken for somebody else's. */
const mostUnanswered = 20;

/**
 * Sends one record as it is to be.
 *
 * @returns what keeps everything from being sent; null when the next may go
 */
export async function sendRecord(writer: WritingHand, key: string): Promise<Problem | null> {
  const sent = writer.pending(key);
  if (!sent) return null;
  const { name, id, base, mine } = sent;
  if (mine === null && base === null) {
    writer.drop(key);
    return null;
  }
  const unanswered = mine ? [...sent.unanswered, mine].slice(-mostUnanswered) : sent.unanswered;
  put(writer, { ...sent, unanswered, state: { is: 'sending' } });
  const path = `/api/${name}/${encodeURIComponent(id)}`;
  const answer =
    mine === null
      ? await writer.ask(`${path}?revision=${base?.revision ?? 0}`, { method: 'DELETE' })
      : ((await sendFirst(writer.ask, mine)) ??
        (await writer.ask(path, {
          method: 'PUT',
          body: JSON.stringify({ content: mine, revision: base?.revision ?? 0 }),
        })));
  const stands = (state: PendingRecord['state']) =>
    writer.store.dispatch(writingActions.stands({ key, state }));

  if ('error' in answer) {
    const { error } = answer;
    if (isAway(error)) {
      stands({ is: 'waiting' });
      return error;
    }
    if (error.status === 409 && error.code === 'stale') stale(writer, key, error);
    else if (mine === null) {
      // A record that cannot be deleted is shown again.
      writer.drop(key);
      writer.notice(error.message);
    } else stands({ is: 'refused', message: error.message });
    return null;
  }

  if (mine === null) {
    // Only the ledger’s own answer, which is empty, says that it is gone.
    if (answer.data !== null) {
      stands({ is: 'waiting' });
      return unreadable;
    }
    applyDeleted(writer.store, name, id, base?.revision ?? 0);
    wrote(writer, key, sent, null);
    return null;
  }
  const kept = keptOf(name, answer.data);
  if (!kept) {
    stands({ is: 'waiting' });
    return unreadable;
  }
  applySaved(writer.store, name, kept);
  wrote(writer, key, sent, kept);
  return null;
}

/** The server has what was sent; what was written meanwhile goes on from there. */
function wrote(
  writer: WritingHand,
  key: string,
  sent: PendingRecord,
  kept: Kept<AnyRecord> | null,
) {
  const now = writer.pending(key);
  if (!now || now.mine === sent.mine || isSameContent(now.mine, kept?.content ?? null))
    return writer.drop(key);
  put(writer, { ...now, base: kept, unanswered: [], state: { is: 'waiting' } });
}

/** Somebody else has written it: both are brought together, or whoever writes here chooses. */
function stale(writer: WritingHand, key: string, { current, message }: Problem): void {
  const pending = writer.pending(key);
  if (!pending) return;
  const { name, id, base, mine } = pending;
  const theirs = keptOf(name, current);
  if (theirs) applySaved(writer.store, name, theirs);
  else applyDeleted(writer.store, name, id, base?.revision ?? 0);
  if (theirs && mine !== null && isSameContent(theirs.content, mine)) return writer.drop(key);
  // A write that was sent and not answered has arrived after all: nobody else has written.
  if (theirs && pending.unanswered.some((own) => isSameContent(own, theirs.content)))
    return put(writer, { ...pending, base: theirs, unanswered: [], state: { is: 'waiting' } });
  if (pending.whenStale === 'theirs') return writer.drop(key);
  if (mine === null) {
    writer.drop(key);
    if (theirs) writer.notice(message);
    return;
  }
  if (!theirs || pending.whenStale === 'ask')
    return put(writer, { ...pending, state: { is: 'stale', theirs } });
  const { merged, withMine, isContested } = mergeContents(
    base?.content ?? null,
    mine,
    theirs.content,
  );
  if (isSameContent(merged, theirs.content)) writer.drop(key);
  else
    put(writer, {
      ...pending,
      base: theirs,
      mine: merged,
      unanswered: [],
      state: { is: 'waiting' },
    });
  if (!isContested) return writer.notice('It was changed elsewhere too; both changes are kept.');
  const deed = {
    label: `your change of this ${resources[name].label}, over what was changed elsewhere`,
    of: crypto.randomUUID(),
    at: Date.now(),
    scope: null,
    records: [{ name, before: merged, after: withMine }],
    entries: [],
  };
  writer.store.dispatch(undoActions.putBy(deed));
  writer.notice(
    'Somebody changed the same thing elsewhere, and theirs stands. “Redo” puts yours in its place.',
  );
}

function put(writer: WritingHand, pending: PendingRecord): void {
  writer.store.dispatch(writingActions.put(pending));
  writer.keeping.record(pending);
}

function keptOf(name: ResourceName, answer: unknown): Kept<AnyRecord> | null {
  const schema = keptSchema(resources[name].schema as z.ZodType<AnyRecord>);
  const read = schema.safeParse(answer);
  return read.success ? read.data : null;
}
