import {
  keepings,
  mostWells,
  rooms,
  wantedMixSchema,
  type Palette,
  type Room,
  type WantedMix,
  type Well,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { useEffect, useEffectEvent, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { ReasonButton } from '../../kit/ReasonButton';
import { Select } from '../../kit/Select';
import { IfMayCreate } from '../../kit/club/IfMay';
import { EmptyPage } from '../../kit/EmptyPage';
import { FetchProblem } from '../../kit/FetchProblem';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { Grid } from '../../kit/Grid';
import { PageHead } from '../../kit/PageHead';
import { SampleButton } from '../../kit/paint/SampleButton';
import { UnsavedMark } from '../../kit/saving/UnsavedMark';
import { keepingNames } from '../../kit/words/keepingNames';
import { useShelf } from '../../workers/useShelf';
import { Dish } from './Dish';
import { usePalette } from './usePalette';
import { WellSheet } from './WellSheet';
import { PageWait } from '../../kit/PageWait';
import './palette.scss';

/** The wells on the table with what is really in them. */
export default function PalettePage() {
  const { pots } = useShelf();
  const { palette, isLoading, error, refetch, act } = usePalette();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [room, setRoom] = useState<Room>('usual');
  const isFull = palette.wells.length >= mostWells;

  const add = (wanted?: WantedMix) => {
    if (isFull) return;
    const well = { ...newWell(palette), ...(wanted && { wanted }) };
    act(`add ${well.name}`, (now) => ({ ...now, wells: [...now.wells, well] }));
    setChosenId(well.id);
  };
  useShortcut('n', () => add());

  // Sent here with a mix that was found: it gets a well of its own, once.
  const location = useLocation();
  const navigate = useNavigate();
  const sent = z.object({ wanted: wantedMixSchema }).safeParse(location.state);
  const take = useEffectEvent(() => {
    if (!sent.success) return;
    add(sent.data.wanted);
    void navigate('/palette', { replace: true });
  });
  useEffect(() => {
    if (isLoading) return;
    const soon = setTimeout(take);
    return () => clearTimeout(soon);
  }, [isLoading]);

  if (isLoading || !pots) return <PageWait title="Palette">Fetching the palette …</PageWait>;
  const chosen = palette.wells.find(({ id }) => id === chosenId) ?? palette.wells.at(0);
  const change = (label: string, next: (well: Well) => Well) => {
    const id = chosen?.id;
    return act(label, (now) => ({
      ...now,
      wells: now.wells.map((well) => (well.id === id ? next(well) : well)),
    }));
  };
  return (
    <div className="page">
      <PageHead title="Palette">
        <Select
          label="Kept"
          value={palette.keeping}
          onChoose={(keeping) =>
            act('keep the palette another way', (now) => ({ ...now, keeping }))
          }
          options={keepings.map((id) => ({ id, name: keepingNames[id] }))}
        />
        <Select label="Room" value={room} onChoose={setRoom} options={rooms} />
        <IfMayCreate kind="palettes">
          <ReasonButton
            variant={palette.wells.length === 0 ? 'next' : 'outline'}
            why={isFull ? 'The palette has no room for another well.' : null}
            onClick={() => add()}
          >
            Add a well
          </ReasonButton>
        </IfMayCreate>
      </PageHead>
      {error && <FetchProblem error={error} onRetry={refetch} />}
      <UnsavedMark name="palettes" id={palette.id} />
      {chosen ? (
        <Grid columns="minmax(12rem, 5fr) minmax(0, 8fr)">
          <Dish wells={palette.wells} pots={pots} chosenId={chosen.id} onChoose={setChosenId} />
          <WellSheet
            key={chosen.id}
            well={chosen}
            palette={palette}
            room={room}
            pots={pots}
            act={act}
            change={change}
          />
        </Grid>
      ) : (
        <EmptyPage
          shows="palette"
          words="Here you write down what goes into each well of your palette as you mix, use and top up. The ledger then knows what is really in it: how to make it again, how to bring it back, and how long it stays usable."
        >
          {pots.length === 0 && <SampleButton />}
        </EmptyPage>
      )}
    </div>
  );
}

function newWell({ wells }: Palette): Well {
  const numbers = wells.map(({ name }) => Number(/^Well (\d+)$/.exec(name)?.[1] ?? 0));
  return {
    id: crypto.randomUUID(),
    name: `Well ${Math.max(0, ...numbers) + 1}`,
    pots: [],
    waterMl: 0,
    mediumMl: 0,
    freshAt: new Date().toISOString(),
  };
}
