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
import { useEffect, useEffectEvent, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { z } from 'zod';
import { Choice } from '../../parts/Choice';
import { FetchProblem } from '../../parts/FetchProblem';
import { useShortcut } from '../../parts/keyboard/useShortcut';
import { SampleButton } from '../../parts/SampleButton';
import { UnsavedMark } from '../../parts/UnsavedMark';
import { useShelf } from '../../workers/useShelf';
import { Dish } from './Dish';
import { usePalette } from './usePalette';
import { WellSheet } from './WellSheet';
import './palette.scss';

const keepingNames: Record<Palette['keeping'], string> = {
  open: 'on an open dish',
  damp: 'over a damp sheet',
  covered: 'damp and covered',
};

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

  if (isLoading || !pots) return <p className="page-wait">Fetching the palette …</p>;
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
      <div className="page-head">
        <h1>Palette</h1>
        <Choice
          label="Kept"
          value={palette.keeping}
          onChoose={(keeping) =>
            act('keep the palette another way', (now) => ({
              ...now,
              keeping: keeping as Palette['keeping'],
            }))
          }
        >
          {keepings.map((keeping) => (
            <option key={keeping} value={keeping}>
              {keepingNames[keeping]}
            </option>
          ))}
        </Choice>
        <Choice label="Room" value={room} onChoose={(name) => setRoom(name as Room)}>
          {rooms.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </Choice>
        <button
          type="button"
          className={palette.wells.length === 0 ? 'next-button' : 'outline-button'}
          disabled={isFull}
          onClick={() => add()}
        >
          Add a well
        </button>
      </div>
      {error && <FetchProblem error={error} onRetry={refetch} />}
      <UnsavedMark name="palettes" id={palette.id} />
      {chosen ? (
        <div className="palette">
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
        </div>
      ) : (
        <div className="empty-page">
          <p>
            Here you write down what goes into each well of your palette as you mix, use and top up.
            The ledger then knows what is really in it: how to make it again, how to bring it back,
            and how long it stays usable.
          </p>
          {pots.length === 0 && (
            <div className="empty-actions">
              <SampleButton />
            </div>
          )}
        </div>
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
