import type { AnyRecord } from '@yellow-ledger/core';
import type { Asked, Problem } from '../ask';
import { unsentPictures } from '../pictures/unsentPictures';

/**
 * Sends what has to be on the server before a record is: the picture it names, where that still
 * lies here alone.
 *
 * @returns what went wrong; null where the record can go
 */
export async function sendFirst(ask: Asked, record: AnyRecord): Promise<{ error: Problem } | null> {
  if (!('picture' in record)) return null;
  const { hash } = record.picture;
  const bytes = await unsentPictures.waiting(hash);
  if (!bytes) return null;
  const answer = await ask('/api/pictures', { method: 'POST', body: bytes });
  if ('error' in answer) return answer;
  unsentPictures.sent(hash);
  return null;
}
