import { faultsAimed } from './faultsAimed';
import { faultsByOthers } from './faultsByOthers';
import { faultsOfColour } from './faultsOfColour';
import { faultsOfOddities } from './faultsOfOddities';
import { faultsOfOrder } from './faultsOfOrder';
import { faultsOfPaint } from './faultsOfPaint';
import type { PracticeFault } from './practiceFault';

/** Good recipes with one fault drawn in, each with the remark that should speak. */
export const practiceFaults: readonly PracticeFault[] = [
  ...faultsOfPaint,
  ...faultsOfOrder,
  ...faultsOfColour,
  ...faultsOfOddities,
  ...faultsByOthers,
  ...faultsAimed,
];
