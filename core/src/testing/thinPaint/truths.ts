/** A range, both ends included. */
type Range = readonly [least: number, most: number];

/** A paint as its owner would put it down: how it looks thick and dry unless said. */
interface TruthPot {
  swatch: string;
  hiding: number;
  kind?: 'paint' | 'ink' | 'wash';
  /** of inks and washes: the swatch is one coat over white */
  isOverWhite?: true;
}

/** A painter's truth about thin paint, with the range in which the prediction has to be. */
export interface ThinTruth {
  /** in a painter's words */
  says: string;
  pot: TruthPot;
  /** colour of what it goes onto */
  on: string;
  technique: 'brushCoat' | 'layer' | 'placedGlaze' | 'filter';
  water?: number;
  medium?: number;
  coats: number;
  expected: {
    /** ΔE00 to what lay there before */
    change?: Range;
    /** L* of the result */
    value?: Range;
    /** C of the result */
    chroma?: Range;
    /** hue of the result, degrees; past 360 where it goes round */
    hue?: Range;
    /** ΔE00 to the paint thick and dry */
    toPot?: Range;
  };
}

const slate = { swatch: '#2b3f5c', hiding: 0.9 };
const blackGreen = { swatch: '#1f3028', hiding: 0.92 };
const plum = { swatch: '#4a2a44', hiding: 0.88 };
const oliveDrab = { swatch: '#4c4a2c', hiding: 0.9 };
const darkRed = { swatch: '#5c1b1e', hiding: 0.85 };
const darkBrown = { swatch: '#3b271c', hiding: 0.92 };
const charcoal = { swatch: '#33353a', hiding: 0.95 };
const navy = { swatch: '#1c2547', hiding: 0.85 };
const black = { swatch: '#19191b', hiding: 0.97 };
const ochre = { swatch: '#b5852f', hiding: 0.7 };
const brick = { swatch: '#8e4630', hiding: 0.85 };
const greyGreen = { swatch: '#6d7a68', hiding: 0.85 };
const fleshTone = { swatch: '#c89878', hiding: 0.75 };
const bone = { swatch: '#ddd0a8', hiding: 0.65 };
const white = { swatch: '#f1efe9', hiding: 0.6 };
const yellow = { swatch: '#e9bd1d', hiding: 0.25 };
const strongRed = { swatch: '#b01e22', hiding: 0.5 };
const strongBlue = { swatch: '#1e4aa0', hiding: 0.6 };
const strongGreen = { swatch: '#1f7a43', hiding: 0.6 };
const orange = { swatch: '#dc6a1c', hiding: 0.4 };
const violet = { swatch: '#50306e', hiding: 0.6 };
const turquoise = { swatch: '#1f8a8c', hiding: 0.6 };
const yellowInk = { swatch: '#f2d21a', hiding: 0.03, kind: 'ink', isOverWhite: true } as const;
const blueInk = { swatch: '#2c57b4', hiding: 0.05, kind: 'ink', isOverWhite: true } as const;
const redInk = { swatch: '#b8283a', hiding: 0.05, kind: 'ink', isOverWhite: true } as const;
const brownWash = { swatch: '#7a4c2a', hiding: 0.05, kind: 'wash', isOverWhite: true } as const;

const onWhite = '#f4f3ef';
const onBlack = '#18181a';
const onGrey = '#8c8c8b';
const lightGreen = '#a6c389';
const skin = '#c99b7c';
const pink = '#d89a98';
const paleBone = '#d9cca6';
const tan = '#b08a5a';
const midBlue = '#4d78b0';

/**
 * Forty truths about thin paint as painters know them, put down before the model of thin paint was
 * worked on. Dull darks hold black and grey when they are thinned; strong single pigments go bright;
 * a glaze is hardly seen at first.
 */
export const thinTruths: readonly ThinTruth[] = [
  // Dull darks thinned on white
  {
    says: 'a dull slate thinned on white stays a grey blue',
    pot: slate,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [6, 20], value: [48, 80], hue: [235, 285] },
  },
  {
    says: 'the slate at 1 : 1 on white is still a grey blue, only deeper',
    pot: slate,
    on: onWhite,
    technique: 'brushCoat',
    water: 1,
    coats: 1,
    expected: { chroma: [8, 24], value: [30, 62] },
  },
  {
    says: 'a black green at 1 : 2 is a grey green and no emerald',
    pot: blackGreen,
    on: onWhite,
    technique: 'brushCoat',
    water: 2,
    coats: 1,
    expected: { chroma: [2, 15], value: [35, 68] },
  },
  {
    says: 'a plum at 1 : 3 is a dusty mauve and no pink',
    pot: plum,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [5, 22], value: [45, 78] },
  },
  {
    says: 'an olive drab thinned is a khaki grey and no lime',
    pot: oliveDrab,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [6, 25], value: [52, 82], hue: [75, 118] },
  },
  {
    says: 'a dark brown thinned on white is a brown grey and no orange',
    pot: darkBrown,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [4, 20], value: [42, 75] },
  },
  {
    says: 'a charcoal thinned on white is a plain grey',
    pot: charcoal,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [0, 8], value: [42, 76] },
  },
  {
    says: 'a navy at 1 : 2 on white is a denim blue, not a bright one',
    pot: navy,
    on: onWhite,
    technique: 'brushCoat',
    water: 2,
    coats: 1,
    expected: { chroma: [8, 32], value: [32, 66] },
  },
  {
    says: 'black at 1 : 4 on white is a mid grey',
    pot: black,
    on: onWhite,
    technique: 'brushCoat',
    water: 4,
    coats: 1,
    expected: { chroma: [0, 5], value: [40, 72] },
  },
  {
    says: 'a grey green thinned on white is a paler grey green',
    pot: greyGreen,
    on: onWhite,
    technique: 'brushCoat',
    water: 2,
    coats: 1,
    expected: { chroma: [3, 14], value: [60, 88] },
  },
  // Strong single pigments thinned on white
  {
    says: 'a strong red thinned on white goes to a bright pink red',
    pot: strongRed,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [28, 70], value: [48, 78] },
  },
  {
    says: 'a strong blue thinned on white is a clear sky blue',
    pot: strongBlue,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [20, 52], value: [48, 82] },
  },
  {
    says: 'a strong green thinned on white is a fresh green',
    pot: strongGreen,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [18, 52], value: [55, 86] },
  },
  {
    says: 'a yellow thinned on white is a clear lemon',
    pot: yellow,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [38, 90], value: [80, 94], hue: [82, 105] },
  },
  {
    says: 'an orange thinned on white goes towards apricot and stays warm',
    pot: orange,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [28, 78], value: [68, 90], hue: [45, 88] },
  },
  {
    says: 'a violet thinned on white is a lilac',
    pot: violet,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [12, 42], value: [48, 82], hue: [290, 335] },
  },
  {
    says: 'a turquoise thinned on white stays turquoise',
    pot: turquoise,
    on: onWhite,
    technique: 'brushCoat',
    water: 3,
    coats: 1,
    expected: { chroma: [12, 42], value: [60, 88], hue: [170, 225] },
  },
  // The first pass of a glaze, and several
  {
    says: 'one pass of a dark red at 1 : 12 on light green is barely seen',
    pot: darkRed,
    on: lightGreen,
    technique: 'placedGlaze',
    water: 12,
    coats: 1,
    expected: { change: [0.3, 4] },
  },
  {
    says: 'five passes of it are plain to see and have not made it brown',
    pot: darkRed,
    on: lightGreen,
    technique: 'placedGlaze',
    water: 12,
    coats: 5,
    expected: { change: [3, 16] },
  },
  {
    says: 'one pass of a dark brown at 1 : 10 on bone is barely seen',
    pot: darkBrown,
    on: paleBone,
    technique: 'placedGlaze',
    water: 10,
    coats: 1,
    expected: { change: [0.4, 4.5] },
  },
  {
    says: 'five passes of it shade the bone plainly',
    pot: darkBrown,
    on: paleBone,
    technique: 'placedGlaze',
    water: 10,
    coats: 5,
    expected: { change: [5, 20] },
  },
  {
    says: 'one pass of blue at 1 : 8 on skin is a breath of cold',
    pot: strongBlue,
    on: skin,
    technique: 'placedGlaze',
    water: 8,
    coats: 1,
    expected: { change: [0.6, 6] },
  },
  {
    says: 'one glaze of violet at 1 : 6 medium in skin shadows shows a little',
    pot: violet,
    on: skin,
    technique: 'placedGlaze',
    medium: 6,
    coats: 1,
    expected: { change: [1, 8] },
  },
  {
    says: 'a glaze of red at 1 : 4 on bone warms it at once',
    pot: strongRed,
    on: paleBone,
    technique: 'placedGlaze',
    water: 4,
    coats: 1,
    expected: { change: [2, 14] },
  },
  {
    says: 'black at 1 : 10, one pass over tan, is a shadow one has to look for',
    pot: black,
    on: tan,
    technique: 'placedGlaze',
    water: 10,
    coats: 1,
    expected: { change: [0.5, 5.5] },
  },
  {
    says: 'a filter of ochre at 1 : 6 over grey yellows it slightly',
    pot: ochre,
    on: onGrey,
    technique: 'filter',
    medium: 6,
    coats: 1,
    expected: { change: [0.4, 5] },
  },
  {
    says: 'three passes of white at 1 : 6 over blue leave a veil, not a cover',
    pot: white,
    on: midBlue,
    technique: 'placedGlaze',
    water: 6,
    coats: 3,
    expected: { change: [0.8, 10] },
  },
  {
    says: 'a filter of brick at 1 : 8 over bone is barely seen',
    pot: brick,
    on: paleBone,
    technique: 'filter',
    water: 8,
    coats: 1,
    expected: { change: [0.3, 4.5] },
  },
  // Thin coats over dark and mid
  {
    says: 'bone at 1 : 1 over black, one coat, is a patchy grey and far from bone',
    pot: bone,
    on: onBlack,
    technique: 'layer',
    water: 1,
    coats: 1,
    expected: { value: [22, 62], toPot: [15, 60] },
  },
  {
    says: 'yellow at 1 : 1 over black, one coat, is a dull dark olive',
    pot: yellow,
    on: onBlack,
    technique: 'layer',
    water: 1,
    coats: 1,
    expected: { value: [8, 38], toPot: [35, 80] },
  },
  {
    says: 'a dark red at 1 : 1 medium on pink is a deep red and no signal red',
    pot: darkRed,
    on: pink,
    technique: 'brushCoat',
    medium: 1,
    coats: 1,
    expected: { chroma: [15, 40], value: [18, 46] },
  },
  {
    says: 'brick at 1 : 1 over black, one coat, is a brown black',
    pot: brick,
    on: onBlack,
    technique: 'layer',
    water: 1,
    coats: 1,
    expected: { value: [10, 36] },
  },
  {
    says: 'skin tone at 1 : 2 over a mid brown, one layer, shows and lets the brown through',
    pot: fleshTone,
    on: '#7a4f38',
    technique: 'layer',
    water: 2,
    coats: 1,
    expected: { change: [3, 18], toPot: [5, 25] },
  },
  {
    says: 'a neat coat of a dark brown over white looks its own colour',
    pot: darkBrown,
    on: onWhite,
    technique: 'brushCoat',
    coats: 2,
    expected: { toPot: [0, 5] },
  },
  {
    says: 'two coats of slate at 1 : 1 over white are nearly slate',
    pot: slate,
    on: onWhite,
    technique: 'brushCoat',
    water: 1,
    coats: 2,
    expected: { toPot: [2, 22] },
  },
  // Inks and washes
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
