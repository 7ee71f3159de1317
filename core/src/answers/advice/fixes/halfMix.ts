import { bridgeInRungs } from '../../../predicted/glazes/bridgeMixes';
import { bridgeFix } from './bridgeFix';
import type { PaintedLine } from '../adviceContext';
import type { Fix } from './fix';

/**
 * A line between two others whose mix lies half-way between theirs in L*, by whole parts.
 *
 * @returns null where it would take more parts than anybody counts out
 */
export function halfMixFix(lower: PaintedLine, upper: PaintedLine, label: string): Fix | null {
  const { rungs } = bridgeInRungs(lower.paint, upper.paint, 1);
  try {
    return rungs.length > 0 ? bridgeFix(lower.written, upper.written, rungs, label) : null;
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}
