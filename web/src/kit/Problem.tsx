import Alert, { type AlertProps } from 'react-bootstrap/Alert';

/** An error beside its field; with the role of a note, a caution. */
export const Problem = (props: AlertProps) => (
  <Alert variant="problem" transition={false} {...props} />
);
