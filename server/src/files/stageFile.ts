import { createReadStream, statSync } from 'node:fs';
import {
  fileListNames,
  LedgerFileError,
  LedgerFileReading,
  mostKeptBytes,
  resourceNames,
  resources,
  saysOtherwise,
  withNotes,
  type FileListName,
  type LedgerFile,
  type NotesOfArmies,
} from '@yellow-ledger/core';
import { JSONParser } from '@streamparser/json';
import { NestingGuard, TooDeep } from '../http/nesting';
import { heldFile, type TakenFile } from './takenFile';
import { openStaging, type Staging } from './staging';

const chunkBytes = 256 * 1024;
/** A version is a recipe and some words; an entry names at most two thousand models. */
const largestOther = resources.recipes.largestBytes;
/** As base64, with its hash. */
const largestPicture = (4 / 3) * mostKeptBytes + 1000;
/** Reject any single value larger than this limit. */
const largestValue = 4 * Math.max(...resourceNames.map((name) => resources[name].largestBytes));
/** Of the work of reading a file, so much is finding what stands in it; the rest is looking it through. */
const shareOfFinding = 0.4;

/**
 * Reads a file piece by piece, whatever its size, and looks through every piece.
 *
 * @param path of the file
 * @param stagingFile a new file, for what was read; it is deleted once the result is closed
 * @param onProgress told the share that is done, 0–1
 * @throws LedgerFileError where it cannot be taken in, with the reason
 */
export async function stageFile(
  path: string,
  stagingFile: string,
  onProgress: (share: number) => void = () => undefined,
): Promise<TakenFile & { close(): void }> {
  const staging = openStaging(stagingFile);
  try {
    const parts = await find(path, staging, (share) => onProgress(share * shareOfFinding));
    const reading = new LedgerFileReading(parts);
    for (const [name, value] of Object.entries(parts)) reading.part(name, value);
    const all = fileListNames.reduce((sum, list) => sum + staging.count(list), 0);
    let done = 0;
    for (const list of fileListNames) {
      let index = 0;
      for (const { place, json } of staging.each(list)) {
        const record = reading.record(list, index++, JSON.parse(json));
        const now = JSON.stringify(record);
        if (record && now !== json) staging.replace(list, place, now);
        if (++done % 200 === 0) onProgress(shareOfFinding + (1 - shareOfFinding) * (done / all));
      }
    }
    const { head, sections, notes } = reading.end();
    const has = (list: FileListName) => list in parts;
    const staged: TakenFile = {
      sections,
      has,
      count: (list) => staging.count(list),
      batches: (list, size) => batchesOf(staging, list, size),
    };
    return { ...broughtUpTo(staged, head, notes), close: () => staging.close() };
  } catch (error) {
    staging.close();
    throw error;
  }
}

/** Puts by what stands in the lists of a file. @returns everything else of it, and each list as an empty one */
async function find(
  path: string,
  staging: Staging,
  onProgress: (share: number) => void,
): Promise<Record<string, unknown>> {
  const parts: Record<string, unknown> = {};
  const bytes = Math.max(1, statSync(path).size);
  const guard = new NestingGuard();
  const parser = new JSONParser({ paths: ['$.*', '$.*.*'] });
  let read = 0;
  let lastValueAt = 0;
  let isWhole = false;
  parser.onEnd = () => (isWhole = true);
  parser.onValue = ({ value, key, parent, stack }) => {
    lastValueAt = read;
    if (stack.length === 1) {
      parts[String(key)] = isList(key) && Array.isArray(value) ? [] : value;
      return;
    }
    const list = stack[1]?.key;
    if (stack.length !== 2 || !isList(list) || !Array.isArray(parent)) return;
    const json = JSON.stringify(value);
    refuseLarge(list, Number(key), json);
    staging.add(list, json);
    // The staged pieces are released.
    parent[Number(key)] = undefined as never;
  };
  const write = (part: Buffer) => {
    try {
      parser.write(part);
    } catch (error) {
      throw error instanceof LedgerFileError ? error : LedgerFileError.notWhole();
    }
  };
  try {
    for await (const chunk of createReadStream(path, { highWaterMark: chunkBytes })) {
      const part = chunk as Buffer;
      guard.pass(part);
      read += part.length;
      if (read - lastValueAt > largestValue)
        throw new LedgerFileError(
          `This file holds something of more than ${largestValue / 1e6} MB, which no ledger has.`,
        );
      write(part);
      onProgress(read / bytes);
    }
  } catch (error) {
    if (error instanceof TooDeep)
      throw new LedgerFileError(`This file is ${error.message}, which nothing here is.`);
    throw error;
  }
  if (!isWhole) throw LedgerFileError.notWhole();
  return parts;
}

const isList = (name: unknown): name is FileListName =>
  (fileListNames as readonly unknown[]).includes(name);

function refuseLarge(list: FileListName, index: number, json: string): void {
  const most =
    list in resources
      ? resources[list as keyof typeof resources].largestBytes
      : list === 'pictures'
        ? largestPicture
        : largestOther;
  if (json.length <= most) return;
  const size = (json.length / 1e6).toFixed(1);
  throw new LedgerFileError(
    `${list}.${index} has ${size} MB; it should have at most ${most / 1e6} MB.`,
  );
}

function* batchesOf<Record extends object>(staging: Staging, list: FileListName, size: number) {
  let batch: Record[] = [];
  for (const { json } of staging.each(list)) {
    batch.push(JSON.parse(json) as Record);
    if (batch.length < size) continue;
    yield batch;
    batch = [];
  }
  if (batch.length > 0) yield batch;
}

/** Older notes hang together over the whole file; no older file was large. */
function broughtUpTo(
  staged: TakenFile,
  head: Pick<LedgerFile, 'format' | 'version' | 'minor'>,
  notes: NotesOfArmies,
): TakenFile {
  const lists = () =>
    Object.fromEntries(
      fileListNames
        .filter((list) => staged.has(list))
        .map((list) => [list, [...staged.batches(list, 1000)].flat()]),
    );
  if (!saysOtherwise(head, notes)) return staged;
  const file = withNotes({ ...head, ...lists() } as LedgerFile, notes);
  return heldFile({ file, sections: [...staged.sections] });
}
