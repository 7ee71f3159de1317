import { dullDarks } from './dullDarks';
import { strongPigments } from './strongPigments';
import { glazePasses } from './glazePasses';
import { thinCoats } from './thinCoats';
import { inksAndWashes } from './inksAndWashes';
import type { ThinTruth } from './thinTruth';

/**
 * Forty truths about thin paint as painters know them, put down before the model of thin paint was
 * worked on. Dull darks hold black and grey when they are thinned; strong single pigments go bright;
 * a glaze is hardly seen at first.
 */
export const thinTruths: readonly ThinTruth[] = [
  ...dullDarks,
  ...strongPigments,
  ...glazePasses,
  ...thinCoats,
  ...inksAndWashes,
];
