import type { ResourceName } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { useMay } from '../../data/club/standing';

export interface UnlessMineProps {
  kind: ResourceName;
  id: string;
  className?: string;
  children: ReactNode;
}

/** What is only looked at by who may not change the record: fields and buttons in it take nothing. */
export function UnlessMine({ kind, id, className, children }: UnlessMineProps) {
  const mayWrite = useMay(kind, id)('write');
  return (
    <fieldset disabled={!mayWrite} className={className}>
      {children}
    </fieldset>
  );
}
