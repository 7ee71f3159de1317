import { greatestDivisor } from '../../../written/mix/greatestDivisor';
import type { Beside, SaidPart } from '../said';
import type { Frame, PaintSaid, RatioSaid } from './frame/frame';

/** So much of a paint that is put into a mix with no figure. */
const unsaidShare = 0.5;
const mostInMix = 12;

/** The parts of the mix, with the ratio or shares said of them. */
export function settleMix(frame: Frame, beside: Beside): SaidPart[] {
  const paints = once(frame.paints);
  const isAdded = frame.intoAbove && beside.above.some(({ mix }) => mix.parts.length > 0);
  const hasLine = paints.some(({ line }) => line !== undefined);
  for (const paint of paints) askWhich(paint, frame);
  const [only] = paints;
  if (paints.length === 1 && !isAdded) takeLittleInMedium(only, frame);
  // “A bit of tallow on the nose” is tallow.
  // “Half straw”, beside a line above, is put into its mix.
  const isShare =
    paints.length === 1 && only.line === undefined && only.share !== undefined && only.share < 1;
  if (isShare && beside.above.some(({ mix }) => mix.parts.length > 0))
    return [
      { line: lastMixed(beside), parts: 1 - (only.share ?? 0) },
      { ...sourceOf(only), parts: only.share },
    ];
  if (paints.length === 1 && only.isAmount && !isAdded) delete only.parts;
  if (paints.length === 1 && only.share !== undefined && !isAdded) delete only.share;
  if (isAdded && !hasLine && paints.length > 0) {
    const line = frame.sameAs ?? lastMixed(beside);
    const ratio = frame.ratios.find(({ thinner, parts }) => !thinner && parts.length === 2);
    if (ratio && paints.length === 1 && only.parts === undefined) {
      frame.ratios = frame.ratios.filter((each) => each !== ratio);
      const [ofAbove, ofIt] = simplest(ratio.parts);
      return [
        { line, parts: ofAbove },
        { ...sourceOf(only), parts: ofIt },
      ];
    }
    return [
      { line, parts: 1 },
      ...paints.map((paint) => ({
        ...sourceOf(paint),
        parts: paint.parts ?? paint.share ?? unsaidShare,
      })),
    ];
  }
  if (paints.length === 0) return ratioOfAbove(frame, beside);
  askPercent(paints, frame);
  const shared = withRatio(paints, frame) ?? withShares(paints);
  return shared.slice(0, mostInMix);
}

/** “Medium with a whisper of rose” is so much medium to the paint. */
function takeLittleInMedium({ isAmount, parts = 1 }: PaintSaid, frame: Frame): void {
  if (!frame.mediumSaid || !isAmount || parts >= 0.5) return;
  delete frame.mediumSaid;
  frame.medium = 1 / parts;
}

/** Each paint once; the one that has a figure counts. */
function once(paints: readonly PaintSaid[]): PaintSaid[] {
  const found = new Map<string, PaintSaid>();
  for (const paint of paints) {
    const key = paint.line === undefined ? paint.pots.map(({ id }) => id).join() : `#${paint.line}`;
    const before = found.get(key);
    const isBetter =
      before &&
      paint.parts !== undefined &&
      (before.parts === undefined || (before.isAmount && !paint.isAmount));
    if (!before || isBetter) found.set(key, { ...paint });
  }
  return [...found.values()];
}

function askWhich(paint: PaintSaid, frame: Frame): void {
  if (paint.pots.length < 2) return;
  const isOneName = new Set(paint.pots.map(({ name }) => name)).size === 1;
  frame.marks.push({
    ...paint.span,
    message: isOneName
      ? `is the name of ${paint.pots.length} pots: say “no. 1” to “no. ${paint.pots.length}” after it`
      : `may be any of ${paint.pots.length} pots`,
    choices: paint.pots.map(({ id, name }, index) => ({
      id,
      name: isOneName ? `${name} no. ${index + 1}` : name,
    })),
  });
}

const sourceOf = ({ line, pots }: PaintSaid): { line: number } | { potId: string } =>
  line === undefined ? { potId: pots[0]?.id ?? '' } : { line };

const lastMixed = ({ above }: Beside): number => {
  for (let line = above.length; line > 0; line--)
    if (above[line - 1].mix.parts.length > 0) return line;
  return above.length;
};

/** @example simplest([75, 25]) // → [3, 1] */
function simplest(parts: readonly number[]): number[] {
  if (!parts.every((part) => Number.isInteger(part) && part > 0)) return [...parts];
  const divisor = parts.reduce(greatestDivisor);
  return parts.map((part) => part / divisor);
}

/** A ratio that is of the paints: as many figures as paints, and no thinner beside it. */
function withRatio(paints: readonly PaintSaid[], frame: Frame): SaidPart[] | null {
  if (frame.isEven && paints.length > 1)
    return paints.map((paint) => ({ ...sourceOf(paint), parts: 1 }));
  const isUncounted = paints.every(
    ({ parts, percent, share }) => (parts ?? percent ?? share) === undefined,
  );
  const ratio = frame.ratios.find(
    ({ thinner, parts }) => !thinner && paints.length > 1 && parts.length === paints.length,
  );
  if (!ratio || !isUncounted || ratio.parts.some((part) => !(part > 0))) return null;
  frame.ratios = frame.ratios.filter((each) => each !== ratio);
  const parts = simplest(ratio.parts);
  return paints.map((paint, index) => ({ ...sourceOf(paint), parts: parts[index] }));
}

/** Percent beside parts, or of more than one rest. */
function askPercent(paints: readonly PaintSaid[], frame: Frame): void {
  const percents = paints.filter(({ percent }) => percent !== undefined);
  const uncounted = paints.filter(
    ({ percent, parts, share }) => (percent ?? parts ?? share) === undefined,
  );
  const isBesideParts = paints.some(({ parts, isAmount }) => parts !== undefined && !isAmount);
  const sum = percents.reduce((total, { percent = 0 }) => total + percent, 0);
  if (percents.length === 0 || paints.length === 1) return;
  const [{ span }] = percents;
  if (isBesideParts)
    frame.marks.push({ ...span, message: 'percent beside parts: say all of them in parts' });
  else if (uncounted.length > 1 || (uncounted.length === 1 && sum >= 100))
    frame.marks.push({ ...span, message: 'percent of what? say all of them in parts' });
  else if (uncounted.length === 1)
    frame.rough.push({ ...span, means: `of the whole, the rest is ${100 - sum} %` });
}

function withShares(paints: readonly PaintSaid[]): SaidPart[] {
  const percents = paints.reduce((sum, { percent = 0 }) => sum + percent, 0);
  const shares = paints.reduce((sum, { share = 0 }) => sum + share, 0);
  const uncounted = paints.filter(
    ({ percent, share, parts }) => (percent ?? share ?? parts) === undefined,
  );
  return paints.map((paint) => {
    const source = sourceOf(paint);
    if (paint.percent !== undefined) return { ...source, parts: paint.percent };
    if (percents > 0 && paint.parts === undefined)
      return { ...source, parts: Math.max(1, (100 - percents) / Math.max(1, uncounted.length)) };
    // A third of white is a third of the whole: the others share the rest.
    if (paint.share !== undefined) return { ...source, parts: paint.share };
    if (shares > 0 && shares < 1 && paint.parts === undefined)
      return { ...source, parts: (1 - shares) / Math.max(1, uncounted.length) };
    return paint.parts === undefined ? source : { ...source, parts: paint.parts };
  });
}

/** “75/25 into the recesses”: of the paints of the line above. */
function ratioOfAbove(frame: Frame, beside: Beside): SaidPart[] {
  const parts = beside.above.at(-1)?.mix.parts ?? [];
  const ratio: RatioSaid | undefined = frame.ratios.find(
    ({ thinner, parts: said }) => !thinner && said.length === parts.length && said.length > 1,
  );
  if (!ratio || frame.water !== undefined || frame.waterSaid || frame.mediumSaid) return [];
  frame.ratios = frame.ratios.filter((each) => each !== ratio);
  const amounts = simplest(ratio.parts);
  return parts.flatMap((part, index): SaidPart[] => {
    const amount = amounts[index];
    if (!(amount > 0)) return [];
    if (part.from === 'pot') return [{ potId: part.potId, parts: amount }];
    const line = beside.above.findIndex(({ id }) => id === part.stepId) + 1;
    return [{ line, parts: amount }];
  });
}
