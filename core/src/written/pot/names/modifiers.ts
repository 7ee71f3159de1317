import type { LabColour } from './colourPhrases';

type Change = (colour: LabColour) => LabColour;

const stronger =
  (by: number): Change =>
  ({ value, a, b }) => ({ value, a: a * by, b: b * by });
const darker =
  (by: number): Change =>
  (colour) => ({ ...colour, value: Math.max(colour.value * 0.35, colour.value - by) });
/** Towards white: never past half of what is left. */
const lighter =
  (by: number): Change =>
  (colour) => ({ ...colour, value: colour.value + Math.min(by, (99 - colour.value) * 0.5) });
const leaningBy =
  (a: number, b: number): Change =>
  (colour) => {
    // A grey leans little; a strong colour by more, in proportion.
    const share = Math.min(1, 0.4 + Math.hypot(colour.a, colour.b) / 40);
    return { ...colour, a: colour.a + a * share, b: colour.b + b * share };
  };
const both =
  (...changes: readonly Change[]): Change =>
  (colour) =>
    changes.reduce((now, change) => change(now), colour);

/** Words that change a colour, and how: our own figures, to begin with. */
const changes: Readonly<Record<string, Change>> = {
  dark: darker(17),
  darkest: darker(22),
  darker: darker(17),
  deep: both(darker(13), stronger(1.05)),
  light: lighter(20),
  lighter: lighter(20),
  pale: both(lighter(22), stronger(0.62)),
  pastel: both(lighter(26), stronger(0.55)),
  bright: both(lighter(8), stronger(1.25)),
  brilliant: both(lighter(7), stronger(1.22)),
  vivid: stronger(1.3),
  rich: both(darker(4), stronger(1.12)),
  intense: stronger(1.28),
  dusty: both(lighter(5), stronger(0.62)),
  dusky: both(darker(5), stronger(0.62)),
  dull: both(darker(3), stronger(0.6)),
  faded: both(lighter(9), stronger(0.55)),
  muted: stronger(0.58),
  drab: both(darker(4), stronger(0.52)),
  dirty: both(darker(8), stronger(0.66)),
  soft: both(lighter(7), stronger(0.74)),
  warm: leaningBy(4, 7),
  cool: leaningBy(-4, -7),
  cold: leaningBy(-5, -8),
  burnt: both(darker(10), leaningBy(8, -3)),
  scorched: both(darker(14), leaningBy(6, -2)),
  tanned: both(darker(11), leaningBy(2, 4)),
  rosy: leaningBy(8, -2),
  old: both(darker(5), stronger(0.8)),
  aged: both(darker(6), stronger(0.76)),
  fresh: both(lighter(5), stronger(1.12)),
  wet: darker(7),
  dry: both(lighter(6), stronger(0.85)),
};

/** Shortened words and those of other languages. */
const alsoWritten: Readonly<Record<string, string>> = {
  dk: 'dark',
  drk: 'dark',
  lt: 'light',
  lgt: 'light',
  brt: 'bright',
  hell: 'light',
  helles: 'light',
  dunkel: 'dark',
  dunkles: 'dark',
  clair: 'light',
  claire: 'light',
  foncé: 'dark',
  claro: 'light',
  oscuro: 'dark',
  chiaro: 'light',
  scuro: 'dark',
};

/** The change a word makes to a colour; undefined where it is no such word. */
export const modifierOf = (word: string): Change | undefined => changes[alsoWritten[word] ?? word];
