import { withCarriedBack, type CarriedField } from '../written/record/carriedFields';
import {
  fileFormat,
  fileListNames,
  fileMinor,
  fileVersion,
  type FileListName,
  type KeptSection,
  type LedgerFile,
} from './ledgerFile';

interface Carrying {
  more?: CarriedField[] | undefined;
}

/**
 * Writes a file piece by piece, whatever its size: `begin`, then each list with what is in it, then
 * `end`. What came with records from a newer minor version goes out in its place, and the file then
 * counts as of that version, which is why that stands last.
 */
export class LedgerFileWriting {
  private minor = fileMinor;
  private readonly written = new Set<string>();
  private isListBegun = false;

  begin(version: LedgerFile['version'] = fileVersion): string {
    return `{\n"format": ${JSON.stringify(fileFormat)},\n"version": ${version}`;
  }

  beginList(name: FileListName): string {
    this.written.add(name);
    this.isListBegun = false;
    return `,\n${JSON.stringify(name)}: [`;
  }

  /** One thing of the list that was begun, on a line of its own. */
  record(list: FileListName, record: object): string {
    const comma = this.isListBegun ? ',' : '';
    this.isListBegun = true;
    return `${comma}\n${JSON.stringify(list === 'versions' ? this.version(record) : this.back(record))}`;
  }

  endList(): string {
    return this.isListBegun ? '\n]' : ']';
  }

  /** @param minor of the file as it was read; what was carried may be newer */
  end(sections: readonly KeptSection[], minor = 0): string {
    // A part that has become known since goes out as it is kept now.
    const unknown = sections.filter(({ name }) => !this.written.has(name));
    const parts = unknown.map(({ name, value }) => this.part(name, value));
    const newest = Math.max(this.minor, minor, ...sections.map(({ since }) => since));
    return `${parts.join('')}${this.part('minor', newest)}\n}\n`;
  }

  private part(name: string, value: unknown): string {
    return `,\n${JSON.stringify(name)}: ${JSON.stringify(value)}`;
  }

  private version(record: object): object {
    const { content } = record as { content: object };
    const whole: Carrying & { content: object } = { ...record, content: this.back(content) };
    return this.back(whole);
  }

  private back(record: Carrying): object {
    for (const { since } of record.more ?? []) this.minor = Math.max(this.minor, since);
    return withCarriedBack(record);
  }
}

/**
 * A file that is held whole as text, for whoever looks into it.
 *
 * @param sections whole parts of newer files that were kept unread, by name
 */
export function ledgerFileText(file: LedgerFile, sections: readonly KeptSection[] = []): string {
  const writing = new LedgerFileWriting();
  let text = writing.begin(file.version);
  for (const name of fileListNames) {
    const list: readonly object[] | undefined = file[name];
    if (!list) continue;
    text += writing.beginList(name);
    for (const record of list) text += writing.record(name, record);
    text += writing.endList();
  }
  text += writing.end(sections, file.minor);
  return JSON.stringify(JSON.parse(text), null, 2);
}
