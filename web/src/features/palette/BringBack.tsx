import {
  amountsOfDrops,
  countDrops,
  isSameContent,
  putIn,
  shelfOf,
  wantedOf,
  type AddedDrops,
  type Pot,
  type Well,
  differenceWords,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { dropsWords } from '../../kit/words/dropsWords';
import { potNamesOf } from '../../kit/words/recipeWords';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { WellRescue } from './paletteWork';
import { WantedFromRecipe } from './WantedFromRecipe';
import { Figures } from '../../kit/figures/Figures';

export interface BringBackProps {
  well: Well;
  pots: Pot[];
  change: (label: string, next: (well: Well) => Well) => boolean;
}

/** The intended mix of a well, and the fewest drops that restore it. */
export function BringBack({ well, pots, change }: BringBackProps) {
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const [isChoosing, setIsChoosing] = useState(false);
  const { answer } = useAnswer(
    ofShelf,
    [well],
    async (worker) => ({ well, rescue: await worker.wellRescue(well) }),
    well.wanted !== undefined,
  );
  // The same drops: saving hands the well back as another object, and a press meanwhile must count.
  const rescue = answer && isSameContent(answer.well, well) ? answer.rescue : null;
  const now = wantedOf(well);
  return (
    <div className="stacked">
      <h3>{now ? 'Correct the mix' : 'The colour it should have'}</h3>
      {well.wanted ? (
        <p>
          It is meant to be{' '}
          {well.wanted.pots
            .map(({ potId, share }) => `${(share * 100).toFixed(0)} % ${potName(potId)}`)
            .join(' + ')}
          , {(well.wanted.load * 100).toFixed(0)} % paint.
        </p>
      ) : (
        <p>Set the colour it should have; after using and topping up you can correct it.</p>
      )}
      <div className="flow">
        {now && (
          <Button
            variant="outline"
            onClick={() =>
              change(`say what ${well.name} is meant to be`, (before) => ({
                ...before,
                wanted: now,
              }))
            }
          >
            As it is now is right
          </Button>
        )}
        <Button
          variant="outline"
          aria-expanded={isChoosing}
          onClick={() => setIsChoosing(!isChoosing)}
        >
          As a recipe has it
        </Button>
      </div>
      {/* Below the buttons: what comes a moment later must not move them from under a press. */}
      {rescue && (
        <RescueWords
          rescue={rescue}
          potName={potName}
          onDone={(added) =>
            change(`bring ${well.name} to what is meant`, (before) =>
              putIn(before, amountsOfDrops(added, shelfOf(pots)), new Date().toISOString()),
            )
          }
        />
      )}
      {isChoosing && (
        <WantedFromRecipe
          onWanted={(wanted, words) => {
            change(`want ${words} in ${well.name}`, (before) => ({ ...before, wanted }));
            setIsChoosing(false);
          }}
        />
      )}
    </div>
  );
}

function RescueWords({
  rescue: { back, anew },
  potName,
  onDone,
}: {
  rescue: WellRescue;
  potName: (potId: string) => string;
  onDone: (added: AddedDrops) => void;
}) {
  if (!back)
    return (
      anew && (
        <div role="status">
          <p>
            To begin with, put in <b>{dropsWords(anew, potName)}</b>.
          </p>
          <Button variant="outline" onClick={() => onDone(anew)}>
            I have put these in
          </Button>
        </div>
      )
    );
  const paint = `${(back.load * 100).toFixed(0)} % paint`;
  if (back.drops === 0 && back.isWithin)
    return (
      <p role="status">
        It is as it should be.
        <Figures>
          {' '}
          ΔE00 {back.error.toFixed(1)}, {paint}.
        </Figures>
      </p>
    );
  const words = dropsWords({ ...back, colourError: back.error, writtenLoad: back.load }, potName);
  const dropsAnew = anew ? countDrops(anew) : 0;
  return (
    <div role="status">
      <p>
        {back.isWithin ? (
          <>
            Add <b>{words}</b>. Beside what is meant: {differenceWords(back.error)}
            <Figures>
              {' '}
              (ΔE00 {back.error.toFixed(1)}, {paint})
            </Figures>
            .
          </>
        ) : (
          <>
            No 200 drops correct it: of the nearest, {differenceWords(back.error)}
            <Figures> (ΔE00 {back.error.toFixed(1)})</Figures>
            {back.drops > 0 && <>, with {words}</>}.
          </>
        )}{' '}
        {(dropsAnew < back.drops || !back.isWithin) && (
          <b>Mixing as much again takes {dropsAnew} drops; wipe it and mix.</b>
        )}
      </p>
      {back.drops > 0 && (
        <Button variant="outline" onClick={() => onDone(back)}>
          I have put these in
        </Button>
      )}
    </div>
  );
}
