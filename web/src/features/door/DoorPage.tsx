import { useMembership } from '../../data/club/membership';
import { ComeIn } from './ComeIn';
import { JoinByLink } from './JoinByLink';
import './door.scss';

/** Where a club is come into. */
export default function DoorPage() {
  const membership = useMembership();
  const token = window.location.pathname === '/come-in' ? window.location.hash.slice(1) : '';
  return (
    <div className="page door">
      {membership.is === 'in' && (
        <p>
          On this device <b>{membership.me.member.name}</b> is in. Who logs in here takes their
          place; what waits to be sent is kept for them. <a href="/">Back to the ledger</a>
        </p>
      )}
      {token ? <JoinByLink token={token} /> : <ComeIn />}
      <p className="quiet">
        Does your phone warn you of this page? <a href="/trust">How to make your phone trust it</a>
      </p>
    </div>
  );
}
