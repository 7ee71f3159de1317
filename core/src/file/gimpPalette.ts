import { parseHex } from 'culori/fn';
import type { Pot } from '../written/pot/pot';
import { TableError, type PotTable } from './csv/potTable';

const firstLine = 'GIMP Palette';

/**
 * A palette file (.gpl) as a table of names and swatches, for the same preview as any table.
 *
 * @throws TableError when it is none, or holds no colour
 */
export function readGimpPalette(text: string): PotTable {
  const lines = text.replace(/^\ufeff/, '').split(/\r\n|\r|\n/);
  if (lines[0]?.trim() !== firstLine)
    throw new TableError(`This is no palette file: its first line should be “${firstLine}”.`);
  const rows = lines.slice(1).flatMap((line, index): string[][] => {
    const entry = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*\S))?\s*$/.exec(line);
    if (!entry) return [];
    const [, red, green, blue, name] = entry;
    return [[name ?? `Colour ${index}`, [red, green, blue].join(' ')]];
  });
  if (rows.length === 0)
    throw new TableError(
      'There is no colour in this palette: each should stand on a line, as “217 154 31 Marigold”.',
    );
  return { header: ['name', 'swatch'], rows, delimiter: '\t' };
}

/** Pots as a palette file. Line ends in names become spaces. @param name of the palette */
export function writeGimpPalette(pots: readonly Pot[], name: string): string {
  const oneLine = (words: string) => words.replace(/\s+/g, ' ').trim();
  const entries = pots.map((pot) => {
    const { r, g, b } = parseHex(pot.swatch) ?? { r: 0, g: 0, b: 0 };
    const channels = [r, g, b].map((channel) => String(Math.round(channel * 255)).padStart(3));
    return `${channels.join(' ')}\t${oneLine(pot.name)}`;
  });
  return [firstLine, `Name: ${oneLine(name)}`, 'Columns: 8', '#', ...entries, ''].join('\n');
}
