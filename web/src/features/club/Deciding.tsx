import { may, type Proposal } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import {
  useApproveMutation,
  useDeclineMutation,
  useWithdrawMutation,
} from '../../data/club/clubApi';
import type { Member } from '../../data/club/membership';
import { useMemberNames } from '../../data/club/useMemberNames';
import { ActionBar } from '../../kit/ActionBar';
import { Problem } from '../../kit/Problem';

export interface DecidingProps {
  proposal: Proposal;
  me: Member;
  /** of the club recipe it is looked at beside */
  revision: number;
}

/** The decision on a proposal, or the buttons for it. */
export function Deciding({ proposal, me, revision }: DecidingProps) {
  const { id, state, decidedBy, decidedAt, reason, version } = proposal;
  const nameOf = useMemberNames();
  const navigate = useNavigate();
  const [approve, { error: unapproved, isLoading }] = useApproveMutation();
  const [decline, { error: undeclined }] = useDeclineMutation();
  const [withdraw, { error: unwithdrawn }] = useWithdrawMutation();
  const [isDeclining, setIsDeclining] = useState(false);
  const [words, setWords] = useState('');
  if (state !== 'open')
    return (
      <p>
        <b>{state === 'approved' ? `Approved as version ${version}` : 'Declined'}</b> by{' '}
        {nameOf(decidedBy)}
        {decidedAt && `, ${format(parseISO(decidedAt), 'd MMM yyyy, HH:mm')}`}
        {reason && <span dir="auto">: “{reason}”</span>}.
      </p>
    );
  const mayDecide = may(me.role, 'club', 'decide', 'proposals');
  const isOwn = proposal.memberId === me.id;
  const problem = unapproved ?? undeclined ?? unwithdrawn;
  return (
    <>
      <ActionBar className="club-deeds">
        {mayDecide && (
          <>
            <Button
              variant="next"
              disabled={isLoading}
              onClick={() => void approve({ id, revision })}
            >
              Approve: make it a club version
            </Button>
            <Button variant="outline" onClick={() => setIsDeclining(!isDeclining)}>
              Decline …
            </Button>
          </>
        )}
        {isOwn && (
          <Button
            variant="plain"
            onClick={() => void withdraw(id).then(() => navigate('/club/proposals'))}
          >
            Withdraw it
          </Button>
        )}
      </ActionBar>
      {isDeclining && (
        <Form
          className="flow"
          onSubmit={(event) => {
            event.preventDefault();
            void decline({ id, reason: words.trim() });
          }}
        >
          <Form.Group controlId="decline-reason" className="reason">
            <Form.Label>Why, for who proposed it</Form.Label>
            <Form.Control
              size="sm"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </Form.Group>
          <ReasonButton
            type="submit"
            variant="outline"
            why={words.trim() === '' ? 'Say why first.' : null}
          >
            Decline it
          </ReasonButton>
        </Form>
      )}
      {problem && <Problem>{asProblem(problem).message}</Problem>}
      <p className="quiet">
        Approved, it is saved as a version. Models stay on the version they are pinned to until
        their owner switches versions.
      </p>
    </>
  );
}
