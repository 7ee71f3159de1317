export const slate = { swatch: '#2b3f5c', hiding: 0.9 };
export const blackGreen = { swatch: '#1f3028', hiding: 0.92 };
export const plum = { swatch: '#4a2a44', hiding: 0.88 };
export const oliveDrab = { swatch: '#4c4a2c', hiding: 0.9 };
export const darkRed = { swatch: '#5c1b1e', hiding: 0.85 };
export const darkBrown = { swatch: '#3b271c', hiding: 0.92 };
export const charcoal = { swatch: '#33353a', hiding: 0.95 };
export const navy = { swatch: '#1c2547', hiding: 0.85 };
export const black = { swatch: '#19191b', hiding: 0.97 };
export const ochre = { swatch: '#b5852f', hiding: 0.7 };
export const brick = { swatch: '#8e4630', hiding: 0.85 };
export const greyGreen = { swatch: '#6d7a68', hiding: 0.85 };
export const fleshTone = { swatch: '#c89878', hiding: 0.75 };
export const bone = { swatch: '#ddd0a8', hiding: 0.65 };
export const white = { swatch: '#f1efe9', hiding: 0.6 };
export const yellow = { swatch: '#e9bd1d', hiding: 0.25 };
export const strongRed = { swatch: '#b01e22', hiding: 0.5 };
export const strongBlue = { swatch: '#1e4aa0', hiding: 0.6 };
export const strongGreen = { swatch: '#1f7a43', hiding: 0.6 };
export const orange = { swatch: '#dc6a1c', hiding: 0.4 };
export const violet = { swatch: '#50306e', hiding: 0.6 };
export const turquoise = { swatch: '#1f8a8c', hiding: 0.6 };
export const yellowInk = {
  swatch: '#f2d21a',
  hiding: 0.03,
  kind: 'ink',
  isOverWhite: true,
} as const;
export const blueInk = { swatch: '#2c57b4', hiding: 0.05, kind: 'ink', isOverWhite: true } as const;
export const redInk = { swatch: '#b8283a', hiding: 0.05, kind: 'ink', isOverWhite: true } as const;
export const brownWash = {
  swatch: '#7a4c2a',
  hiding: 0.05,
  kind: 'wash',
  isOverWhite: true,
} as const;

export const onWhite = '#f4f3ef';
export const onBlack = '#18181a';
export const onGrey = '#8c8c8b';
export const lightGreen = '#a6c389';
export const skin = '#c99b7c';
export const pink = '#d89a98';
export const paleBone = '#d9cca6';
export const tan = '#b08a5a';
export const midBlue = '#4d78b0';
