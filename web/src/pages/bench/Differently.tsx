import {
  extraStep,
  mixOfBrushed,
  paintedCoat,
  sharesIn,
  techniqueNames,
  techniqueOf,
  volumeMlOf,
  type Brushed,
  type Deviation,
  type Step,
  type Well,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { PotPicker } from '../../parts/PotPicker';
import { Swatch } from '../../parts/Swatch';
import { potHexesOf } from '../../parts/words/potHexes';
import { potNamesOf } from '../../parts/words/recipeWords';
import { useRecords } from '../../ledger/useParts';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { BenchNow } from '../../workers/work/benchWork';
import type { BenchPartProps } from './benchPart';
import { PanelBox } from './PanelBox';

export interface DifferentlyProps extends Omit<BenchPartProps, 'view'> {
  now: BenchNow;
  onClose: () => void;
}

/** Parts of thinner more or less, in one press. */
const thinners = [
  { says: 'half a part more water', parts: 0.5 },
  { says: '1 part more water', parts: 1 },
  { says: '2 parts more water', parts: 2 },
  { says: 'half a part less water', parts: -0.5 },
  { says: '1 part less water', parts: -1 },
] as const;

const extraTechniques = techniqueNames.filter((name) => techniqueOf(name).isAfterthought);
const nearestPots = 3;

/** It is done otherwise than written: said in a second press, and in the log at once. */
export function Differently(props: DifferentlyProps) {
  const { bench, army, pots, hand, now, onClose } = props;
  const { brushed } = now.coat;
  const potName = potNamesOf(pots);
  const potHex = potHexesOf(pots);
  const { answer: others } = useAnswer(ofShelf, [brushed], (worker) =>
    worker.otherPots(
      brushed.pots.map(({ potId }) => potId),
      nearestPots,
    ),
  );
  const { kept: palettes } = useRecords('palettes');
  const wells = palettes?.flatMap(({ content }) => content.wells).filter(isPaint) ?? [];
  const [replaced, setReplaced] = useState(brushed.pots[0].potId);
  const use = (next: Brushed, differs: Deviation[]) => {
    hand.mix(now, next, now.step.ml, differs);
    onClose();
  };
  const swapped = (of: string, potId: string): Brushed => ({
    ...brushed,
    pots: together(brushed.pots.map((pot) => (pot.potId === of ? { ...pot, potId } : pot))),
  });
  const addStep = (technique: Step['technique']) => {
    const unit = army.units.find(({ id }) => id === now.task.unitId);
    const surface = unit?.surfaces.find(({ id }) => id === now.task.surfaceId);
    if (!unit || !surface) return;
    const placement = techniqueOf(technique).usualPlacement;
    const mix = mixOfBrushed(brushed);
    const step = extraStep(crypto.randomUUID(), now.step.step, technique, mix, placement);
    const { where, version } = now.coat;
    const place = { bench, unit, surface, recipe: now.recipe, version, models: where.models };
    const coat = paintedCoat(place, step, 1, hand.head(), null, ['extra step']);
    hand.write([{ ...coat, line: 0, after: now.step.step.id }]);
    onClose();
  };
  return (
    <PanelBox label="Done differently">
      <h2>What is different?</h2>
      <h3>Thinner</h3>
      <div className="chips">
        {thinners
          .filter(
            ({ parts }) => brushed.waterParts + parts >= 0 && brushed.waterParts + parts <= 30,
          )
          .map(({ says, parts }) => (
            <button
              key={says}
              type="button"
              onClick={() =>
                use({ ...brushed, waterParts: brushed.waterParts + parts }, [
                  parts > 0 ? 'more thinner' : 'less thinner',
                ])
              }
            >
              {says}
            </button>
          ))}
      </div>
      <h3>Other pot</h3>
      <div className="chips">
        {others?.map(({ of, potId, difference }) => (
          <button
            key={`${of} ${potId}`}
            type="button"
            onClick={() => use(swapped(of, potId), ['other pot'])}
          >
            <Swatch hex={potHex(potId)} /> <span dir="auto">{potName(potId)}</span>
            <small>
              {' '}
              for {potName(of)}, ΔE00 {difference.toFixed(1)}
            </small>
          </button>
        ))}
      </div>
      <div className="bench-fields">
        {brushed.pots.length > 1 && (
          <label>
            In place of{' '}
            <select
              className="form-select form-select-sm"
              value={replaced}
              onChange={(event) => setReplaced(event.target.value)}
            >
              {brushed.pots.map(({ potId }) => (
                <option key={potId} value={potId}>
                  {potName(potId)}
                </option>
              ))}
            </select>
          </label>
        )}
        <PotPicker
          label="Any other pot"
          choices={pots
            .filter(({ retired }) => !retired)
            .map(({ id, name, swatch, kind }) => ({ id, name, hex: swatch, hint: kind }))}
          chosen={replaced}
          onChoose={(potId) => use(swapped(replaced, potId), ['other pot'])}
        />
      </div>
      {wells.length > 0 && (
        <>
          <h3>From the palette</h3>
          <div className="chips">
            {wells.map((well) => (
              <button
                key={well.id}
                type="button"
                onClick={() => use(brushedFrom(well), ['improvised mix'])}
              >
                <span dir="auto">{well.name}</span>
                <small>
                  {' '}
                  {sharesIn(well)
                    .map(({ potId, share }) => `${potName(potId)} ${Math.round(share * 100)} %`)
                    .join(' + ')}
                </small>
              </button>
            ))}
          </div>
        </>
      )}
      <h3>Extra step with this mix, done now</h3>
      <div className="chips">
        {extraTechniques.map((technique) => (
          <button key={technique} type="button" onClick={() => addStep(technique)}>
            {techniqueOf(technique).label}
          </button>
        ))}
      </div>
      {now.coat.differs.length > 0 && (
        <button type="button" className="outline-button" onClick={() => use(now.written, [])}>
          Mix it as written again
        </button>
      )}
      <button type="button" className="plain-button" onClick={onClose}>
        Close
      </button>
    </PanelBox>
  );
}

const isPaint = (well: Well) => volumeMlOf(well) > 0.001 && sharesIn(well).length > 0;

function brushedFrom(well: Well): Brushed {
  const paint = well.pots.reduce((sum, { ml }) => sum + ml, 0);
  const parts = (ml: number) => Math.min(30, Math.round((ml / paint) * 100) / 100);
  return {
    pots: sharesIn(well),
    waterParts: parts(well.waterMl),
    mediumParts: parts(well.mediumMl),
  };
}

/** A pot that comes twice is one pot. */
function together(pots: Brushed['pots']): Brushed['pots'] {
  const shares = new Map<string, number>();
  for (const { potId, share } of pots) shares.set(potId, (shares.get(potId) ?? 0) + share);
  return [...shares].map(([potId, share]) => ({ potId, share }));
}
