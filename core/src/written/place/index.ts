export { sideNames, sideWords, type Aim, type AimSide, type Stretch, type WrittenAim } from './aim';
export { areaShares } from './areaShares';
export { aimName, aimWords, aspectNames } from './aimWords';
export { aspectOfAim, mainAspects, plainAspect, type Aspect } from './aspects';
export { formField, shareBelow } from './formField';
export { forms, formNames, type FormName } from './forms';
export { lightNames, type LightDirection } from './light';
export { placementSchema, pulls, type Placement } from './placement';
export {
  mostSpots,
  sectionWay,
  sectionWayNames,
  spotSchema,
  type Sections,
  type Shape,
  type Spot,
  type SpotMark,
} from './shape';
export { placementsOf } from './shrinking';
export { readySpotOf, usualShare } from './spotWeights';
export { nearestStop, placeOf, ribbonStops, toneStops, type ToneStopName } from './toneAxis';
