import type { WrittenAim } from '../../written/place/aim';
import type { Placement } from '../../written/place/placement';
import type { Recipe } from '../../written/recipe/recipe';
import { writtenRecipe, type WrittenLine } from '../../written/lines/writtenRecipe';

/**
 * A line as it stands on a scrap of paper: stage, technique, coats, mix, and where it goes and how
 * soft if it is not as usual, and minutes of drying if not 20.
 * The aim stands after an @: sides with their degrees, along, height, a spot; where
 * its last coat goes after a >.
 * @example 'layer layer ×2 | 2 red + 1 orange : 1 water | 0.5–1 soft 0.1 up'
 * @example 'glaze placedGlaze ×3 | 1 red : 8 water | 0–1 @ down 75, height 0–0.4 > 0.4–1'
 */
export type ScrapLine = string;

export interface PracticeRecipe {
  name: string;
  surface: Recipe['surface'];
  /** a pot */
  ground: string;
  lines: ScrapLine[];
  more?: Partial<Recipe>;
}

const scrap =
  /^(\w+ \w+) ×(\d+) \| ([^|]+?)(?: \| ([\d.]+)–([\d.]+)(?: soft ([\d.]+))?(?: (up|down|even))?)?(?: @ ([^@]+?))?(?: > ([\d.]+)–([\d.]+))?(?: dry (\d+))?$/;

/** @throws Error when a line cannot be read */
export function lineOf(line: ScrapLine): WrittenLine {
  const read = scrap.exec(line);
  if (!read) throw new Error(`cannot read the line ${line}`);
  const [, how, coats, mix, from, to, softness, pull, aim, lastFrom, lastTo, dry] = read;
  const placement = {
    ...(from !== undefined && { from: Number(from), to: Number(to) }),
    ...(softness !== undefined && { softness: Number(softness) }),
    ...(pull !== undefined && { pull: pull as Placement['pull'] }),
    ...(aim !== undefined && { aim: aimFrom(aim) }),
    ...(lastFrom !== undefined && { last: { from: Number(lastFrom), to: Number(lastTo) } }),
  };
  return [
    how as WrittenLine[0],
    mix,
    { coats: Number(coats), dryMinutes: Number(dry ?? 20), placement },
  ];
}

function aimFrom(written: string): WrittenAim {
  return Object.fromEntries(
    written.split(', ').map((part) => {
      const [what, figures] = part.split(' ');
      if (what === 'spot') return ['spot', figures];
      if (what !== 'along' && what !== 'height')
        return ['facing', { side: what, within: Number(figures) }];
      const [from, to] = figures.split('–').map(Number);
      return [what, { from, to, softness: 0.2 }];
    }),
  ) as WrittenAim;
}

/** A recipe of the corpus, at the most careful finish level, for six models. */
export const practiceRecipe = ({ name, surface, ground, lines, more }: PracticeRecipe): Recipe => ({
  ...writtenRecipe({
    id: name.replaceAll(/\W+/g, '-').slice(0, 40),
    name,
    surface,
    groundPotId: ground,
    finishLevel: 'display',
    areaCm2: 8,
    notes: '',
    lines: lines.map(lineOf),
  }),
  ...more,
});
