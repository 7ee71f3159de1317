import { filmOver } from '../../../light/optics/filmOver';
import { mishap } from './mishap';

export const spilled = mishap({
  listedAt: 8,
  name: 'spilled',
  leaves: ({ planned, wrong, much }) => filmOver(planned, wrong(), much),
  needsPot: true,
  isOnFinished: true,
});
