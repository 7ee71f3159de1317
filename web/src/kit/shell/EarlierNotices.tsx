import { format } from 'date-fns';
import Modal from 'react-bootstrap/Modal';
import { useEarlierNotices } from './notices';

/** Every notice since the page was loaded, to be read again. */
export default function EarlierNotices({ onClose }: { onClose: () => void }) {
  const notices = useEarlierNotices();
  return (
    <Modal show onHide={onClose} aria-labelledby="notices-head" scrollable>
      <Modal.Header closeButton>
        <Modal.Title id="notices-head" as="h2">
          Earlier notices
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {notices.length === 0 && <p>Nothing was said since this page was loaded.</p>}
        <ul className="rows">
          {notices.map(({ text, at }) => (
            <li key={`${at} ${text}`} dir="auto">
              <small>{format(at, 'HH:mm')}</small> {text}
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Modal>
  );
}
