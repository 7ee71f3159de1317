import {
  brushedOfAmounts,
  extraStep,
  mixOfBrushed,
  paintedCoat,
  sharesIn,
  surfaceOf,
  techniqueNames,
  techniqueOf,
  volumeMlOf,
  type Brushed,
  type Deviation,
  type Step,
  type Well,
  differenceWords,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useRecords } from '../../../data/useCollections';
import { Select } from '../../../kit/Select';
import { ActionBar } from '../../../kit/ActionBar';
import { potChoices } from '../../../kit/pots/potChoice';
import { PotPicker } from '../../../kit/pots/PotPicker';
import { PotWords } from '../../../kit/pots/PotWords';
import { potHexesOf } from '../../../kit/words/potHexes';
import { potNamesOf } from '../../../kit/words/recipeWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { BenchNow } from '../benchWork';
import type { BenchPartProps } from '../benchPart';
import { PanelBox } from '../PanelBox';

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
    const on = surfaceOf(army, now.task);
    if (!on) return;
    const placement = techniqueOf(technique).usualPlacement;
    const mix = mixOfBrushed(brushed);
    const step = extraStep(crypto.randomUUID(), now.step.step, technique, mix, placement);
    const { where, version } = now.coat;
    const place = { bench, ...on, recipe: now.recipe, version, models: where.models };
    const coat = paintedCoat(place, step, 1, hand.head(), null, ['extra step']);
    hand.write([{ ...coat, line: 0, after: now.step.step.id }]);
    onClose();
  };
  return (
    <PanelBox label="Done differently">
      <h2>What is different?</h2>
      <h3>Thinner</h3>
      <ActionBar>
        {thinners
          .filter(
            ({ parts }) => brushed.waterParts + parts >= 0 && brushed.waterParts + parts <= 30,
          )
          .map(({ says, parts }) => (
            <Button
              variant="chip"
              key={says}
              onClick={() =>
                use({ ...brushed, waterParts: brushed.waterParts + parts }, [
                  parts > 0 ? 'more thinner' : 'less thinner',
                ])
              }
            >
              {says}
            </Button>
          ))}
      </ActionBar>
      <h3>Other pot</h3>
      <ActionBar>
        {others?.map(({ of, potId, difference }) => (
          <Button
            variant="chip"
            key={`${of} ${potId}`}
            onClick={() => use(swapped(of, potId), ['other pot'])}
          >
            <PotWords hex={potHex(potId)} name={potName(potId)} />
            <small>
              {' '}
              for {potName(of)}: {differenceWords(difference)}
            </small>
          </Button>
        ))}
      </ActionBar>
      <div className="flow">
        {brushed.pots.length > 1 && (
          <Select
            label="In place of"
            value={replaced}
            onChoose={setReplaced}
            options={brushed.pots.map(({ potId }) => ({ id: potId, name: potName(potId) }))}
          />
        )}
        <PotPicker
          label="Any other pot"
          choices={potChoices(pots)}
          chosen={replaced}
          onChoose={(potId) => use(swapped(replaced, potId), ['other pot'])}
        />
      </div>
      {wells.length > 0 && (
        <>
          <h3>From the palette</h3>
          <ActionBar>
            {wells.map((well) => (
              <Button
                variant="chip"
                key={well.id}
                onClick={() => use(brushedOfAmounts(well), ['improvised mix'])}
              >
                <span dir="auto">{well.name}</span>
                <small>
                  {' '}
                  {sharesIn(well)
                    .map(({ potId, share }) => `${potName(potId)} ${Math.round(share * 100)} %`)
                    .join(' + ')}
                </small>
              </Button>
            ))}
          </ActionBar>
        </>
      )}
      <h3>Extra step with this mix, done now</h3>
      <ActionBar>
        {extraTechniques.map((technique) => (
          <Button variant="chip" key={technique} onClick={() => addStep(technique)}>
            {techniqueOf(technique).label}
          </Button>
        ))}
      </ActionBar>
      {now.coat.differs.length > 0 && (
        <Button variant="outline" onClick={() => use(now.written, [])}>
          Mix it as written again
        </Button>
      )}
      <Button variant="plain" onClick={onClose}>
        Close
      </Button>
    </PanelBox>
  );
}

const isPaint = (well: Well) => volumeMlOf(well) > 0.001 && sharesIn(well).length > 0;

/** A pot that comes twice is one pot. */
function together(pots: Brushed['pots']): Brushed['pots'] {
  const shares = new Map<string, number>();
  for (const { potId, share } of pots) shares.set(potId, (shares.get(potId) ?? 0) + share);
  return [...shares].map(([potId, share]) => ({ potId, share }));
}
