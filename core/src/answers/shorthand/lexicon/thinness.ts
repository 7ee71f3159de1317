import { entry, type Entry } from './entry';

const thin = (water: number, phrases: string, weight?: number): Entry =>
  entry({ kind: 'thin', water }, phrases, weight);

/** A wish to thin it, with how little beside it. */
const aLittle = ['water', 'thin', 'let', 'loosen']
  .flatMap((verb) => ['it', 'that', 'this', 'them'].map((what) => `${verb} ${what} down`))
  .flatMap((words) =>
    ['a bit', 'a tad', 'a little', 'a touch', 'slightly', 'a hair'].map(
      (much) => `${words} ${much}`,
    ),
  )
  .join('|');

/** How thin, from neat to tinted water. */
export const thinness: readonly Entry[] = [
  entry(
    { kind: 'neat' },
    'neat|straight from the pot|straight from the bottle|straight out of the pot|straight out of the bottle|from the pot|out of the pot|from the bottle|out of the bottle|undiluted|unthinned|not thinned|no water|as it comes|full strength|right out of the pot|straight up|no thinning|no thinner',
    1.6,
  ),
  entry({ kind: 'neat', isWeak: true }, 'straight', 0.8),
  thin(
    0.3,
    'a little water|a bit of water|a touch of water|a drop of water|a dab of water|little water|barely thinned|hardly thinned|slightly thinned|thinned slightly|thinned a little|thinned a bit|just a little water|tiny bit of water|a hint of water|thinned a touch|a splash of water|bit of water|some water|thinned just a little|just thinned|a smidge of water',
  ),
  thin(0.7, aLittle, 1.3),
  thin(1, 'half strength|half-strength|at half strength', 1.3),
  thin(
    4,
    'watered right down|watered way down|watered well down|watered a lot|thinned right down|thinned way down',
    1.3,
  ),
  thin(3, 'quarter strength|at quarter strength', 1.3),
  thin(
    1,
    'thin|thinly|thin layer of|a touch thinned|fairly thin|quite thin|rather thin|nice and thin|kept thin|keep it thin|keep them thin|reasonably thin|thinned|thinned down|thin it|thin it down|thinned a fair bit|thin it a bit|slightly thin',
    0.9,
  ),
  thin(
    1.5,
    'watered|watered down|watery|like milk|milk|milky|milk thin|milk-thin|thin as milk|as thin as milk|thin like milk|consistency of milk|milk consistency|like whole milk|like ink|behaves like ink|flows like ink|consistency of ink|ink consistency|well thinned|well watered|thinned well|thinned with water|wet|semi skimmed|like semi-skimmed|water it down|water down|thinned quite a bit|runny',
    1,
  ),
  thin(
    4,
    'lots of water|a lot of water|plenty of water|loads of water|thinned a great deal|thinned a lot|thinned right down|heavily thinned|like skimmed milk|skimmed milk|skim milk|like skim milk|very thin|really thin|very thinly|well watered down|very watery|really watery|very watered down|thinned way down|way thinned down|much thinner|thin thin|very runny|extra thin|proper thin',
  ),
  thin(
    6,
    'to a glaze|thinned to a glaze|glaze consistency|glaze thin|glaze-thin|down to a glaze|to glaze consistency|thin as a glaze|into a glaze|thinned to glaze',
    1.3,
  ),
  thin(
    4,
    'to a wash|thinned to a wash|wash consistency|down to a wash|into a wash|to wash consistency|like a wash',
    1.2,
  ),
  thin(
    10,
    'super thin|extremely thin|ultra thin|incredibly thin|hardly any colour|barely any colour|almost just water|almost water|nearly water|practically water|dirty water|tinted water|like dirty water|stained water|barely tinted water|mostly water|barely there|paint thin as water|thin as water|coloured water',
    1.2,
  ),
  entry(
    { kind: 'thinner' },
    'thinner|thinned a bit more|thinned a touch more|thinned a little more|thinned some more|thinned down more|thinned down a bit more|thinned a bit more|thinned a touch more|thinned a little more|thinned some more|thinned down more|thinned down a bit more|even thinner|runnier|a bit thinner|thinner still|thinner than before|thinner than usual|more thinned|runnier than usual|more watery|more water|a bit more water|a touch more water|a little more water|thinned more|thinned further|thin it more|thin it further',
    1.35,
  ),
  entry(
    { kind: 'thinned' },
    'thinned to|thinned with|thin with|thin it with|thinned down with|cut with|diluted with|let down with|watered down to|thinned by|diluted|dilute|cut',
  ),
  entry({ kind: 'water' }, 'water|waters'),
  entry(
    { kind: 'medium' },
    'medium|mediums|glaze medium|thinning medium|matt medium|matte medium|acrylic medium|glazing medium|flow medium',
  ),
  entry({ kind: 'paint' }, 'paint|paints|pigment'),
];
