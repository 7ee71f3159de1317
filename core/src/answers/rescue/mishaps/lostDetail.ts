import { mishap } from './mishap';
import { between } from './between';

export const lostDetail = mishap({
  listedAt: 10,
  name: 'lost detail',
  // Filled recesses have the colour of what is around them.
  leaves: ({ planned, around, much }) => between(planned, around, much),
  isOnFinished: true,
});
