import {
  counted,
  differenceWords,
  dropsFor,
  mixWords,
  potCosts,
  shelfOf,
  wetVolumeMl,
  techniqueOf,
  type MatchedMix,
  type Mix,
  type Pot,
  type SurfaceColour,
  type WantedMix,
} from '@yellow-ledger/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Grid } from '../../kit/Grid';
import { Problem } from '../../kit/Problem';
import { Strip } from '../../kit/paint/Strip';
import { dropsWords } from '../../kit/words/dropsWords';
import { potNamesOf } from '../../kit/words/recipeWords';
import { signed } from '../../kit/words/signed';
import { Figures } from '../../kit/figures/Figures';
import { valueWords } from '../../kit/words/valueWords';

export interface MatchResultsProps {
  target: SurfaceColour;
  mixes: readonly MatchedMix[];
  prefersFewer: boolean;
  models: number;
  pots: Pot[];
  isDone: boolean;
}

/** From here on a colour is out of reach. */
const outOfReach = 5;
const shown = 8;
/** A cloak or a coat on one figure, cm². */
const areaCm2 = 8;

/** The nearest mixes, each beside the colour it is to match. */
export function MatchResults(props: MatchResultsProps) {
  const { target, mixes, prefersFewer, models, pots, isDone } = props;
  const shelf = useMemo(() => shelfOf(pots), [pots]);
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const costOf = ({ error, parts }: MatchedMix) =>
    error + (prefersFewer ? potCosts * (parts.length - 1) : 0);
  const sorted = [...mixes].sort((one, other) => costOf(one) - costOf(other)).slice(0, shown);
  const nearest = mixes[0];
  if (!nearest) return <p>{isDone ? 'No pot on the shelf fits these wishes.' : 'Searching …'}</p>;
  return (
    <section aria-label="Nearest mixes" aria-live="polite">
      {isDone && nearest.error > outOfReach && (
        <Problem role="note">
          No mix from this shelf reaches {target.hex}. The nearest is {missWords(nearest)}.
        </Problem>
      )}
      <ol className="ruled match-list">
        {sorted.map((found) => {
          const mix: Mix = {
            parts: found.parts.map((part) => ({ from: 'pot', ...part })),
            waterParts: 0,
            mediumParts: 0,
          };
          const volume = volumeFor(models);
          const drops = dropsFor(mix, [], shelf, volume);
          return (
            <Grid as="li" key={JSON.stringify(found.parts)} columns="132px minmax(0, 1fr)">
              <Strip
                hexes={[target.hex, found.colour.hex]}
                label={`Target ${target.hex} beside ${found.colour.hex}`}
              />
              <div>
                <b dir="ltr">{mixWords(mix, potName, () => 0)}</b>
                <br />
                {differenceWords(found.error)}; {valueWords(found.valueError)}
                <Figures>
                  {' '}
                  (ΔE00 {found.error.toFixed(1)}, {signed(found.valueError)} L*
                  {found.hueError !== 0 && `, ${signed(found.hueError)}° in hue`})
                </Figures>
                <br />
                <small>
                  Drops for {counted(models, 'model')}: {dropsWords(drops, potName)}
                </small>{' '}
                <Link to="/palette" state={{ wanted: wantedFrom(found.parts) }}>
                  Mix it on the palette
                </Link>
              </div>
            </Grid>
          );
        })}
      </ol>
    </section>
  );
}

/** The mix, neat, as what a well is meant to be. */
function wantedFrom(parts: MatchedMix['parts']): WantedMix {
  const total = parts.reduce((sum, part) => sum + part.parts, 0);
  return {
    pots: parts.map(({ potId, parts: count }) => ({ potId, share: count / total })),
    load: 1,
  };
}

/** Paint for a coat of a middling surface on so many models. */
function volumeFor(models: number): number {
  return wetVolumeMl(
    {
      id: 'coat',
      stage: 'base',
      technique: 'brushCoat',
      mix: { parts: [{ from: 'pot', potId: 'any', parts: 1 }], waterParts: 0, mediumParts: 0 },
      coats: 1,
      placement: techniqueOf('brushCoat').usualPlacement,
      dryMinutes: 0,
      level: 'field',
      note: '',
    },
    { areaCm2, models },
    { form: 'folds' },
  );
}

/** @example missWords({ valueError: -22, … }) // → 'much darker, another colour' */
function missWords({ valueError, hueError, error }: MatchedMix): string {
  const misses = [
    Math.abs(valueError) >= 1 && valueWords(valueError),
    Math.abs(hueError) >= 3 && 'off in hue',
  ].filter(Boolean);
  return [...(misses.length > 0 ? misses : ['too dull']), differenceWords(error)].join(', ');
}
