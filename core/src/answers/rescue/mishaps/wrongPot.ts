import { depositOf, layOver } from '../../../predicted/buildUp/applyStep';
import { mishap } from './mishap';
import { between } from './between';

export const wrongPot = mishap({
  listedAt: 9,
  name: 'wrong pot',
  leaves: ({ planned, below, step, wrong, at, much }) =>
    between(planned, layOver(below, wrong(), depositOf(step, wrong(), at)), much),
  needsPot: true,
});
