import type { Step } from '../../../written/recipe/step';
import type { FactAt, Settling } from './settling';
import type { Beside, SaidPart, Span } from '../said';

const mostInMix = 12;

const sourceOf = (part: SaidPart) => ('potId' in part ? part.potId : part.line);

/** Whether it is said by its number: the mix above is a mix. */
const isLineAbove = (part: SaidPart, above: readonly Step[]): part is SaidPart & { line: number } =>
  'line' in part &&
  part.parts === undefined &&
  above.at(part.line - 1) !== undefined &&
  part.line > 0;

/** The parts of the mix, with the ratio that was said of them. */
export function settleParts(settling: Settling, facts: readonly FactAt[], { above }: Beside): void {
  const { said, marks } = settling;
  const ofParts = facts.flatMap((each) => ('part' in each.fact ? [{ ...each, ...each.fact }] : []));
  const mark = (at: number, message: string) => marks.push({ ...ofParts[at].span, message });
  const isBeside = ofParts.some(({ isWithAbove }) => isWithAbove);
  const hasLine = ofParts.some(({ part }) => 'line' in part);
  if (isBeside && !hasLine) {
    if (above.at(-1)?.mix.parts.length) said.parts.push({ line: above.length });
    else mark(0, 'there is no mix above this line');
  }
  const numbered = ofParts.filter(({ part }) => part.parts !== undefined);
  const ratio = facts.find(
    ({ fact }) =>
      'ratio' in fact &&
      !fact.ratio.thinner &&
      (fact.ratio.isEven || fact.ratio.parts.length === ofParts.length),
  );
  const [whole] = ofParts;
  if (ofParts.length === 1 && whole.isWhole && isLineAbove(whole.part, above)) {
    said.like = whole.part.line;
    return;
  }
  const isRatioOfThem = ofParts.length > 1 && numbered.length === 0 && ratio !== undefined;
  const isTwice = (part: SaidPart, isUnjoined: boolean) =>
    (isUnjoined || part.parts === undefined) &&
    said.parts.some((each) => sourceOf(each) === sourceOf(part));
  ofParts.forEach(({ part, isUnjoined }, index) => {
    const line = 'line' in part && part.line === -1 ? { ...part, line: above.length } : part;
    if ('line' in line && !(above.at(line.line - 1)?.mix.parts.length && line.line > 0))
      mark(index, 'there is no mix above this line');
    else if (isTwice(line, isUnjoined)) {
      // “Varnish with reedmat” names one pot twice.
      if (numbered.length === 0 && (isUnjoined || 'potId' in part)) return;
      mark(index, 'is in the mix already');
    } else if (said.parts.length >= mostInMix) mark(index, `at most ${mostInMix} in a mix`);
    else said.parts.push(line);
    if (index > 0 && isUnjoined && part.parts === undefined && !isRatioOfThem)
      mark(index, 'are these mixed? say “+” between them');
  });
  // “Half of it bone” is of the surface: of one pot alone half is as much as all.
  if (!isBeside && said.parts.length === 1 && ofParts.at(-1)?.isAmount)
    mark(ofParts.length - 1, 'so much of what?');
  settleShares(
    settling,
    ofParts.flatMap(({ isPercent, span }) => (isPercent ? [span] : [])),
  );
  if (!isRatioOfThem || !('ratio' in ratio.fact)) return;
  const { isEven } = ratio.fact.ratio;
  const parts = isEven ? ofParts.map(() => 1) : ratio.fact.ratio.parts;
  if (parts.every((each) => each > 0 && each <= 100))
    said.parts = said.parts.map((part, index) => ({ ...part, parts: parts[index] }));
  else marks.push({ ...ratio.span, message: 'parts above 0 and up to 100' });
  ratio.fact = { set: {} };
}

/** “Ochre with 10 % white”: the one that has no figure is the rest. */
function settleShares({ said, marks, rough }: Settling, shares: readonly Span[]): void {
  const [first] = shares;
  if (!first) return;
  const uncounted = said.parts.filter(({ parts }) => parts === undefined);
  const rest = 100 - said.parts.reduce((sum, { parts = 0 }) => sum + parts, 0);
  if (said.parts.length !== shares.length + uncounted.length)
    marks.push({ ...first, message: 'percent beside parts: say all of them in parts' });
  else if (uncounted.length > 1 || (uncounted.length === 1 && !(rest > 0)))
    marks.push({ ...first, message: 'percent of what? say all of them in parts' });
  else if (uncounted.length === 1) {
    said.parts = said.parts.map((part) => ({ ...part, parts: part.parts ?? rest }));
    rough.push({ ...first, means: `of the whole, the rest is ${rest} %` });
  }
}
