import { potsDrawnBy, resources, type AnyRecord, type ResourceName } from '@yellow-ledger/core';
import type { z } from 'zod';
import { useRecords } from '../../data/useCollections';
import { ActionBar } from '../../kit/ActionBar';
import { ReasonButton } from '../../kit/ReasonButton';

export interface TakeBackBarProps {
  kind: ResourceName;
  /** the record as it was */
  all: AnyRecord;
  /** the record with what was chosen as it was; null where nothing is */
  some: AnyRecord | null;
  onTake: (record: AnyRecord, part: 'all' | 'some') => void;
}

/** Takes what was chosen back, or all of it. */
export function TakeBackBar({ kind, all, some, onTake }: TakeBackBarProps) {
  const { kept: pots } = useRecords('pots');
  const there = new Set(pots?.map(({ content }) => content.id));
  const whyNot = (record: AnyRecord) => {
    if (pots && potsDrawnBy(kind, record).some((id) => !there.has(id)))
      return 'It uses a pot that is gone: take back other lines.';
    const schema = resources[kind].schema as z.ZodType<AnyRecord>;
    return schema.safeParse(record).success
      ? null
      : 'What is chosen does not go together: choose more, or less.';
  };
  return (
    <ActionBar>
      <ReasonButton
        variant="outline"
        why={some === null ? 'Choose what is to be as it was.' : whyNot(some)}
        onClick={() => some && onTake(some, 'some')}
      >
        Take back what is chosen
      </ReasonButton>
      <ReasonButton variant="next" why={whyNot(all)} onClick={() => onTake(all, 'all')}>
        Take all of it back
      </ReasonButton>
    </ActionBar>
  );
}
