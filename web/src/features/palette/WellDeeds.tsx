import {
  dropMlOf,
  moreOf,
  pour,
  putIn,
  takeSome,
  usualDropMl,
  volumeMlOf,
  type Amounts,
  type Palette,
  type Pot,
  type Well,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { ReasonButton } from '../../kit/ReasonButton';
import { Select } from '../../kit/Select';
import { potChoices } from '../../kit/pots/potChoice';
import { PotPicker } from '../../kit/pots/PotPicker';
import { DropsField } from './DropsField';
import type { PaletteAct } from './usePalette';

export interface WellDeedsProps {
  well: Well;
  palette: Palette;
  pots: Pot[];
  act: PaletteAct;
  change: (label: string, next: (well: Well) => Well) => boolean;
}

const water = 'water';
const emptyWords = 'The well is empty.';
const nothing: Amounts = { pots: [], waterMl: 0, mediumMl: 0 };
const nowIso = () => new Date().toISOString();

/** Put in, use, top up, pour over: what is done to a well, in drops. */
export function WellDeeds({ well, palette, pots, act, change }: WellDeedsProps) {
  const mixable = pots.filter(({ retired, kind }) => !retired && kind !== 'varnish');
  const [source, setSource] = useState<string | null>(null);
  const [drops, setDrops] = useState(1);
  const [used, setUsed] = useState(4);
  const [intoId, setIntoId] = useState('');
  const others = palette.wells.filter(({ id }) => id !== well.id);
  const into = others.find(({ id }) => id === intoId) ?? others.at(0);
  const chosen = source ?? mixable.find(({ kind }) => kind === 'paint')?.id ?? water;
  const isEmpty = volumeMlOf(well) === 0;
  const usedMl = Math.min(used * usualDropMl, volumeMlOf(well));

  const put = () => {
    const pot = mixable.find(({ id }) => id === chosen);
    const added = addedOf(pot, drops);
    return change(`put ${drops} ${pot?.name ?? water} into ${well.name}`, (now) =>
      putIn(now, added, nowIso()),
    );
  };

  return (
    <div className="stacked well-deeds">
      <form
        className="flow"
        onSubmit={(event) => {
          event.preventDefault();
          put();
        }}
      >
        <PotPicker
          label="What goes in"
          choices={[{ id: water, name: 'Water', hex: '#e9e9e9' }, ...potChoices(mixable)]}
          chosen={chosen}
          onChoose={setSource}
        />
        <DropsField label="Drops in" value={drops} onChange={setDrops} />
        <Button type="submit" variant="next">
          Put in
        </Button>
      </form>
      <div className="flow">
        <DropsField label="Drops used or poured" value={used} onChange={setUsed} />
        <ReasonButton
          variant="outline"
          why={isEmpty ? emptyWords : null}
          onClick={() =>
            change(`use ${used} drops of ${well.name}`, (now) => takeSome(now, usedMl))
          }
        >
          Use
        </ReasonButton>
        <ReasonButton
          variant="outline"
          why={isEmpty ? emptyWords : null}
          title="More of the same, in the proportions it has now"
          onClick={() =>
            change(`top up ${well.name}`, (now) =>
              putIn(now, moreOf(now, used * usualDropMl), nowIso()),
            )
          }
        >
          Top up as it is
        </ReasonButton>
        {into && (
          <>
            <Select label="Pour into" value={into.id} onChoose={setIntoId} options={others} />
            <ReasonButton
              variant="outline"
              why={isEmpty ? emptyWords : null}
              onClick={() =>
                act(`pour ${well.name} into ${into.name}`, (now) =>
                  poured(now, well.id, into.id, usedMl),
                )
              }
            >
              Pour
            </ReasonButton>
          </>
        )}
      </div>
    </div>
  );
}

/** So many drops of a pot by the size its bottle gives; of water where there is no pot. */
function addedOf(pot: Pot | undefined, drops: number): Amounts {
  if (!pot) return { ...nothing, waterMl: drops * usualDropMl };
  const ml = drops * dropMlOf(pot);
  if (pot.kind === 'medium') return { ...nothing, mediumMl: ml };
  return { ...nothing, pots: [{ potId: pot.id, ml }] };
}

function poured(palette: Palette, fromId: string, intoId: string, ml: number): Palette {
  const from = palette.wells.find(({ id }) => id === fromId);
  const into = palette.wells.find(({ id }) => id === intoId);
  if (!from || !into) return palette;
  const after = pour(from, into, ml);
  return {
    ...palette,
    wells: palette.wells.map((well) =>
      well.id === fromId ? after.from : well.id === intoId ? after.into : well,
    ),
  };
}
