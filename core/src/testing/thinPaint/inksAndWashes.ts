import type { ThinTruth } from './thinTruth';
import { yellowInk, blueInk, redInk, brownWash, onWhite, onGrey, paleBone } from './truthPots';

/** Inks and washes tint what is below and darken it. */
export const inksAndWashes: readonly ThinTruth[] = [
  {
    says: 'yellow ink on white is lemon',
    pot: yellowInk,
    on: onWhite,
    technique: 'brushCoat',
    coats: 1,
    expected: { hue: [82, 108], value: [78, 92], chroma: [60, 100] },
  },
  {
    says: 'yellow ink on grey is olive',
    pot: yellowInk,
    on: onGrey,
    technique: 'brushCoat',
    coats: 1,
    expected: { hue: [92, 118], value: [42, 62], chroma: [25, 66] },
  },
  {
    says: 'blue ink over yellow is green',
    pot: { ...blueInk, swatch: '#6f9fd8' },
    on: '#e9cf3a',
    technique: 'brushCoat',
    coats: 1,
    expected: { hue: [112, 175], chroma: [20, 65] },
  },
  {
    says: 'red ink thinned 1 : 3 on white is a clear pink',
    pot: redInk,
    on: onWhite,
    technique: 'brushCoat',
    medium: 3,
    coats: 1,
    expected: { chroma: [12, 45], value: [65, 88] },
  },
  {
    says: 'a brown wash at 1 : 1 on bone tans it and leaves it light',
    pot: brownWash,
    on: paleBone,
    technique: 'brushCoat',
    water: 1,
    coats: 1,
    expected: { value: [42, 72], hue: [50, 88], change: [6, 28] },
  },
];
