import {
  amountsOfDrops,
  brushedOfAmounts,
  deviationsOf,
  loadOf,
  shelfOf,
  standing,
  volumeMlOf,
  withDrops,
  type AddedDrops,
  type Brushed,
  type DropMore,
  type WantedMix,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { potChoices } from '../../../kit/pots/potChoice';
import { PotPicker } from '../../../kit/pots/PotPicker';
import { ReasonButton } from '../../../kit/ReasonButton';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { BenchPartProps } from '../benchPart';
import type { BenchNow } from '../benchWork';
import { PanelBox } from '../PanelBox';
import { ByEye } from './ByEye';
import { DropRows } from './DropRows';
import { PuddleColours } from './PuddleColours';
import { SayDrops } from './SayDrops';
import './puddle.scss';

export interface MixByDropsProps extends Omit<BenchPartProps, 'view'> {
  now: BenchNow;
  onClose: () => void;
}

/** The mix as it is really mixed, drop by drop, beside what is wanted; kept by one press. */
export function MixByDrops({ pots, hand, now, onClose }: MixByDropsProps) {
  const [puddle, setPuddle] = useState<AddedDrops>(now.step.drops);
  const put = (more: DropMore) => setPuddle((before) => withDrops(before, more));
  const shelf = useMemo(() => shelfOf(pots), [pots]);
  const amounts = amountsOfDrops(puddle, shelf);
  const wanted = wantedOfBrushed(now.written);
  const last = lastBrushed(hand.log.entries, now);
  const { answer: seen } = useAnswer(ofShelf, [puddle, now.written, last], (worker) =>
    worker.puddleSeen(puddle, wanted, last),
  );
  const keep = () => {
    const brushed = brushedOfAmounts(amounts);
    hand.mix(now, brushed, volumeMlOf(amounts), deviationsOf(brushed, now.written));
    onClose();
  };
  const hasPaint = puddle.pots.some(({ drops }) => drops > 0);
  return (
    <PanelBox label="Mixed by drops">
      <h2>What is in the puddle?</h2>
      <SayDrops pots={pots} puddle={puddle} onPut={put} />
      <DropRows pots={pots} puddle={puddle} onPut={put} />
      <h3>A drop of another pot</h3>
      <PotPicker
        label="Another pot, one drop"
        choices={potChoices(pots)}
        chosen=""
        onChoose={(potId) => put({ of: { potId }, drops: 1 })}
      />
      <ByEye pots={pots} puddle={puddle} onDrops={setPuddle} onPut={put} />
      {seen && <PuddleColours seen={seen} pots={pots} onPut={put} />}
      <div className="flow">
        <ReasonButton
          variant="next"
          why={hasPaint ? null : 'There is no paint in it yet.'}
          onClick={keep}
        >
          That’s it
        </ReasonButton>
        <Button variant="outline" onClick={() => setPuddle(now.step.drops)}>
          As planned again
        </Button>
        <Button variant="plain" onClick={onClose}>
          Close
        </Button>
      </div>
    </PanelBox>
  );
}

function wantedOfBrushed({ pots, waterParts, mediumParts }: Brushed): WantedMix {
  const thinner = waterParts + mediumParts;
  return {
    pots,
    load: loadOf({ waterParts, mediumParts }),
    ...(mediumParts > 0 && { mediumShare: mediumParts / thinner }),
  };
}

/** The mix that went onto the last model by this line; null where none did. */
function lastBrushed(
  entries: Parameters<typeof standing>[0],
  { coat: { recipeId, stepId } }: BenchNow,
): Brushed | null {
  const last = standing(entries).findLast(
    (entry) => entry.kind === 'coat' && entry.recipeId === recipeId && entry.stepId === stepId,
  );
  return last?.kind === 'coat' ? last.brushed : null;
}
