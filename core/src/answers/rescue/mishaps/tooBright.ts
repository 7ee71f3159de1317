import { mishap } from './mishap';
import { withValue } from './withValue';

export const tooBright = mishap({
  listedAt: 1,
  name: 'too bright',
  leaves: ({ planned, off }) => withValue(planned, off),
});
