import { entry, type Entry } from './entry';

/** Parts of the body and of the kit: a spot of that name or a note, never a pot. */
const body =
  'mouth freckle mole tattoo knuckle brow lip belly socket eye eyebrow eyelid ear nose cheekbone cheek chin jaw jawline forehead face head skull hair hairline beard moustache stubble neck throat shoulder arm forearm elbow hand finger fingertip palm wrist nail fingernail claw talon chest back spine rib stomach navel waist hip leg thigh knee shin calf ankle foot feet toe heel tail wing membrane horn antler hoof snout muzzle fang tooth teeth tusk tongue gum scale feather fur mane hide skin flesh muscle fibre fiber tendon vein scar wart wound bruise armpit nostril temple pupil iris eyeball eyes lips hands fingers ears knuckles';
const kit =
  'strap rivet buckle visor hilt pommel guard crossguard scabbard sheath blade sword axe spear shaft haft handle grip barrel muzzle stock trigger bow arrow quiver string bolt gun pistol rifle helm helmet hood cloak cape coat jacket shirt tunic sleeve cuff collar hem lining trousers pants skirt belt pouch bag boot shoe sole glove gauntlet greave plate armour armor breastplate pauldron shield boss banner flag pole tassel cord rope chain chainmail mail ring necklace amulet gem jewel lens lantern lamp bottle vial scroll book page parchment leather cloth fabric stitching stitch seam button trim piping rim edge hinge nail screw pipe hose cable vent wheel tread track base stone rock brick plank wood grain bark leaf root moss grass mud snow sand water ice flame fire smoke spoke saddle rein bridle barding tabard robe sash scarf hat feather plume crest mask goggles glasses straps rivets emblem icon symbol rune letter number stripe check pattern dial gauge joint piston gear tooth spike stud chains wall door window roof bits metal';

const plural = (word: string) => (/(s|x|ch|sh)$/u.test(word) ? `${word}es` : `${word}s`);

/** “The corner of the mouth” is a part of the body, and no sharp edge. */
const partsOfBody = ['corner', 'corners', 'tip', 'end', 'bridge', 'inside', 'back'].flatMap((end) =>
  [...body.split(' '), 'mouth', 'mouths', 'eyes', 'lips', 'ears'].map(
    (of) => `${end} of the ${of}`,
  ),
);

export const bodyWords: readonly Entry[] = [
  entry({ kind: 'body' }, partsOfBody.join('|'), 1.1),
  entry(
    { kind: 'body' },
    [...new Set(`${body} ${kit}`.split(' '))].flatMap((word) => [word, plural(word)]).join('|') +
      '|lower lip|upper lip|top lip|horn tips|strap edges|strap edge|wing membranes|top of the barrel|muscle fibres|muscle fibers|top right|top left|bottom right|bottom left|upper right|upper left|eye sockets|eye socket|warpaint|war paint|bald head|top of the head|bridge of the nose|tip of the nose|end of the nose',
    0.9,
  ),
];
