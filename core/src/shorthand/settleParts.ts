import type { FactAt, Settling } from './settling';
import type { Beside, SaidPart } from './said';

const mostInMix = 12;

const sourceOf = (part: SaidPart) => ('potId' in part ? part.potId : part.line);

/** The parts of the mix, with the ratio that was said of them. */
export function settleParts(settling: Settling, facts: readonly FactAt[], { above }: Beside): void {
  const { said, marks } = settling;
  const ofParts = facts.flatMap((each) => ('part' in each.fact ? [{ ...each, ...each.fact }] : []));
  const mark = (at: number, message: string) => marks.push({ ...ofParts[at].span, message });
  const isBeside = ofParts.some(({ isWithAbove }) => isWithAbove);
  const hasLine = ofParts.some(({ part }) => 'line' in part);
  if (isBeside && !hasLine) said.parts.push({ line: above.length });
  const numbered = ofParts.filter(({ part }) => part.parts !== undefined);
  const ratio = facts.find(
    ({ fact }) =>
      'ratio' in fact && !fact.ratio.thinner && fact.ratio.parts.length === ofParts.length,
  );
  const isRatioOfThem = ofParts.length > 1 && numbered.length === 0 && ratio !== undefined;
  const isTwice = (part: SaidPart, isUnjoined: boolean) =>
    (isUnjoined || part.parts === undefined) &&
    said.parts.some((each) => sourceOf(each) === sourceOf(part));
  ofParts.forEach(({ part, isUnjoined }, index) => {
    const line = 'line' in part && part.line === -1 ? { ...part, line: above.length } : part;
    if ('line' in line && !(above.at(line.line - 1)?.mix.parts.length && line.line > 0))
      mark(index, 'there is no mix above this line');
    else if (isTwice(line, isUnjoined)) {
      // “varnish reedmat” names one pot twice.
      if (numbered.length === 0) return;
      mark(index, 'is in the mix already');
    } else if (said.parts.length >= mostInMix) mark(index, `at most ${mostInMix} in a mix`);
    else said.parts.push(line);
    if (index > 0 && isUnjoined && part.parts === undefined && !isRatioOfThem)
      mark(index, 'are these mixed? say “+” between them');
  });
  if (!isRatioOfThem || !('ratio' in ratio.fact)) return;
  const { parts } = ratio.fact.ratio;
  if (parts.every((each) => each > 0 && each <= 100))
    said.parts = said.parts.map((part, index) => ({ ...part, parts: parts[index] }));
  else marks.push({ ...ratio.span, message: 'parts above 0 and up to 100' });
  ratio.fact = { set: {} };
}
