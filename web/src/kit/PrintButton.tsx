import Button from 'react-bootstrap/Button';

/** Prints the page it stands on, which says in its styles what of it goes onto paper. */
export const PrintButton = ({ words }: { words: string }) => (
  <Button variant="outline" className="no-print" onClick={() => window.print()}>
    {words}
  </Button>
);
