import Button from 'react-bootstrap/Button';

/** How a glaze card is printed, brushed and photographed. */
export function GlazeSteps() {
  return (
    <ol>
      <li>
        Print the card, in colour, at its full size, on matt white paper.{' '}
        <Button variant="outline" size="sm" onClick={() => window.print()}>
          Print the card
        </Button>
      </li>
      <li>
        In each row brush one neat coat across the first field. Across the next five go one to five
        passes of the glaze. Wipe and brush each as you glaze, and let it dry before the next. Above
        and below the strokes the card stays bare.
      </li>
      <li>Photograph the whole card in even light, flat, without flash, all corners in it.</li>
    </ol>
  );
}
