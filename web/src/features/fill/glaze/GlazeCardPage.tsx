import {
  counted,
  glazeRows,
  practicePots,
  withGlazeCard,
  type GlazeRowReading,
  type Pot,
  type PracticeFault,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { useWriter } from '../../../data/useWriter';
import { Disclosure } from '../../../kit/Disclosure';
import { PageHead } from '../../../kit/PageHead';
import { PageWait } from '../../../kit/PageWait';
import { ShelfTabs } from '../../../kit/pots/ShelfTabs';
import { Problem } from '../../../kit/Problem';
import { useNotice } from '../../../kit/shell/notices';
import { pictureWorker } from '../../../workers/pictureWorker';
import { useShelf } from '../../../workers/useShelf';
import { PracticePicture } from '../PracticePicture';
import { SheetPhotograph } from '../SheetPhotograph';
import { useSheetReading } from '../useSheetReading';
import { GlazePots } from './GlazePots';
import { GlazeRows } from './GlazeRows';
import { GlazeSteps } from './GlazeSteps';
import { GlazeSheet } from './GlazeSheet';
import '../fill.scss';

/** Pots brushed neat and in one to five passes of glaze over a printed card, and one photograph of it. */
export default function GlazeCardPage() {
  const { pots } = useShelf();
  const [potIds, setPotIds] = useState<string[]>(['']);
  const [thinning, setThinning] = useState({ waterParts: 6, mediumParts: 0 });
  const [rows, setRows] = useState<GlazeRowReading[] | null>(null);
  const writer = useWriter();
  const notify = useNotice();
  const worker = pictureWorker();
  const { read, stop, done, problem } = useSheetReading(
    {
      start: (file, called, onDone) => worker.readGlazeCard(file, called, thinning, onDone),
      stop: () => worker.stopReadingGlazeCard(),
    },
    setRows,
  );
  if (!pots) return <PageWait title="Glaze card">Fetching the shelf …</PageWait>;
  const potOf = (id: string): Pot | undefined => pots.find((pot) => pot.id === id);
  const chosen = potIds.map(potOf);
  const thinned = `1 : ${thinning.waterParts + thinning.mediumParts}`;
  const take = (readings: readonly GlazeRowReading[]) => {
    const records = readings.flatMap(({ row, fit }) => {
      const before = chosen[row - 1];
      if (!before || !fit) return [];
      const { misfit: _ofTheReading, ...card } = fit;
      return [{ name: 'pots' as const, before, after: withGlazeCard(before, card) }];
    });
    writer.do(`take the glaze card of ${counted(records.length, 'pot')}`, { records });
    notify(`${counted(records.length, 'pot is', 'pots are')} measured now.`);
    setRows(null);
  };
  const drawPractice = (faults: readonly PracticeFault[], seed: number) =>
    worker.practiceGlazeCard(practicePots(seed, 0).slice(0, glazeRows), thinning, faults, seed);
  return (
    <div className="page">
      <PageHead title="Glaze card" />
      <ShelfTabs />
      <div className="stacked fill-way">
        <p>
          What a pot does thinned is a guess until it is tried. A card brushed once measures it: the
          colour of the thin paint, how well it hides, and how much a pass of yours leaves.
        </p>
        <GlazePots
          pots={pots}
          potIds={potIds}
          onPotIds={setPotIds}
          thinning={thinning}
          onThinning={setThinning}
        />
        <GlazeSteps />
        <SheetPhotograph
          of="glaze card"
          parts="rows"
          done={done}
          most={glazeRows}
          onFile={(file) => void read(file, file.name)}
          onStop={stop}
        />
        {problem && <Problem>{problem}</Problem>}
        {rows && <GlazeRows rows={rows} pots={chosen} onTake={take} />}
        <Disclosure title="Try it with a practice picture">
          <PracticePicture
            draw={drawPractice}
            isBusy={done !== null}
            onPicture={(blob) => void read(blob, 'The practice picture')}
          />
        </Disclosure>
        <Disclosure title="The card">
          <GlazeSheet names={chosen.map((pot) => pot?.name ?? '')} thinned={thinned} />
        </Disclosure>
        <div className="pot-sheet-paper">
          <GlazeSheet names={chosen.map((pot) => pot?.name ?? '')} thinned={thinned} />
        </div>
      </div>
    </div>
  );
}
