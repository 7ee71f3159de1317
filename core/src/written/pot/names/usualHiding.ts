import type { Pot, PotKind } from '../pot';

interface Colour {
  value: number;
  chroma: number;
  /** degrees */
  hue: number;
}

const hidingOfKind: Partial<Record<PotKind, number>> = {
  ink: 0.3,
  wash: 0.08,
  'one-coat': 0.25,
  medium: 0,
  varnish: 0,
};

/** Hiding of one neat coat of a kind that lets light through, 0–1: our own starting point. */
export const guessedHiding = (kind: PotKind, otherwise: number): number =>
  hidingOfKind[kind] ?? otherwise;

const paleFrom = 80;
const darkTo = 32;
const strongFrom = 38;

/**
 * Hiding of one neat coat that a pot of such a colour usually has: whites, yellows, oranges and
 * pinks cover badly, blacks, browns, greys and dark colours well. Our own starting point.
 */
export function usualHiding(
  { kind, finish }: Pick<Pot, 'kind' | 'finish'>,
  { value, chroma, hue }: Colour,
): number {
  if (kind === 'primer') return value > paleFrom ? 0.88 : 0.95;
  if (finish === 'fluorescent') return guessedHiding(kind, 0.25);
  if (finish === 'metallic') return guessedHiding(kind, 0.82);
  return guessedHiding(kind, hidingOfPaint(value, chroma, hue));
}

function hidingOfPaint(value: number, chroma: number, hue: number): number {
  if (value <= darkTo) return chroma < 12 ? 0.93 : 0.84;
  const isPale = value >= paleFrom;
  const isRed = hue < 40 || hue >= 330;
  const isYellow = hue >= 40 && hue < 112;
  if (chroma >= strongFrom) {
    if (isYellow) return value > 60 ? 0.45 : 0.66;
    if (isRed) return value > 42 ? 0.55 : 0.64;
    return isPale ? 0.5 : 0.64;
  }
  if (isPale) return 0.58;
  if (value > 70) return 0.68;
  return 0.78;
}
