export { bouncedLight } from './bouncedLight';
export { placePoints, type Vector } from './figureBody';
export {
  fullyLit,
  glowSchools,
  glowWithin,
  type GlowSchool,
  type GlowPlace,
  type PaintedGlow,
} from './glowOnSurface';
export { lightPlaces } from './lightPlaces';
export { pointLightSchema, type PointLight } from './pointLight';
export { unitGlow, type HowLit, type SurfaceGlow, type UnitGlow } from './unitGlow';
