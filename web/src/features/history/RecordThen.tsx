import {
  differencesFrom,
  takenBack,
  type AnyRecord,
  type ResourceName,
  type StateDifference,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useCollection } from '../../data/useCollections';
import { FigureTable } from '../../kit/FigureTable';
import { Swatch } from '../../kit/paint/Swatch';
import { placeWords, toChoose, valueInWords, withCompanions } from './fieldWords';
import { TakeBackBar } from './TakeBackBar';

export interface ThenProps {
  kind: ResourceName;
  now: AnyRecord;
  then: AnyRecord;
  /** undefined where it is not theirs to write */
  onTake: ((record: AnyRecord, part: 'all' | 'some') => void) | undefined;
}

/** A pot or an army as it was: what is different now, to be taken back one by one. */
export function RecordThen({ kind, now, then, onTake }: ThenProps) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const recipes = useCollection('recipes');
  const recipeName = (recipeId: string) =>
    recipes?.find(({ content }) => content.id === recipeId)?.content.name ??
    'a recipe that is gone';
  const differences = useMemo(() => toChoose(differencesFrom(now, then)), [now, then]);
  const toggle = (key: string) =>
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(key)) next.add(key);
      return next;
    });
  const value = (difference: StateDifference, side: 'now' | 'then') =>
    isColour(difference[side]) ? (
      <Swatch hex={difference[side]} />
    ) : difference.isOrder ? (
      side === 'now' ? (
        'as it is'
      ) : (
        'as it was'
      )
    ) : (
      <span dir="auto">{valueInWords(kind, difference, difference[side], recipeName)}</span>
    );
  return (
    <>
      <FigureTable
        label="Differences"
        heads={['Where', 'Now', 'Then', ...(onTake ? ['Take back'] : [])]}
        rows={differences.map((difference) => {
          const place = placeWords(difference, now, then);
          return [
            <span key="place" dir="auto">
              {place}
            </span>,
            value(difference, 'now'),
            value(difference, 'then'),
            ...(onTake
              ? [
                  <Form.Check
                    key="take"
                    id={`take ${difference.key}`}
                    aria-label={`Take back ${place}`}
                    checked={chosen.has(difference.key)}
                    onChange={() => toggle(difference.key)}
                  />,
                ]
              : []),
          ];
        })}
      />
      {onTake && (
        <TakeBackBar
          all={then}
          some={chosen.size === 0 ? null : takenBack(now, then, withCompanions(chosen))}
          kind={kind}
          onTake={onTake}
        />
      )}
    </>
  );
}

const isColour = (value: unknown): value is string =>
  typeof value === 'string' && /^#[0-9a-f]{6}$/i.test(value);
