import { lineLimit } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useMembership } from '../../../data/club/membership';
import { painterHere } from '../../../data/log/painterHere';

/** The painter at this device, where the login does not tell. */
export function PainterName() {
  const isOfClub = useMembership().is === 'in';
  if (isOfClub) return null;
  return (
    <label>
      Who paints at this device
      <Form.Control
        dir="auto"
        autoComplete="off"
        maxLength={lineLimit}
        defaultValue={painterHere.name()}
        onChange={(event) => painterHere.say(event.target.value)}
      />
    </label>
  );
}
