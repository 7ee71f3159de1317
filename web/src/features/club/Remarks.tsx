import { may, type Proposal } from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import { useRemarkMutation, useRemoveRemarkMutation } from '../../data/club/clubApi';
import type { Member } from '../../data/club/membership';
import { useMemberNames } from '../../data/club/useMemberNames';
import { Problem } from '../../kit/Problem';

export interface RemarksProps {
  proposal: Proposal;
  /** the line they are about; null: all of it */
  stepId: string | null;
  me: Member;
}

/** Remarks of members on a proposal, or on one line of it. */
export function Remarks({ proposal, stepId, me }: RemarksProps) {
  const { id, remarks } = proposal;
  const nameOf = useMemberNames();
  const [remark, { error, isLoading }] = useRemarkMutation();
  const [remove] = useRemoveRemarkMutation();
  const [isOpen, setIsOpen] = useState(stepId === null);
  const [words, setWords] = useState('');
  const say = async () => {
    const answer = await remark({ id, stepId, words: words.trim() });
    if ('error' in answer) return;
    setWords('');
    setIsOpen(stepId === null);
  };
  return (
    <div className="remarks">
      {remarks
        .filter((each) => each.stepId === stepId)
        .map((each) => (
          <p key={each.id} dir="auto">
            <b>{nameOf(each.memberId)}</b>: {each.words}
            {may(me.role, each.memberId === me.id ? 'mine' : 'club', 'delete', 'remarks') && (
              <Button
                variant="plain"
                aria-label={`Take back “${each.words}”`}
                onClick={() => void remove({ id, remarkId: each.id })}
              >
                Take back
              </Button>
            )}
          </p>
        ))}
      {isOpen ? (
        <Form
          className="flow"
          onSubmit={(event) => {
            event.preventDefault();
            void say();
          }}
        >
          <Form.Control
            size="sm"
            aria-label={stepId === null ? 'A remark on all of it' : 'A remark on this line'}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <ReasonButton
            type="submit"
            variant="outline"
            isBusy={isLoading}
            why={words.trim() === '' ? 'Write the remark first.' : null}
          >
            Remark
          </ReasonButton>
        </Form>
      ) : (
        <Button variant="plain" onClick={() => setIsOpen(true)}>
          Remark on it
        </Button>
      )}
      {error && <Problem>{asProblem(error).message}</Problem>}
    </div>
  );
}
