import {
  counted,
  mostSteps,
  mostTextLetters,
  potNamesOf,
  proposedLines,
  readProposed,
  stepsOf,
  withNewIds,
  type ProposedLine,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { FileButton } from '../../../parts/FileButton';
import { WordsField } from '../../../parts/WordsField';
import { useNotice } from '../../../parts/shell/notices';
import type { LeafProps } from '../leafProps';
import { useLineDeeds } from '../useLineDeeds';
import { NewPotsOfText } from './NewPotsOfText';
import { ProposedLines } from './ProposedLines';

/** Notes as people keep them, pasted or opened: lines proposed from them, to be looked through. */
export default function TextLeaf({ draft, words, pots }: LeafProps) {
  const recipe = draft.recipe;
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [lines, setLines] = useState<ProposedLine[]>([]);
  const names = potNamesOf(pots);
  const deeds = useLineDeeds(recipe, pots);
  const navigate = useNavigate();
  const notify = useNotice();
  const beside = { names, recipe, above: recipe.steps };
  const read = readProposed(lines, beside);
  const steps = stepsOf(read);
  const waiting = read.filter(
    ({ isIn, surface, reading }) => isIn && surface === undefined && reading.marks.length > 0,
  ).length;
  const elsewhere = read.filter(({ isIn, surface }) => isIn && surface !== undefined);
  const [heading] = read.filter(({ isHeading }, index) => isHeading && index > 0);
  const room = mostSteps - recipe.steps.length;

  const propose = (from: string) => {
    try {
      const { lines, leftOut } = proposedLines(from, beside);
      setLines(lines);
      setProblem(
        lines.length === 0
          ? 'There is no step in it yet: one a line, in a list, or one sentence after the other.'
          : leftOut > 0
            ? `The text has ${lines.length + leftOut} steps; the first ${lines.length} are below, as many as a recipe holds.`
            : null,
      );
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      setProblem(
        `${error.message} Nothing was changed: put in the part that is about this recipe.`,
      );
    }
  };
  const open = async (file: File) => {
    if (file.size > 4 * mostTextLetters)
      return setProblem(
        `${file.name} has ${(file.size / 1e3).toFixed(0)} kB; a text of up to ${mostTextLetters.toLocaleString('en')} characters is read. Nothing was changed.`,
      );
    const opened = await file.text();
    setText(opened);
    propose(opened);
  };
  const put = () => {
    deeds.addAll(withNewIds(steps, () => crypto.randomUUID()));
    notify(`${counted(steps.length, 'line')} put in; Ctrl+Z undoes it.`);
    void navigate(`/recipes/${recipe.id}`);
  };
  return (
    <section className="stacked text-leaf" aria-label="Put in a text">
      <p>
        Paste your notes on this surface as you keep them: lists, numbered steps, ratios either way
        round. Each step becomes a line that you look through; nothing is written before.
      </p>
      <WordsField label="Notes" rows={6} words={text} onWords={setText} />
      <div className="flow">
        <Button variant={lines.length > 0 ? 'outline' : 'next'} onClick={() => propose(text)}>
          Read the notes
        </Button>
        <FileButton
          words="Open a text"
          label="A text file"
          variant="outline"
          accept=".txt,.md,text/plain"
          isBusy={false}
          onFile={(file) => void open(file)}
        />
      </div>
      {problem && <p role="status">{problem}</p>}
      <NewPotsOfText read={read} names={names} onLines={setLines} />
      {lines.length > 0 && (
        <>
          <ProposedLines
            read={read}
            recipe={recipe}
            words={words}
            names={names}
            onChange={(index, part) =>
              setLines(lines.map((each, at) => (at === index ? { ...each, ...part } : each)))
            }
          />
          {elsewhere.length > 0 && (
            <p role="status">
              “{heading?.words}” is another surface: its {counted(elsewhere.length, 'line')}{' '}
              {elsewhere.length === 1 ? 'is' : 'are'} not put in here. Paste that part into a recipe
              of its own.
            </p>
          )}
          <div className="flow">
            <Button
              variant="next"
              disabled={steps.length === 0 || waiting > 0 || steps.length > room}
              onClick={put}
            >
              Put {counted(steps.length, 'line')} into the recipe
            </Button>
            <span role="status">
              {steps.length > room
                ? `The recipe has room for ${counted(room, 'line')} more: take some out.`
                : waiting > 0 &&
                  `${counted(waiting, 'line')} wait${waiting === 1 ? 's' : ''} for you: put what is marked in other words, keep it as a note, or take the line out.`}
            </span>
          </div>
        </>
      )}
    </section>
  );
}
