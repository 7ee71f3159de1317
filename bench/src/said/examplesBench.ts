import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  PotNames,
  proposedLines,
  readLine,
  readProposed,
  type Beside,
  type LineReading,
  type Pot,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { recipeWith, stepWith } from '../../../core/src/testing/sampleRecipe';
import { judge, type Judged } from './score';
import type { LineAbove, NoteRow, SaidExample, SaidNote } from './want';

const data = join(import.meta.dirname, 'examples');
const read = <Content>(name: string): Content =>
  JSON.parse(readFileSync(join(data, name), 'utf8')) as Content;

/** The shelf they are said at, read once it is needed. */
let shelf: PotNames | null = null;
const namesOfShelf = () => (shelf ??= new PotNames(read<{ pots: Pot[] }>('shelf.json').pots));

/** The lines above a sentence, as they are written in the examples. */
function stepsAbove(above: readonly LineAbove[]): Step[] {
  return above.map(({ parts, water = 0, medium = 0, from, to, stage, ...line }, index) =>
    stepWith({
      ...line,
      id: `above-${index + 1}`,
      stage: stage ?? 'layer',
      mix: {
        parts: Object.entries(parts).map(([potId, share]) => ({
          from: 'pot' as const,
          potId,
          parts: share,
        })),
        waterParts: water,
        mediumParts: medium,
      },
      coats: line.coats ?? 1,
      placement: { from: from ?? 0, to: to ?? 1, softness: 0.1, pull: 'even' },
    }),
  );
}

/** The shelf and the lines above, which a sentence is read beside. */
function besideOf({
  above = [],
  surface = 'cloth',
  spots = [],
}: Pick<SaidExample, 'above' | 'surface' | 'spots'>): Beside {
  const steps = stepsAbove(above);
  const recipe: Recipe = {
    ...recipeWith(steps, { groundPotId: 'lampsoot' }),
    surface: surface as Recipe['surface'],
    spots: spots.map((name, index) => ({
      id: `spot-${index + 1}`,
      name,
      share: 0.1,
    })),
  };
  return { names: namesOfShelf(), recipe, above: steps };
}

const counted = (judged: readonly Judged[]) => {
  const count = (is: Judged['is']) => judged.filter((each) => each.is === is).length;
  const share = (is: Judged['is']) =>
    `${count(is)} (${((100 * count(is)) / Math.max(1, judged.length)).toFixed(0)} %)`;
  return `${judged.length}: right ${share('right')}, asked needlessly ${share('asked')}, wrong without a mark ${share('wrong')}`;
};

/** Reads the sentences of a file. */
function scoreSentences(file: string, isTold: boolean): void {
  const { sentences } = read<{ sentences: SaidExample[] }>(file);
  const judged = sentences.map((example) => {
    const beside = besideOf(example);
    return { example, ...judge(example, readLine(example.said, beside, 'new'), beside.above) };
  });
  console.log(`  ${file}, ${counted(judged)}`);
  if (isTold)
    for (const { example, is, why } of judged)
      if (is !== 'right') console.log(`    ${is} ${example.id} “${example.said}”: ${why}`);
}

type RowOutcome = 'ready and right' | 'ready and wrong' | 'waits';

/** Puts the texts of a file in, and looks at each row that is ready. */
function scoreNotes(file: string, isTold: boolean): void {
  const { notes } = read<{ notes: SaidNote[] }>(file);
  const outcomes: { row: string; is: RowOutcome; why: string }[] = [];
  for (const note of notes) {
    const beside = besideOf(note);
    const proposed = readProposed(proposedLines(note.text, beside).lines, beside);
    const above: Step[] = [...beside.above];
    let at = 0;
    for (const row of note.rows) {
      const found: { reading: LineReading; isIn: boolean }[] = [];
      while (at < proposed.length && row.row.includes(proposed[at].words))
        found.push(proposed[at++]);
      const ready = found.filter(({ isIn, reading }) => isIn && reading.marks.length === 0);
      outcomes.push({ row: row.row, ...rowOutcome(row, found, ready, above) });
      for (const { reading } of ready) above.push(...stepsOf(reading));
    }
  }
  const lines = outcomes.length;
  const count = (is: RowOutcome) => outcomes.filter((each) => each.is === is).length;
  console.log(
    `  ${file}, ${lines} rows: ready and right ${count('ready and right')}, ready and wrong ${count('ready and wrong')}, waiting ${count('waits')}`,
  );
  if (isTold)
    for (const { row, is, why } of outcomes)
      if (is !== 'ready and right') console.log(`    ${is} “${row}”: ${why}`);
}

const stepsOf = ({ steps, step }: LineReading & { steps?: Step[] }): Step[] =>
  steps ?? (step ? [step] : []);

function rowOutcome(
  row: NoteRow,
  found: readonly { reading: LineReading }[],
  ready: readonly { reading: LineReading }[],
  above: readonly Step[],
): { is: RowOutcome; why: string } {
  const isLine = row.is === 'line';
  if (!isLine)
    return ready.length > 0
      ? { is: 'ready and wrong', why: `a line was made of a ${row.is}` }
      : { is: 'ready and right', why: '' };
  if (ready.length === 0) {
    const marks = found.flatMap(({ reading }) => reading.marks.map(({ message }) => message));
    return { is: 'waits', why: marks.join('; ') };
  }
  const steps = ready.flatMap(({ reading }) => stepsOf(reading));
  const [{ reading }] = ready;
  const judged = judge({ ...row, said: row.row }, { ...reading, steps, marks: [] }, above);
  return judged.is === 'right'
    ? { is: 'ready and right', why: '' }
    : { is: 'ready and wrong', why: judged.why };
}

/** In the order they were written. */
const everySet =
  'examples.json,newcomer.json,oldhand.json,chat.json,second.json,third.json,fourth.json,fifth.json,sixth.json,seventh.json,eighth.json,ninth.json,tenth.json,eleventh.json,twelfth.json,thirteenth.json,fourteenth.json';

/** Scores sentences and notes against their intended readings; `TOLD=1` prints the misreadings. */
export function benchExamples(): void {
  const isTold = process.env.TOLD === '1';
  console.log('\nSentences and notes as painters say them');
  for (const file of (process.env.SAID ?? everySet).split(',')) scoreSentences(file, isTold);
  for (const file of (process.env.NOTES ?? 'notes.json,notesSecond.json').split(','))
    scoreNotes(file, isTold);
}
