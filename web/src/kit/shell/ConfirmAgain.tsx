import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { z } from 'zod';
import { ReasonButton } from '../ReasonButton';
import { askClub } from '../../data/club/askClub';
import { confirming } from '../../data/club/confirming';
import { memberships } from '../../data/club/membership';
import { Problem } from '../Problem';

/** Asks for the passphrase once more; what was pressed is done when it was right. */
export default function ConfirmAgain() {
  const [passphrase, setPassphrase] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const submit = async () => {
    const answer = await askClub('/confirm', z.null(), {
      method: 'POST',
      body: { passphrase },
      headers: memberships.head(),
    });
    if ('error' in answer) setWrong(answer.error.message);
    else confirming.answer(true);
  };
  return (
    <Modal show onHide={() => confirming.answer(false)} aria-labelledby="confirm-head">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="confirm-head">Your passphrase, once more</Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <p>Somebody else could sit at your device, so this asks for it again.</p>
          <Form.Label htmlFor="confirm-passphrase">Passphrase</Form.Label>
          <Form.Control
            id="confirm-passphrase"
            type="password"
            autoComplete="current-password"
            autoFocus
            value={passphrase}
            onChange={({ target }) => setPassphrase(target.value)}
          />
          {wrong && <Problem>{wrong}</Problem>}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="plain" onClick={() => confirming.answer(false)}>
            Cancel
          </Button>
          <ReasonButton
            type="submit"
            variant="next"
            why={passphrase === '' ? 'Type your passphrase first.' : null}
          >
            Go on
          </ReasonButton>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
