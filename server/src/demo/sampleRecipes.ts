import { bearerCloak } from './recipes/bearerCloak';
import { copperHelm } from './recipes/copperHelm';
import { ferrymanFace } from './recipes/ferrymanFace';
import { lanternGlass } from './recipes/lanternGlass';
import { mudskipTail } from './recipes/mudskipTail';
import { oilskinFromShadow } from './recipes/oilskinFromShadow';
import { oilskinPitch } from './recipes/oilskinPitch';
import { oilskinSloe } from './recipes/oilskinSloe';
import { oilskinRestored } from './recipes/oilskinRestored';
import { overs } from './recipes/overs';
import { reedBlade } from './recipes/reedBlade';
import { reedCloak } from './recipes/reedCloak';
import { reedCloakVariants } from './recipes/reedCloakVariants';
import { weatheredSkin } from './recipes/weatheredSkin';

/**
 * Six recipes of the Lanternfen Levy, each painted after another school, two of them in another
 * colour, four that say where on the body, three more cloaks, and three that go over others.
 */
export const sampleRecipes = [
  oilskinFromShadow,
  oilskinRestored,
  reedCloak,
  weatheredSkin,
  copperHelm,
  lanternGlass,
  ferrymanFace,
  bearerCloak,
  mudskipTail,
  reedBlade,
  oilskinSloe,
  oilskinPitch,
  ...reedCloakVariants,
  ...overs,
];
