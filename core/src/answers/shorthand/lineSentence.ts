import type { Stretch } from '../../written/place/aim';
import { sideWords } from '../../written/place/aim';
import { toneStops } from '../../written/place/toneAxis';
import { isSameContent } from '../../written/record/sameContent';
import { meaningWord } from '../../written/technique/meaning';
import { partsWords } from '../../written/mix/mixWords';
import type { Step } from '../../written/recipe/step';
import { lifts, techniqueOf } from '../../written/technique/techniques';
import { aroundStop } from './strict/placeClauses';
import { readLine } from './readLine';
import type { Beside } from './said';
import { toolWordsSaid } from './strict/toolPhrases';
import { keyOf, vocabulary } from './strict/vocabulary';
import { quoted, wordsOf } from './words';

/**
 * The sentence that says a line, as short as it can be beside the lines above it: read back there,
 * it is the same line.
 *
 * @example lineSentence(step, beside) // → '2 Ditch Ochre + 1 Fen Umber, layer, raised up, soft'
 */
export function lineSentence(step: Step, beside: Beside): string {
  const { setAside: _answers, ...said } = step;
  const isSame = (clauses: readonly string[]) => {
    const { step: read, marks } = readLine(clauses.join(', '), beside, step.id);
    return marks.length === 0 && read !== null && isSameContent(read, said);
  };
  let clauses = everyClause(step, beside);
  // Words that follow from the line above anyway are left out; the first and the last words matter most.
  for (const clause of clauses.toReversed()) {
    if (clause === clauses[mixAt(clauses)]) continue;
    const without = clauses.filter((each) => each !== clause);
    if (without.length > 0 && isSame(without)) clauses = without;
  }
  return clauses.join(', ').replaceAll(':, ', ': ');
}

const mixAt = (clauses: readonly string[]) => (clauses[0].endsWith(':') ? 1 : 0);

/** The whole of it, said out. */
export function everyClause(step: Step, beside: Beside): string[] {
  const { technique, mix, coats, coatsUpTo, placement, dryMinutes, level, coatsAt, note } = step;
  const { aim, last, softness, pull } = placement;
  const { counts } = techniqueOf(technique);
  const many =
    coats === 1 && coatsUpTo === undefined ? counts : counts === 'coat' ? 'coats' : 'passes';
  const restored = beside.above.findIndex(({ id }) => id === step.restores) + 1;
  return [
    `${step.stage}:`,
    mixSaid(step, beside),
    (!lifts(technique) || mix.waterParts + mix.mediumParts > 0) && thinnerSaid(mix),
    techniqueOf(technique).saidAs[0],
    coatsUpTo === undefined ? `${coats} ${many}` : `${coats} to ${coatsUpTo} ${many}`,
    toneSaid(placement),
    softnessSaid(softness),
    pullSaid[pull],
    aim?.facing && `facing ${sideWords(aim.facing.side).label} within ${aim.facing.within}°`,
    !aim?.facing && techniqueOf(technique).usualPlacement.aim?.facing && 'facing any side',
    aim?.along && `along ${stretchSaid(aim.along)}`,
    aim?.height && `height ${stretchSaid(aim.height)}`,
    aim?.spot !== undefined && `on ${spotSaid(aim.spot, beside)}`,
    last && lastSaid(last),
    `from ${level}`,
    ...Object.entries(coatsAt ?? {}).map(([at, each]) => `${each} coats at ${at}`),
    `dry ${dryMinutes} min`,
    step.meaning && `it ${meaningWord(step.meaning)}`,
    step.density !== undefined && `density ${step.density}`,
    ...toolWordsSaid(step.tool),
    step.isOut && 'left out',
    restored > 0 && `repairs line ${restored}`,
    note !== '' && `note ${quoted(note)}`,
  ].filter((each) => typeof each === 'string' && each !== '') as string[];
}

const numberSaid = (figure: number) => {
  const thirds = [1 / 3, 2 / 3].indexOf(figure);
  if (thirds >= 0) return ['⅓', '⅔'][thirds];
  return Number.isInteger(figure * 4) ? partsWords(figure) : String(figure);
};

function mixSaid({ mix: { parts } }: Step, beside: Beside): string {
  return parts
    .map((part) => {
      const source =
        part.from === 'pot'
          ? potSaid(part.potId, beside)
          : `line ${beside.above.findIndex(({ id }) => id === part.stepId) + 1}`;
      const isPlain = parts.length === 1 && part.parts === 1;
      return isPlain
        ? source
        : `${numberSaid(part.parts)} ${part.from === 'step' ? 'of ' : ''}${source}`;
    })
    .join(' + ');
}

/** A name by which it is found, and taken for nothing else. */
export function potSaid(potId: string, { names }: Pick<Beside, 'names'>): string {
  const pot = names.pots.find(({ id }) => id === potId);
  if (!pot) return quoted(potId);
  const same = names.called(pot.name);
  if (same.length > 1) return `${quoted(pot.name)} no. ${same.indexOf(pot) + 1}`;
  const words = wordsOf(pot.name);
  // A word of ours within a longer name is read as the name; a name that is all ours is not.
  const isPlain =
    words.every(({ is, text }) => is === 'word' && text !== 'line') &&
    !vocabulary.has(keyOf(words));
  const found = names.foundAt(words, 0);
  const isFound = found?.isWhole && found.pots.length === 1 && found.length === words.length;
  return isPlain && isFound ? pot.name : quoted(pot.name);
}

/** By its name; by its identifier where that is a pot’s too, another’s, or of a spot that is gone. */
function spotSaid(id: string, { recipe: { spots = [] }, names }: Beside): string {
  const name = spots.find((spot) => spot.id === id)?.name;
  const isAlone =
    spots.filter((spot) => spot.name === name).length === 1 &&
    names.called(name ?? '').length === 0;
  return `spot ${quoted(isAlone && name ? name : id)}`;
}

function thinnerSaid({ waterParts, mediumParts }: Step['mix']): string {
  if (waterParts === 0 && mediumParts === 0) return 'neat';
  const water = waterParts > 0 ? ` : ${numberSaid(waterParts)} water` : '';
  const medium = mediumParts > 0 ? ` : ${numberSaid(mediumParts)} medium` : '';
  return `1 paint${water}${medium}`;
}

function toneSaid({ from, to }: Step['placement']): string {
  const stop = (at: number) => toneStops.find((each) => each.at === at)?.name;
  const [low, high] = [stop(from), stop(to)];
  if (from === 0 && to === 1) return 'everywhere';
  if (low && to === 1) return `${low} up`;
  if (high && from === 0) return `${high} down`;
  if (low && high && low !== high) return `${low} to ${high}`;
  const around = toneStops.find(({ name }) => isSameContent(aroundStop(name), { from, to }));
  return around ? `${around.name} only` : `tone ${from} to ${to}`;
}

function softnessSaid(softness: number): string {
  const named = softnessNames.find((name) => vocabulary.get(name)?.value === softness);
  return named ?? `soft ${softness}`;
}
const softnessNames = ['hard', 'crisp', 'soft', 'very soft', 'melting'];

const pullSaid = {
  up: 'strokes towards the point',
  down: 'strokes towards the pit',
  even: 'even strokes',
} as const;

const stretchSaid = ({ from, to, softness }: Stretch) => `${from} to ${to} soft ${softness}`;

function lastSaid({ from, to, within, along, height }: NonNullable<Step['placement']['last']>) {
  return [
    `each coat smaller, the last ${from} to ${to}`,
    within !== undefined && `within ${within}°`,
    along && `along ${along.from} to ${along.to}`,
    height && `height ${height.from} to ${height.to}`,
  ]
    .filter(Boolean)
    .join(' ');
}
