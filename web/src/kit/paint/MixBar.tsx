import type { Mix } from '@yellow-ledger/core';
import './mixBar.scss';

export interface MixBarProps {
  mix: Mix;
  hexOfPot: (potId: string) => string;
  hexOfStep: (stepId: string) => string;
  lineNumber: (stepId: string) => number;
}

/**
 * The mix on the brush: blocks as wide as their parts, thinner hatched, a carried-forward mix
 * bracketed with the number of the line it comes from. Its words stand beside it.
 */
export function MixBar({ mix, hexOfPot, hexOfStep, lineNumber }: MixBarProps) {
  const total = mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  return (
    <div className="mix-bar" aria-hidden="true">
      {mix.parts.map((part, index) => (
        <span
          key={index}
          className={part.from === 'step' ? 'mix-block mix-carried' : 'mix-block'}
          style={{
            flexGrow: part.parts / total,
            background: part.from === 'pot' ? hexOfPot(part.potId) : hexOfStep(part.stepId),
          }}
        >
          {part.from === 'step' && <b>{lineNumber(part.stepId)}</b>}
        </span>
      ))}
      {(mix.waterParts > 0 || mix.parts.length === 0) && (
        <span className="mix-block mix-water" style={{ flexGrow: mix.waterParts || 1 }} />
      )}
      {mix.mediumParts > 0 && (
        <span className="mix-block mix-medium" style={{ flexGrow: mix.mediumParts }} />
      )}
    </div>
  );
}
