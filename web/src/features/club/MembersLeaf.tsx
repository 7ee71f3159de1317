import { may, roleLabel, roles } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import {
  useGiveRoleMutation,
  useInviteMutation,
  useMembersQuery,
  usePutOutMutation,
} from '../../data/club/clubApi';
import type { Member } from '../../data/club/membership';
import { Select } from '../../kit/Select';
import { ActionBar } from '../../kit/ActionBar';
import { Grid } from '../../kit/Grid';
import { Problem } from '../../kit/Problem';
import { Invitations } from './Invitations';
import { InvitationLink } from './InvitationLink';

/** The members of the club, and inviting more. */
export function MembersLeaf({ me }: { me: Member }) {
  const { data: members, error } = useMembersQuery();
  const mayInvite = may(me.role, 'club', 'create', 'invitations');
  return (
    <Grid columns={mayInvite ? 'minmax(0, 7fr) minmax(0, 5fr)' : 'minmax(0, 1fr)'}>
      <section aria-labelledby="members-head">
        <h2 id="members-head">Members</h2>
        {error && <Problem>{asProblem(error).message}</Problem>}
        <ul className="ruled">
          {members?.map((member) => (
            <MemberRow key={member.id} member={member} me={me} />
          ))}
        </ul>
        <dl className="roles">
          {roles.map(({ name, label, tells }) => (
            <div key={name}>
              <dt>{label}</dt>
              <dd>{tells}</dd>
            </div>
          ))}
        </dl>
      </section>
      {mayInvite && <Invitations />}
    </Grid>
  );
}

function MemberRow({ member, me }: { member: Member; me: Member }) {
  const [giveRole, { error: ungiven }] = useGiveRoleMutation();
  const isMe = member.id === me.id;
  const isManager = may(me.role, 'club', 'write', 'members');
  return (
    <li>
      <div className="across">
        <span>
          <b dir="auto">{member.name}</b>
          {isMe && ' (you)'} <small>since {format(parseISO(member.joinedAt), 'd MMM yyyy')}</small>
        </span>
        {isManager ? (
          <Select
            label={`Role of ${member.name}`}
            value={member.role}
            options={roles.map(({ name, label }) => ({ id: name, name: label }))}
            onChoose={(role) => void giveRole({ id: member.id, role })}
          />
        ) : (
          <span>{roleLabel(member.role)}</span>
        )}
      </div>
      {ungiven && <Problem>{asProblem(ungiven).message}</Problem>}
      {isManager && !isMe && <ManagerActions member={member} />}
    </li>
  );
}

/** A manager's actions for another member. */
function ManagerActions({ member }: { member: Member }) {
  const [isSure, setIsSure] = useState(false);
  const [invite, { data: made }] = useInviteMutation();
  const link = (more: { dropsSecondFactor?: true } = {}) =>
    invite({ role: member.role, hours: 24, memberId: member.id, ...more });
  const [putOut, { error, isLoading }] = usePutOutMutation();
  return (
    <>
      <ActionBar>
        <Button variant="plain" onClick={() => void link()}>
          A link for a new passphrase
        </Button>
        <Button variant="plain" onClick={() => void link({ dropsSecondFactor: true })}>
          The same, for a lost phone: turns off one-time codes
        </Button>
        <Button
          variant="plain"
          disabled={isLoading}
          onClick={() => (isSure ? void putOut(member.id) : setIsSure(true))}
        >
          {isSure ? `Remove ${member.name} from the club` : `Remove …`}
        </Button>
        {isSure && (
          <Button variant="plain" onClick={() => setIsSure(false)}>
            Cancel
          </Button>
        )}
      </ActionBar>
      {isSure && (
        <p>
          {member.name} is logged out on every device at once. What they had not sent waits in their
          browser. What they kept to themselves goes; what they shared and what they painted stays
          with the club.
        </p>
      )}
      {error && <Problem>{asProblem(error).message}</Problem>}
      {made && <InvitationLink link={made.link} endsAt={made.endsAt} />}
    </>
  );
}
