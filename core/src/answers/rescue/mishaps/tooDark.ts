import { mishap } from './mishap';
import { withValue } from './withValue';

export const tooDark = mishap({
  listedAt: 2,
  name: 'too dark',
  leaves: ({ planned, off }) => withValue(planned, -off),
});
