import Alert, { type AlertProps } from 'react-bootstrap/Alert';

/** What keeps something from being right; with the role of a note, what is to be heeded. */
export const Problem = (props: AlertProps) => (
  <Alert variant="problem" transition={false} {...props} />
);
