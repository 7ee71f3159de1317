import { may } from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useMembersQuery } from '../../../data/club/clubApi';
import { useMembership } from '../../../data/club/membership';
import { painterHere } from '../../../data/log/painterHere';
import { ActionBar } from '../../../kit/ActionBar';

/** On a tablet of several: who paints, with one press. */
export function WhoPaints() {
  const membership = useMembership();
  const isShared = membership.is === 'in' && membership.me.isShared;
  const { data: members } = useMembersQuery(undefined, { skip: !isShared });
  const [name, setName] = useState(painterHere.name);
  if (!isShared || !members) return null;
  const painters = members.filter(({ role }) => may(role, 'mine', 'create', 'log'));
  return (
    <div role="group" aria-label="Who paints" className="who-paints">
      <ActionBar>
        {painters.map((member) => (
          <Button
            key={member.id}
            variant="chip"
            aria-pressed={member.name === name}
            onClick={() => {
              painterHere.say(member.name);
              setName(member.name);
            }}
          >
            {member.name}
          </Button>
        ))}
      </ActionBar>
    </div>
  );
}
