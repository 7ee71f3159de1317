import { roles, type Role } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import {
  useInvitationsQuery,
  useInviteMutation,
  useTakeBackMutation,
} from '../../data/club/clubApi';
import { Select } from '../../kit/Select';
import { Problem } from '../../kit/Problem';
import { InvitationLink } from './InvitationLink';

/** How long a link lasts, hours. */
const spans = [
  { id: 4, name: 'this evening' },
  { id: 24, name: 'one day' },
  { id: 72, name: 'three days' },
  { id: 336, name: 'two weeks' },
];

/** Links that let somebody in: making one, and those that are still out. */
export function Invitations() {
  const [role, setRole] = useState<Role>('painter');
  const [hours, setHours] = useState(72);
  const [invite, { data: made, error, isLoading }] = useInviteMutation();
  const { data: open } = useInvitationsQuery();
  const [takeBack] = useTakeBackMutation();
  return (
    <section aria-labelledby="invite-head">
      <h2 id="invite-head">Invite somebody</h2>
      <div className="flow">
        <Select
          label="As"
          value={role}
          options={roles.map(({ name, label }) => ({ id: name, name: label }))}
          onChoose={(chosen) => setRole(chosen)}
        />
        <Select
          label="The link lasts"
          value={hours}
          options={spans}
          onChoose={(chosen) => setHours(Number(chosen))}
        />
        <Button variant="next" disabled={isLoading} onClick={() => void invite({ role, hours })}>
          Make a link
        </Button>
      </div>
      {error && <Problem>{asProblem(error).message}</Problem>}
      {made && <InvitationLink key={made.id} link={made.link} endsAt={made.endsAt} />}
      {open && open.length > 0 && (
        <>
          <h3>Links that are out</h3>
          <ul className="ruled">
            {open.map(({ id, role: as, memberId, endsAt }) => (
              <li key={id} className="across">
                <span>
                  {memberId === null ? `for a ${as}` : 'for a new passphrase'}, until{' '}
                  {format(parseISO(endsAt), 'd MMM, HH:mm')}
                </span>
                <Button variant="plain" onClick={() => void takeBack(id)}>
                  Take back
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
