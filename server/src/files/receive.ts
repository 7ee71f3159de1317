import { statfsSync } from 'node:fs';
import { open } from 'node:fs/promises';
import type { IncomingMessage } from 'node:http';
import { dirname } from 'node:path';
import { Problem } from '../http/problem';

/** A file takes so much of the disk while it is taken in: itself, as read, in the journal and in the ledger. */
const timesItself = 4;

/**
 * Writes what is sent into a file.
 *
 * @throws Problem 507 when the disk has no room for it; the rest of what is sent is passed over
 */
export async function receive(sent: IncomingMessage, path: string): Promise<void> {
  const { bavail, bsize } = statfsSync(dirname(path));
  const most = (bavail * bsize) / timesItself;
  const refuseLarge = (bytes: number) => {
    if (bytes <= most) return;
    throw new Problem(
      507,
      'disk-full',
      `There is room on the disk for a file of ${(most / 1e6).toFixed(1)} MB, and this one has ${(bytes / 1e6).toFixed(1)} MB or more. Nothing was imported.`,
    );
  };
  const file = await open(path, 'w');
  try {
    refuseLarge(Number(sent.headers['content-length'] ?? 0));
    let bytes = 0;
    // Destroyed, the request would end the connection, and whoever sent it would not hear why.
    for await (const chunk of sent.iterator({ destroyOnReturn: false })) {
      bytes += (chunk as Buffer).length;
      refuseLarge(bytes);
      await file.write(chunk as Buffer);
    }
  } finally {
    await file.close();
    sent.resume();
  }
}
