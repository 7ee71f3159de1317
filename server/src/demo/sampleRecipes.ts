import { copperHelm } from './recipes/copperHelm';
import { lanternGlass } from './recipes/lanternGlass';
import { oilskinFromShadow } from './recipes/oilskinFromShadow';
import { oilskinRestored } from './recipes/oilskinRestored';
import { reedCloak } from './recipes/reedCloak';
import { reedCloakVariants } from './recipes/reedCloakVariants';
import { weatheredSkin } from './recipes/weatheredSkin';

/** Six recipes of the Lanternfen Levy, each painted after another school, and three more cloaks. */
export const sampleRecipes = [
  oilskinFromShadow,
  oilskinRestored,
  reedCloak,
  weatheredSkin,
  copperHelm,
  lanternGlass,
  ...reedCloakVariants,
];
