import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import {
  logOut,
  useDevicesQuery,
  useEndDeviceMutation,
  usePutOutMutation,
  type Device,
} from '../../data/club/clubApi';
import type { Me } from '../../data/club/membership';
import { ActionBar } from '../../kit/ActionBar';
import { Problem } from '../../kit/Problem';
import { NewPassphrase } from './NewPassphrase';
import { SecondFactor } from './SecondFactor';
import { leaveNothing } from './leaveNothing';

/** Where somebody has come in, going out, and leaving the club. */
export function DevicesLeaf({ me }: { me: Me }) {
  const { data: devices, error } = useDevicesQuery();
  const [end, { error: unended }] = useEndDeviceMutation();
  const problem = error ?? unended;
  const others = devices?.filter(({ id }) => id !== me.deviceId) ?? [];
  const out = async () => {
    await logOut();
    if (me.isShared) await leaveNothing();
    window.location.assign('/');
  };
  return (
    <>
      <section aria-labelledby="devices-head">
        <h2 id="devices-head">Where you are logged in</h2>
        {problem && <Problem>{asProblem(problem).message}</Problem>}
        <ul className="ruled">
          {devices?.map((device) => (
            <li key={device.id} className="across">
              <span>
                {device.device}
                {device.id === me.deviceId && <b> (this one)</b>} <small>{spanOf(device)}</small>
              </span>
              {device.id !== me.deviceId && (
                <Button variant="plain" onClick={() => void end(device.id)}>
                  End it
                </Button>
              )}
            </li>
          ))}
        </ul>
        <ActionBar className="club-deeds">
          <Button variant="outline" onClick={() => void out()}>
            Log out on this device
          </Button>
          {others.length > 1 && (
            <Button variant="outline" onClick={() => others.forEach(({ id }) => void end(id))}>
              End all the others
            </Button>
          )}
        </ActionBar>
      </section>
      <NewPassphrase />
      <SecondFactor />
      <Leaving me={me} />
    </>
  );
}

const spanOf = ({ isShared, beganAt, endsAt }: Device) =>
  `${isShared ? 'of several, ' : ''}since ${format(parseISO(beganAt), 'd MMM, HH:mm')}, until ${format(parseISO(endsAt), 'd MMM, HH:mm')}`;

function Leaving({ me: { member } }: { me: Me }) {
  const [isSure, setIsSure] = useState(false);
  const [leave, { error }] = usePutOutMutation();
  const go = async () => {
    const answer = await leave(member.id);
    if ('error' in answer) return;
    await leaveNothing();
    window.location.assign('/');
  };
  return (
    <section aria-labelledby="leaving-head">
      <h2 id="leaving-head">Leaving the club</h2>
      <p>
        Take along what is yours first: your recipes with the pots they draw from, your armies, and
        what you have painted. A ledger of your own can import that file.
      </p>
      <p>
        <a href="/api/files/mine" download>
          Save everything of mine
        </a>
      </p>
      <ActionBar className="club-deeds">
        <Button variant="outline" onClick={() => (isSure ? void go() : setIsSure(true))}>
          {isSure ? 'Leave the club' : 'Leave …'}
        </Button>
        {isSure && (
          <Button variant="plain" onClick={() => setIsSure(false)}>
            Stay
          </Button>
        )}
      </ActionBar>
      {isSure && (
        <p>
          You are logged out on every device. What you kept to yourself is deleted; what you shared
          becomes the club’s, and the history of its models stays, without your name.
        </p>
      )}
      {error && <Problem>{asProblem(error).message}</Problem>}
    </section>
  );
}
