import Button from 'react-bootstrap/Button';
import { useStorageQuota } from '../../data/offline/storageQuota';
import { useNewRelease } from '../../data/offline/newRelease';
import { useConnectionStatus } from '../../data/offline/connectionStatus';
import { useAppSelector } from '../../data/store';
import { Problem } from '../Problem';

/** Says above every page when what shows is only what the browser has, and when a newer release waits. */
export function AwayMark() {
  const { since } = useConnectionStatus();
  const isUnkept = useAppSelector((state) => state.writing.isUnkept);
  const room = useStorageQuota();
  const takeRelease = useNewRelease();
  if (since === null && room === 'enough' && !takeRelease) return null;
  return (
    <div className="page" style={{ paddingBottom: 0 }}>
      {since !== null && (
        <Problem role="status">
          The server has not answered since{' '}
          {new Date(since).toLocaleTimeString([], { timeStyle: 'short' })}: what you see is what
          this browser had last;{' '}
          {isUnkept
            ? 'what you do is on this page alone: leave it open.'
            : 'what you do waits here and is sent later.'}
        </Problem>
      )}
      {room !== 'enough' && (
        <Problem role="status">
          The browser’s store is {room}. Without the server these pages may lack what came last;
          free some room on this device.
        </Problem>
      )}
      {takeRelease && (
        <Problem role="note">
          A newer release of these pages is here. What you wrote stays.{' '}
          <Button variant="plain" onClick={takeRelease}>
            Load it now
          </Button>
        </Problem>
      )}
    </div>
  );
}
