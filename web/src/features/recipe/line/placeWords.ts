import type { Placement } from '@yellow-ledger/core';

/** Where the strokes of a line finish. */
export const pullWords = {
  down: 'towards the pit',
  even: 'evenly',
  up: 'towards the point',
} as const;

/** @example softnessWords(0.1) // → 'soft' */
export function softnessWords(softness: number): string {
  if (softness < 0.02) return 'hard';
  if (softness < 0.08) return 'crisp';
  if (softness < 0.18) return 'soft';
  return softness < 0.3 ? 'very soft' : 'melting';
}

/** @example endsWords(placement) // → 'soft, strokes finish evenly' */
export const endsWords = ({ softness, pull, last }: Placement): string =>
  `${softnessWords(softness)}, strokes finish ${pullWords[pull]}${last ? ', each coat smaller' : ''}`;
