import type { Beside, Said } from '../said';
import type { Frame } from './frame/frame';
import { linesTowards } from './towards';

const rises = 0.14;
const highest = 0.92;
/** More of something with no figure: so much to 1 part of the mix. */
const moreOfIt = 0.25;
const round = (figure: number) => Math.round(figure * 100) / 100;

/**
 * The lines one part of a sentence comes to: one for each share it lists, and one for each layer that
 * goes on less than the one before with more of something in it.
 */
export function severalLines(frame: Frame, said: Said, beside: Beside): Said[] {
  const { shares } = frame;
  if (shares.length > 1)
    return shares.map((share, index) => ({
      ...said,
      ...(index > 0 && said.like !== undefined && { like: said.like + index }),
      tone: { from: round(1 - share), to: 1 },
    }));
  const towards = linesTowards(frame, said, beside);
  if (towards) return towards;
  const coats = said.coats ?? 1;
  const added = frame.addedFrom ?? 0;
  if (frame.shrinks && added > 0 && coats > 1) return eachWithMore(said, added, beside);
  if (!(frame.shrinks && frame.intoAbove && coats > 1)) return [said];
  const { last: _last, coats: _coats, ...each } = said;
  const from = said.tone?.from ?? 0.5;
  return Array.from({ length: coats }, (_, index) => ({
    ...each,
    coats: 1,
    // Each is mixed from the one before it.
    parts: each.parts.map((part) => ('line' in part ? { ...part, line: part.line + index } : part)),
    tone: { from: round(Math.min(highest, from + index * rises)), to: 1 },
  }));
}

/** “Three layers of tan, each smaller, adding tallow”: tan, and twice more tallow in the one before. */
function eachWithMore(said: Said, added: number, { above }: Beside): Said[] {
  const coats = said.coats ?? 1;
  const from = said.tone?.from ?? 0.5;
  const { last: _last, coats: _coats, ...each } = said;
  const more = said.parts.slice(added).map((part) => ({ ...part, parts: part.parts ?? moreOfIt }));
  return Array.from({ length: coats }, (_, index) => ({
    ...each,
    coats: 1,
    parts:
      index === 0
        ? said.parts.slice(0, added)
        : [{ line: above.length + index, parts: 1 }, ...more],
    tone: { from: round(Math.min(highest, from + index * rises)), to: 1 },
  }));
}
