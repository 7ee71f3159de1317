import { ribbonStops, type Mend } from '@yellow-ledger/core';
import { Ribbon } from '../../parts/Ribbon';
import { minutesInWords } from '../../parts/words/minutesInWords';
import type { Rescued } from '../../workers/work/rescueWork';

/** Ways to mend it, each with what it leads to. */
export function Mends({ rescued, onFix }: { rescued: Rescued; onFix: (mend: Mend) => void }) {
  const { mends, now, planned, error } = rescued;
  if (rescued.stepId === null)
    return <p>Nothing is on this surface yet: paint over it as planned.</p>;
  return (
    <>
      <div className="mend-state">
        <p>
          As planned
          {rescued.coatsToCome > 0 && ` after the ${coatsWords(rescued.coatsToCome)} still to come`}
        </p>
        <Ribbon stops={ribbonStops} hexes={planned.map(({ hex }) => hex)} label="As planned" />
        <p>
          ≈ As it is;{' '}
          {rescued.coatsToCome > 0 ? `after the ${coatsWords(rescued.coatsToCome)}` : 'left so'} it
          is ΔE00 {error.toFixed(1)} off there
        </p>
        <Ribbon stops={ribbonStops} hexes={now.map(({ hex }) => hex)} label="As it is" isEstimate />
      </div>
      <ol className="mends" aria-label="What mends it, the best first">
        {mends.map((mend, index) => (
          <li key={mend.sentence}>
            <div>
              <p>
                {mend.sentence}
                <small>
                  {' '}
                  {mend.kind !== 'leave' && (
                    <>
                      ≈ ΔE00 {error.toFixed(1)} → {mend.error.toFixed(1)},{' '}
                      {minutesInWords(Math.max(1, mend.minutes))}
                      {mend.isWet && mend.kind !== 'lift' && ', its mix is still wet'}
                    </>
                  )}
                </small>
              </p>
              <Ribbon
                stops={ribbonStops}
                hexes={mend.after.map(({ hex }) => hex)}
                label={`After: ${mend.sentence}`}
                isEstimate
              />
            </div>
            <button
              type="button"
              className={index === 0 ? 'next-button' : 'outline-button'}
              aria-label={`Do this: ${mend.sentence}`}
              onClick={() => onFix(mend)}
            >
              Do this
            </button>
          </li>
        ))}
      </ol>
    </>
  );
}

const coatsWords = (coats: number) => (coats === 1 ? 'coat' : `${coats} coats`);
