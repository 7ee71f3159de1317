import { counted, ribbonStops, type Mend, differenceWords } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Grid } from '../../../kit/Grid';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import type { Rescued } from './rescueWork';
import { Figures } from '../../../kit/figures/Figures';

/** Ways to mend it, each with what it leads to. */
export function Mends({ rescued, onFix }: { rescued: Rescued; onFix: (mend: Mend) => void }) {
  const { mends, now, planned, error } = rescued;
  if (rescued.stepId === null)
    return <p>Nothing is on this surface yet: paint over it as planned.</p>;
  return (
    <>
      <div>
        <p>
          As planned
          {rescued.coatsToCome > 0 && ` after the ${coatsWords(rescued.coatsToCome)} still to come`}
        </p>
        <Ribbon surface={planned} stops={ribbonStops} label="As planned" />
        <p>
          ≈ As it is;{' '}
          {rescued.coatsToCome > 0 ? `after the ${coatsWords(rescued.coatsToCome)}` : 'left so'} it
          differs there: {differenceWords(error)}
          <Figures> (ΔE00 {error.toFixed(1)})</Figures>
        </p>
        <Ribbon surface={now} stops={ribbonStops} label="As it is" isEstimate />
      </div>
      <ol className="ruled mends" aria-label="What mends it, the best first">
        {mends.map((mend, index) => (
          <Grid as="li" key={mend.sentence} columns="minmax(0, 1fr) auto">
            <div>
              <p>
                {mend.sentence}
                <small>
                  {' '}
                  {mend.kind !== 'leave' && (
                    <>
                      ≈ then {differenceWords(mend.error)}
                      <Figures> (ΔE00 {mend.error.toFixed(1)})</Figures>,{' '}
                      {minutesInWords(Math.max(1, mend.minutes))}
                      {mend.isWet && mend.kind !== 'lift' && ', its mix is still wet'}
                    </>
                  )}
                </small>
              </p>
              <Ribbon
                surface={mend.after}
                stops={ribbonStops}
                label={`After: ${mend.sentence}`}
                isEstimate
              />
            </div>
            <Button
              variant={index === 0 ? 'next' : 'outline'}
              aria-label={`Do this: ${mend.sentence}`}
              onClick={() => onFix(mend)}
            >
              Do this
            </Button>
          </Grid>
        ))}
      </ol>
    </>
  );
}

const coatsWords = (coats: number) => (coats === 1 ? 'coat' : counted(coats, 'coat'));
