import { nearestStop, toneStops } from '../../written/place/toneAxis';
import type { LineReading } from '../../answers/shorthand/lineReading';
import type { Said } from './meant';

/** How a sentence was read: as it was meant, asked about though it was clear, or wrongly without a word. */
export type Judged = { is: 'right' } | { is: 'asked' | 'wrong'; why: string };

/** A place lies about the stops it was said by: hollows a little higher, what stands up to the point. */
function isPlace(meant: Said[1]['tone'], from: number, to: number): boolean {
  if (!meant) return true;
  const index = (name: string) => toneStops.findIndex((stop) => stop.name === name);
  const [low, high] = meant.map(index);
  const [first, last] = [index(nearestStop(from).name), index(nearestStop(to).name)];
  const standsUp = low >= index('raised') && last === index('point');
  return Math.abs(first - low) <= 1 && (standsUp || (last >= high && last <= high + 1));
}

/** The difference of the line from the intended one, in words; empty where there is none. */
function differences({ step, said }: LineReading, [, meant]: Said): string[] {
  if (!step) return ['no line'];
  const source = (part: (typeof step.mix.parts)[number]) =>
    part.from === 'pot' ? part.potId : `#${['one', 'two', 'three'].indexOf(part.stepId) + 1}`;
  const mix = step.mix.parts
    .map((part) => `${part.parts} ${source(part)}`)
    .sort()
    .join(', ');
  const { from, to, softness, pull, aim } = step.placement;
  const is: [string, unknown, unknown][] = [
    ['mix', meant.mix?.split(', ').filter(Boolean).sort().join(', '), mix],
    ['thin', meant.thin?.join(), `${step.mix.waterParts},${step.mix.mediumParts}`],
    ['coats', meant.coats, step.coats],
    ['up to', meant.upTo, step.coatsUpTo],
    ['technique', meant.technique, step.technique],
    ['stage', meant.stage, step.stage],
    [
      'tone',
      meant.tone?.join(),
      isPlace(meant.tone, from, to) ? meant.tone?.join() : `${from} to ${to}`,
    ],
    ['pull', meant.pull, pull],
    ['side', meant.side, aim?.facing?.side],
    ['spot', meant.spot, aim?.spot],
    ['level', meant.level, step.level],
    ['dry', meant.dry, step.dryMinutes],
  ];
  const [least, most] = meant.softness ?? [0, 1];
  if (softness < least || softness >= most) is.push(['softness', meant.softness?.join(), softness]);
  // Facts that were not said must not be read out of it either.
  if (meant.coats === undefined && said.coats !== undefined)
    is.push(['coats', 'none said', said.coats]);
  if (meant.thin === undefined && said.water !== undefined)
    is.push(['thin', 'none said', said.water]);
  return is
    .filter(([, wanted, got]) => wanted !== undefined && wanted !== got)
    .map(([what, wanted, got]) => `${what}: ${String(wanted)} was meant, ${String(got)} was read`);
}

/** Judges one reading. Marks have to be on what was to be asked about, and on nothing else. */
export function judgeSaid(reading: LineReading, said: Said): Judged {
  const [sentence, { asks = [] }] = said;
  const marked = reading.marks.map(({ from, to }) => sentence.slice(from, to).toLowerCase());
  const isOf = (mark: string, ask: string) => mark.includes(ask) || ask.includes(mark);
  const unasked = asks.filter((ask) => !marked.some((mark) => isOf(mark, ask)));
  const needless = marked.filter((mark) => !asks.some((ask) => isOf(mark, ask)));
  const differs = differences(reading, said);
  if (needless.length > 0)
    return { is: 'asked', why: `marked ${needless.join(' | ')}; ${differs.join('; ')}` };
  if (unasked.length > 0) return { is: 'wrong', why: `did not ask about ${unasked.join()}` };
  if (differs.length > 0)
    return { is: reading.marks.length > 0 ? 'asked' : 'wrong', why: differs.join('; ') };
  return { is: 'right' };
}
