import { may, roleLabel } from '@yellow-ledger/core';
import { useParams } from 'react-router';
import { useMembership } from '../../data/club/membership';
import { Tabs } from '../../kit/Tabs';
import { PageHead } from '../../kit/PageHead';
import { DevicesLeaf } from './DevicesLeaf';
import { EveningLeaf } from './EveningLeaf';
import { MembersLeaf } from './MembersLeaf';
import { ProposalsLeaf } from './ProposalsLeaf';
import { ActivityLog } from './ActivityLog';
import { WhoSeesLeaf } from './WhoSeesLeaf';
import './club.scss';

/** A club: who is in it, on what, and what was done. */
export default function ClubPage() {
  const { leaf = '' } = useParams();
  const membership = useMembership();
  // Why nothing is shown stands above every page then.
  if (membership.is === 'out')
    return (
      <div className="page">
        <PageHead title="The club" />
        <p>Nobody is logged in on this page.</p>
      </div>
    );
  if (membership.is === 'alone')
    return (
      <div className="page">
        <PageHead title="The club" />
        <p>
          This ledger is yours alone. Started with <b>npm start -- --club</b> it is a club’s: others
          log in by name and passphrase, and what is yours stays yours until you share it.
        </p>
      </div>
    );
  const { member } = membership.me;
  const isShown = {
    trail: may(member.role, 'club', 'look', 'trail'),
    proposals: may(member.role, 'club', 'look', 'proposals'),
  };
  const leaves = [
    { path: '', label: 'Members' },
    { path: 'evening', label: 'This evening' },
    ...(isShown.proposals ? [{ path: 'proposals', label: 'Club recipes' }] : []),
    { path: 'who-sees', label: 'Who sees what' },
    { path: 'devices', label: 'My devices' },
    ...(isShown.trail ? [{ path: 'trail', label: 'Activity log' }] : []),
  ];
  return (
    <div className="page club">
      <PageHead title="The club">
        <p>
          Logged in as <b>{member.name}</b>, {roleLabel(member.role)}
        </p>
      </PageHead>
      <Tabs label="Of the club" at="/club" leaves={leaves} />
      {leaf === 'evening' ? (
        <EveningLeaf />
      ) : leaf === 'devices' ? (
        <DevicesLeaf me={membership.me} />
      ) : leaf === 'who-sees' ? (
        <WhoSeesLeaf me={member} />
      ) : leaf === 'proposals' && isShown.proposals ? (
        <ProposalsLeaf me={member} />
      ) : leaf === 'trail' && isShown.trail ? (
        <ActivityLog />
      ) : (
        <MembersLeaf me={member} />
      )}
    </div>
  );
}
