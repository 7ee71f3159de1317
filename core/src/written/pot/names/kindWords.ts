import type { Pot, PotKind } from '../pot';

/** A kind of pot, by what is written on it; the first that is found counts. */
export const kindPhrases: readonly { kind: PotKind; phrases: readonly string[] }[] = [
  {
    kind: 'varnish',
    phrases: [
      'varnish',
      'varnishes',
      'topcoat',
      'top coat',
      'sealer',
      'sealant',
      'clear coat',
      'clearcoat',
      'lacquer',
      'klarlack',
      'vernis',
      'barniz',
    ],
  },
  {
    kind: 'primer',
    phrases: [
      'primer',
      'primers',
      'priming',
      'undercoat',
      'surfacer',
      'spray',
      'grundierung',
      'imprimación',
    ],
  },
  { kind: 'one-coat', phrases: ['one coat', 'onecoat'] },
  { kind: 'wash', phrases: ['wash', 'washes', 'shade', 'shades', 'shader'] },
  { kind: 'ink', phrases: ['ink', 'inks', 'glaze', 'glazes', 'transparent', 'translucent'] },
  {
    kind: 'medium',
    phrases: [
      'medium',
      'mediums',
      'thinner',
      'thinners',
      'retarder',
      'improver',
      'extender',
      'flow aid',
      'verdünner',
    ],
  },
];

/** A finish, by what is written on the pot; the first that is found counts. */
export const finishPhrases: readonly { finish: Pot['finish']; phrases: readonly string[] }[] = [
  {
    finish: 'fluorescent',
    phrases: ['fluorescent', 'fluor', 'fluo', 'neon', 'day glow', 'luminous'],
  },
  {
    finish: 'metallic',
    phrases: [
      'metallic',
      'metallics',
      'met',
      'metal effect',
      'pearlescent',
      'iridescent',
      'metallisch',
    ],
  },
  { finish: 'satin', phrases: ['satin', 'semi gloss', 'semigloss', 'semi matt', 'silk'] },
  { finish: 'gloss', phrases: ['gloss', 'glossy', 'high gloss', 'shiny'] },
  { finish: 'matt', phrases: ['matt', 'matte', 'mat', 'flat', 'ultra matt', 'dull coat'] },
];

/** Words that lead over to what a pot is for: the colour stands before them. */
export const purposeWords: ReadonlySet<string> = new Set(['for', 'like', 'from', 'of', 'as']);
