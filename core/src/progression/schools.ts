/** Ways of going about a surface. None is better; painters hold to what they learnt. */
export const schools = {
  restore: {
    label: 'base, shade, restore, highlight',
    tells: 'The mid tone everywhere, a shade over it, the mid tone brought back, then the lights.',
  },
  shadowUp: {
    label: 'from the shadow up',
    tells: 'The darkest tone everywhere, and each lighter one starts a little higher.',
  },
  lightDown: {
    label: 'from the light down',
    tells:
      'The lightest tone everywhere; what is darker goes on as glazes pulled into the recesses.',
  },
  oneCoat: {
    label: 'transparent over pale',
    tells: 'One transparent coat over a pale ground does colour, shade and light at once.',
  },
  sketch: {
    label: 'sketch stark, then unify',
    tells: 'Light and dark set down harshly, then filters of the mid tone tie them together.',
  },
  threeTone: {
    label: 'three tones',
    tells:
      'Dark, mid and light, and whole parts between them: 2 dark to 1 mid, 2 mid to 1 light, half and half, pure light.',
  },
} as const;

export type SchoolName = keyof typeof schools;
export const schoolNames = Object.keys(schools) as SchoolName[];

export const shadeChoices = {
  darkerNeighbour: 'a darker neighbour hue',
  oppositeHue: 'the opposite hue',
  warmBrown: 'a warm brown',
  wash: 'a wash',
  black: 'black',
} as const;

export type ShadeChoice = keyof typeof shadeChoices;

export const lightenChoices = {
  lighterNeighbour: 'a lighter neighbour hue',
  bone: 'bone or cream',
  white: 'white',
} as const;

export type LightenChoice = keyof typeof lightenChoices;

export const thinChoices = {
  water: 'water',
  medium: 'medium',
  both: 'water and medium',
} as const;

export type ThinChoice = keyof typeof thinChoices;
