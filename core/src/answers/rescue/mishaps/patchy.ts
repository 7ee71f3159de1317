import { mishap } from './mishap';
import { between } from './between';

export const patchy = mishap({
  listedAt: 4,
  name: 'patchy',
  leaves: ({ planned, below, much }) => between(planned, below, much * 0.7),
});
