import { potsOf, type AdviceContext, type PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/**
 * Paint over varnish: on gloss and satin it beads and rubs off. A gloss coat right under a wash is
 * for the wash to run, and what is restored after it holds on the wash.
 */
export const overVarnish = rule(6, (context) => {
  const { lines } = context;
  return lines.flatMap((line, index): Finding[] => {
    if (!isSlippery(line, context)) return [];
    const next = lines.slice(index + 1).find(({ meaning }) => meaning !== null);
    if (!next || next.meaning === 'tint') return [];
    return [
      {
        stepId: next.step.id,
        sentence: `Goes onto the varnish of line ${line.number}: paint beads on it and rubs off. Varnish last, or matt it first.`,
        figure: { value: line.number, unit: 'the line of varnish' },
        fixes: [],
      },
    ];
  });
});

/** A varnish over all that is not matt. */
function isSlippery(line: PaintedLine, { shelf }: AdviceContext): boolean {
  const { from, to } = line.step.placement;
  return (
    from === 0 &&
    to === 1 &&
    line.shares.length > 0 &&
    potsOf(line, shelf).every(({ pot }) => pot.kind === 'varnish' && pot.finish !== 'matt')
  );
}
