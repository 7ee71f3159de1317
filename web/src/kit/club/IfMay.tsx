import type { Action, ResourceName } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { useMay, useMayCreate } from '../../data/club/standing';

/** Shows its children only to members who may create a record of a kind. */
export function IfMayCreate({ kind, children }: { kind: ResourceName; children: ReactNode }) {
  return useMayCreate(kind) ? children : null;
}

export interface IfMayProps {
  to: Action;
  kind: ResourceName;
  id: string;
  children: ReactNode;
}

/** Shows its children only to members who may do something to a record. */
export function IfMay({ to, kind, id, children }: IfMayProps) {
  return useMay(kind, id)(to) ? children : null;
}
