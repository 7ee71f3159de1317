/**
 * Words for a hue by itself, with the middle of what paints of that name look like: L*, C*, h. Our
 * own figures, to begin with. A word after “=” is another word for the one before.
 */
export const hues = `
white 96 2 95
black 11 1 270
grey 55 2 255 = gray
red 43 66 30
orange 64 76 60
yellow 83 82 91
green 46 44 137
blue 38 48 274
violet 33 54 308
purple 35 50 316
pink 67 42 2
brown 34 27 60
beige 80 16 82
tan 65 30 73
olive 44 33 104
khaki 62 26 93
ochre 62 52 78 = ocher
umber 35 20 67
sienna 45 42 60
sepia 32 18 70
buff 80 26 84
flesh 73 26 58 = skin, skintone, complexion
tawny 51 44 64
`;

/** Words for a shade of a hue: with the word for the hue after them they are still their own. */
export const shades = `
turquoise 58 36 200 = turq
teal 43 27 212
cyan 71 41 225
magenta 47 72 345
cream 92 17 92 = creme
ivory 93 11 96
crimson 37 60 22
scarlet 45 78 36
maroon 25 34 24
burgundy 24 32 14 = bordeaux
lime 79 78 120
indigo 24 44 294
mauve 63 29 325
lilac 73 30 315
lavender 76 25 304
amber 70 74 74
aqua 78 33 198
navy 18 32 282
rose 62 44 10
azure 57 48 268
`;

/** Words for a hue that another one only leans towards, as in “bluish grey”. */
export const leaning: Readonly<Record<string, string>> = {
  reddish: 'red',
  orangey: 'orange',
  orangish: 'orange',
  yellowish: 'yellow',
  yellowy: 'yellow',
  greenish: 'green',
  greeny: 'green',
  bluish: 'blue',
  bluey: 'blue',
  purplish: 'purple',
  violetish: 'violet',
  pinkish: 'pink',
  pinky: 'pink',
  brownish: 'brown',
  greyish: 'grey',
  grayish: 'grey',
  golden: 'gold',
};

/** Hues of other languages, where the word is none in English. */
export const foreignHues: Readonly<Record<string, string>> = {
  schwarz: 'black',
  weiß: 'white',
  weiss: 'white',
  grau: 'grey',
  blau: 'blue',
  grün: 'green',
  gruen: 'green',
  gelb: 'yellow',
  braun: 'brown',
  violett: 'violet',
  türkis: 'turquoise',
  hautfarbe: 'flesh',
  rouge: 'red',
  bleu: 'blue',
  vert: 'green',
  jaune: 'yellow',
  noir: 'black',
  blanc: 'white',
  gris: 'grey',
  marron: 'brown',
  brun: 'brown',
  rojo: 'red',
  azul: 'blue',
  verde: 'green',
  amarillo: 'yellow',
  negro: 'black',
  blanco: 'white',
  marrón: 'brown',
  morado: 'purple',
  naranja: 'orange',
  rosso: 'red',
  blu: 'blue',
  azzurro: 'azure',
  giallo: 'yellow',
  nero: 'black',
  bianco: 'white',
  grigio: 'grey',
  marrone: 'brown',
  arancio: 'orange',
  arancione: 'orange',
  rosa: 'pink',
  lila: 'lilac',
  argento: 'silver',
  rame: 'copper',
  plata: 'silver',
  cobre: 'copper',
  kupfer: 'copper',
  silber: 'silver',
};

/** Beginnings of words that other languages write together, as “hellblau”. */
export const foreignBeginnings: Readonly<Record<string, string>> = {
  hell: 'light',
  dunkel: 'dark',
};
