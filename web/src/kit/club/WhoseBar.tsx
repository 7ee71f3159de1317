import { counted, may, type ResourceName } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import { useSetWhoseMutation, type OpenTo, type WhoseItIs } from '../../data/club/clubApi';
import { useMembership } from '../../data/club/membership';
import { useStanding, type Standing } from '../../data/club/standing';
import { Problem } from '../Problem';
import { useNotice } from '../shell/notices';
import { OpenToSome } from './OpenToSome';
import './whoseBar.scss';

export interface WhoseBarProps {
  kind: ResourceName;
  id: string;
  /** it belongs to something of the club, and goes with that */
  isHeld?: boolean;
  /** what more can be done with it in a club */
  children?: ReactNode;
}

/** The owner of a record in a club, and changing it; nothing in a ledger of one painter. */
export function WhoseBar({ kind, id, isHeld = false, children }: WhoseBarProps) {
  const membership = useMembership();
  const standing = useStanding(kind, id);
  const [set, { error, isLoading }] = useSetWhoseMutation();
  const notify = useNotice();
  if (membership.is !== 'in' || !standing) return null;
  const { role } = membership.me.member;
  const { relation, owner } = standing;
  const mayShare = relation === 'mine' && may(role, 'mine', 'share', kind);
  const mayGive =
    relation === 'mine' && may(role, 'mine', 'delete', kind) && may(role, 'club', 'create', kind);
  const mayTake =
    !isHeld &&
    relation === 'club' &&
    may(role, 'club', 'delete', kind) &&
    may(role, 'mine', 'create', kind);
  const make = async (is: WhoseItIs, openTo?: OpenTo[]) => {
    const { data } = await set({ kind, id, is, ...(openTo && { openTo }) });
    if (data && data.along.length > 0)
      notify(`Shown along with it: ${counted(data.along.length, 'recipe')} of yours it stands on.`);
  };
  const deed = (is: WhoseItIs, words: string) => (
    <Button variant="plain" disabled={isLoading} onClick={() => void make(is)}>
      {words}
    </Button>
  );
  return (
    <div className="whose-bar">
      <span>{whoseWords(standing)}</span>
      {mayShare && !owner?.isShared && deed('shared', 'Show it to the club')}
      {mayShare && owner?.isShared && deed('mine', 'Show it to nobody')}
      {mayGive && deed('club', 'Give it to the club')}
      {mayTake && deed('mine', 'Make it mine')}
      {mayShare && !owner?.isShared && (
        <OpenToSome openTo={owner?.openTo ?? []} onOpen={(openTo) => void make('mine', openTo)} />
      )}
      {children}
      {error && <Problem>{asProblem(error).message}</Problem>}
    </div>
  );
}

function whoseWords({ relation, owner, ownerName }: Standing): string {
  if (relation === 'club') return 'The club’s';
  if (relation === 'mine') {
    if (owner?.isShared) return 'Yours, shown to the club';
    const some = owner?.openTo?.length ?? 0;
    return some > 0 ? `Yours, shown to ${counted(some, 'member')}` : 'Yours alone';
  }
  const whose = ownerName === null ? 'Another member’s' : `${ownerName}’s`;
  return relation === 'joint' ? `${whose}; you may change it` : whose;
}
