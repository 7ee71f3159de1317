import { format, parseISO } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useNoticesSeenMutation } from '../../data/club/clubApi';
import { memberships, useMembership } from '../../data/club/membership';
import { Problem } from '../Problem';

/** Tells a member that their passphrase was set by a link, who made it and where it was opened. */
export default function PassphraseNotice() {
  const membership = useMembership();
  const [seen] = useNoticesSeenMutation();
  if (membership.is !== 'in' || membership.me.notices.length === 0) return null;
  const hide = async () => {
    await seen();
    await memberships.look();
  };
  return (
    <div className="page" style={{ paddingBottom: 0 }}>
      {membership.me.notices.map(({ sequence, at, madeBy, device, droppedCodes }) => (
        <Problem key={sequence} role="status">
          Your passphrase was set by a link on {format(parseISO(at), 'd\u00a0MMMM, HH:mm')}.{' '}
          {madeBy ?? 'Somebody'} made the link; it was opened on “{device}”.{' '}
          {droppedCodes && 'It also turned off your one-time codes. '}If that was not you, set a new
          passphrase under “My devices”, and ask {madeBy ?? 'whoever manages the club'}.{' '}
          <Button variant="plain" onClick={() => void hide()}>
            That was me
          </Button>
        </Problem>
      ))}
    </div>
  );
}
