import type { SchoolName } from './schools';
import { lightDown } from './ways/lightDown';
import { oneCoat } from './ways/oneCoat';
import { restore } from './ways/restore';
import { shadowUp } from './ways/shadowUp';
import { sketch } from './ways/sketch';
import { threeTone } from './ways/threeTone';
import type { Way } from './ways/way';

/** How each school goes about a surface; one file each. */
export const ways: Record<SchoolName, Way> = {
  restore,
  shadowUp,
  lightDown,
  oneCoat,
  sketch,
  threeTone,
};
