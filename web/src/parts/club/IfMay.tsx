import type { Action, ResourceName } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { useMay, useMayCreate } from '../../ledger/club/standing';

/** What makes something new, for whoever may make such a thing; it is not offered to others. */
export function IfMayCreate({ kind, children }: { kind: ResourceName; children: ReactNode }) {
  return useMayCreate(kind) ? children : null;
}

export interface IfMayProps {
  to: Action;
  kind: ResourceName;
  id: string;
  children: ReactNode;
}

/** What changes a record, for whoever may change it; it is not offered to others. */
export function IfMay({ to, kind, id, children }: IfMayProps) {
  return useMay(kind, id)(to) ? children : null;
}
