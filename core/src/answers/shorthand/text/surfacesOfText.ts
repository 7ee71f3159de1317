import type { Step } from '../../../written/recipe/step';
import type { SurfaceName } from '../../../written/technique/surfaceNames';
import { stepsOf, type ProposedLine, type ReadProposedLine } from './proposedLines';
import { wordsOf } from '../words';

/** A surface of a text, with the lines that are painted on it. */
export interface SurfaceOfText {
  /** its heading; empty where the text begins without one */
  name: string;
  /** the kind of surface its heading names; nothing where it names none */
  surface?: SurfaceName;
  steps: Step[];
  /** lines that wait for an answer */
  waiting: number;
}

const kinds: Readonly<Record<SurfaceName, string>> = {
  skin: 'skin flesh face faces hands body',
  cloth: 'cloth cloak cape coat robe robes tunic trousers shirt sash banner hood wool linen',
  armour: 'armour armor plate plates breastplate shoulder shoulders helmet helm shield',
  leather: 'leather strap straps belt belts boot boots glove gloves pouch pouches bag',
  bone: 'bone bones skull skulls horn horns tooth teeth claw claws ivory',
  metal: 'metal steel iron brass copper gold silver bronze chain mail buckle buckles',
  gem: 'gem gems jewel jewels crystal',
  glass: 'glass lens lenses visor bottle vial',
  blade: 'blade blades sword swords knife axe',
  hair: 'hair beard fur mane wolf pelt',
  wood: 'wood wooden shaft haft plank planks barrel',
  base: 'base bases ground mud grass rock rocks',
  other: '',
};

/** The kind of surface a heading names. @example surfaceNamed('Brown leather, quick') // → 'leather' */
export function surfaceNamed(heading: string): SurfaceName | undefined {
  const words = new Set(wordsOf(heading).map(({ text }) => text));
  return (Object.keys(kinds) as SurfaceName[]).find((kind) =>
    kinds[kind].split(' ').some((word) => words.has(word)),
  );
}

/** The surfaces of a text, each heading after a line beginning another; none without lines. */
export function surfacesOfText(read: readonly ReadProposedLine[]): SurfaceOfText[] {
  const numbers = [...new Set(read.map(({ surface = 0 }) => surface))];
  return numbers
    .map((number): SurfaceOfText => {
      const rows = read.filter(({ surface = 0 }) => surface === number);
      const name = rows.find(({ isHeading }) => isHeading)?.words ?? '';
      const surface = surfaceNamed(name);
      const waiting = rows.filter(({ isIn, reading }) => isIn && reading.marks.length > 0).length;
      return { name, ...(surface && { surface }), steps: stepsOf(read, number), waiting };
    })
    .filter(({ steps, waiting }) => steps.length > 0 || waiting > 0);
}

/** The same rows as lines of one recipe: no heading begins another. */
export const asOneSurface = (lines: readonly ProposedLine[]): ProposedLine[] =>
  lines.map(({ words, sentence, isIn }) => ({ words, sentence, isIn }));
