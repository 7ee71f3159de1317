import { readFileSync } from 'node:fs';

/** One operation of a process on a file. */
export interface Noted {
  kind: 'write' | 'sync' | 'cut' | 'unlink';
  /** nanoseconds of the machine’s own clock */
  at: bigint;
  path: string;
  offset: number;
  data: Buffer;
}

const kinds = { w: 'write', s: 'sync', t: 'cut', u: 'unlink' } as const;

/** Reads what recordWrites.c has noted. */
export function notedIn(file: string): Noted[] {
  const bytes = readFileSync(file);
  const all: Noted[] = [];
  for (let at = 0; at < bytes.length;) {
    const pathEnd = at + 25 + bytes.readUInt32LE(at + 17);
    const dataEnd = pathEnd + bytes.readUInt32LE(at + 21);
    all.push({
      kind: kinds[String.fromCharCode(bytes[at]) as keyof typeof kinds],
      at: bytes.readBigInt64LE(at + 1),
      offset: Number(bytes.readBigInt64LE(at + 9)),
      path: bytes.toString('utf8', at + 25, pathEnd),
      data: bytes.subarray(pathEnd, dataEnd),
    });
    at = dataEnd;
  }
  return all;
}

/**
 * The files as a disk has them when the power goes: of each, what was written before its last sync;
 * of what was written since, each piece is there or not as `isThere` says.
 */
export function filesAtCut(
  noted: readonly Noted[],
  at: bigint,
  isThere: () => boolean,
): Map<string, Buffer> {
  const files = new Map<string, Noted[]>();
  const synced = new Map<string, number>();
  for (const each of noted) {
    if (each.at > at) break;
    const own = files.get(each.path) ?? [];
    files.set(each.path, own);
    if (each.kind === 'sync') synced.set(each.path, own.length);
    else if (each.kind === 'unlink') {
      files.delete(each.path);
      synced.delete(each.path);
    } else own.push(each);
  }
  const whole = new Map<string, Buffer>();
  for (const [path, own] of files) {
    const sure = synced.get(path) ?? 0;
    let content = Buffer.alloc(0);
    own.forEach((each, nth) => {
      if (nth >= sure && !isThere()) return;
      content = each.kind === 'cut' ? sized(content, each.offset) : written(content, each);
    });
    whole.set(path, content);
  }
  return whole;
}

function sized(content: Buffer, size: number): Buffer<ArrayBuffer> {
  const next = Buffer.alloc(size);
  content.copy(next, 0, 0, Math.min(size, content.length));
  return next;
}

function written(content: Buffer<ArrayBuffer>, { offset, data }: Noted): Buffer<ArrayBuffer> {
  const end = offset + data.length;
  const next = end > content.length ? sized(content, end) : content;
  data.copy(next, offset);
  return next;
}
