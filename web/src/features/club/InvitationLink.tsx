import { format, parseISO } from 'date-fns';
import { QRCodeSVG } from 'qrcode.react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useCopied } from '../../kit/hooks/useCopied';

export interface InvitationLinkProps {
  link: string;
  /** ISO 8601 */
  endsAt: string;
}

/** A link that lets somebody in once, for a phone to see or to be sent. It is shown here and never again. */
export function InvitationLink({ link, endsAt }: InvitationLinkProps) {
  const { isCopied, copy } = useCopied(link);
  return (
    <div className="invitation opened">
      <QRCodeSVG
        value={link}
        size={176}
        marginSize={2}
        title="The link, for the camera of a phone"
      />
      <div className="stacked">
        <p>
          Lets one person in, once, until <b>{format(parseISO(endsAt), 'EEEE d MMM, HH:mm')}</b>. It
          is shown here and never again.
        </p>
        <Form.Control
          size="sm"
          readOnly
          aria-label="The link"
          value={link}
          onFocus={(event) => event.target.select()}
        />
        <Button variant="outline" onClick={() => void copy()}>
          {isCopied ? 'Copied' : 'Copy the link'}
        </Button>
      </div>
    </div>
  );
}
