import type { Palette, Pot, Room, Well } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { MixBar } from '../../kit/paint/MixBar';
import { NameField } from '../../kit/field/NameField';
import { ShareList } from '../../kit/paint/ShareList';
import { StripePicture } from '../../kit/paint/StripePicture';
import { Swatch } from '../../kit/paint/Swatch';
import { dropsErrorWords, dropsWords } from '../../kit/words/dropsWords';
import { mlWords } from '../../kit/words/mlWords';
import { potHexesOf } from '../../kit/words/potHexes';
import { potNamesOf } from '../../kit/words/recipeWords';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { BringBack } from './BringBack';
import { KeepInRecipe } from './KeepInRecipe';
import { Usable } from './Usable';
import type { PaletteAct } from './usePalette';
import { WellDeeds } from './WellDeeds';

export interface WellSheetProps {
  well: Well;
  palette: Palette;
  room: Room;
  pots: Pot[];
  act: PaletteAct;
  /** changes this well */
  change: (label: string, next: (well: Well) => Well) => boolean;
}

/** Everything about one well: what it is, what to do with it, how to make it again or bring it back. */
export function WellSheet({ well, palette, room, pots, act, change }: WellSheetProps) {
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const potHex = useMemo(() => potHexesOf(pots), [pots]);
  const { keeping } = palette;
  const { answer, problem } = useAnswer(ofShelf, [well, keeping, room], (worker) =>
    worker.wellStudy({ well, keeping, room }),
  );
  const study = answer?.wellId === well.id ? answer : null;
  return (
    <section className="stacked" aria-label={well.name}>
      <div className="flow well-head">
        <h2 className="visually-hidden">{well.name}</h2>
        <NameField
          label="Name"
          name={well.name}
          onName={(name) => change(`call ${well.name} ${name}`, (now) => ({ ...now, name }))}
        />
        <Button
          variant="plain"
          onClick={() =>
            act(`wipe ${well.name}`, (now) => ({
              ...now,
              wells: now.wells.filter(({ id }) => id !== well.id),
            }))
          }
        >
          Wipe this well
        </Button>
      </div>
      {problem && <p role="alert">{problem}</p>}
      {study && study.hex && (
        <>
          <div className="well-look">
            <Swatch hex={study.hex} size="large" />
            <StripePicture
              stripe={study.stripe ?? undefined}
              label="One coat of it over black and white"
            />
            <p>
              <b>{mlWords(study.volumeMl)}</b>, {(study.load * 100).toFixed(0)} % paint,{' '}
              {study.consistency}
              {study.isEstimate && ' · ≈ estimate'}
              <small className="below">
                Dried at full strength; one coat as thin as it is, over black and white.
              </small>
            </p>
          </div>
          <MixBar
            mix={{
              parts: study.shares.map(({ potId, share }) => ({
                from: 'pot',
                potId,
                parts: share,
              })),
              ...study.thinning,
            }}
            hexOfPot={potHex}
            hexOfStep={potHex}
            lineNumber={() => 0}
          />
          <ShareList shares={study.shares} potHex={potHex} potName={potName} />
          <Usable freshAt={well.freshAt} minutes={study.usableMinutes} />
          {study.again && (
            <p>
              To make it again: <b>{dropsWords(study.again, potName)}</b>
              <small> · {dropsErrorWords(study.again)}</small>
            </p>
          )}
        </>
      )}
      {study && !study.hex && <p>There is no paint in it yet: put in the first drops.</p>}
      <WellDeeds well={well} palette={palette} pots={pots} act={act} change={change} />
      <BringBack well={well} pots={pots} change={change} />
      {study?.hex && <KeepInRecipe well={well} pots={pots} />}
    </section>
  );
}
