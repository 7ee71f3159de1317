import {
  asOneSurface,
  counted,
  mostSteps,
  mostTextLetters,
  potNamesOf,
  proposedLines,
  readProposed,
  surfacesOfText,
  type ProposedLine,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ReasonButton } from '../../../../kit/ReasonButton';
import { FileButton } from '../../../../kit/FileButton';
import { WordsField } from '../../../../kit/field/WordsField';
import { useNotice } from '../../../../kit/shell/notices';
import type { LeafProps } from '../../leafProps';
import { NewPotsOfText } from './NewPotsOfText';
import { ProposedLines } from './ProposedLines';
import { TextQuestions, type SurfacesGo } from './TextQuestions';
import { usePutText } from './usePutText';

/** Notes as people keep them, pasted or opened: lines proposed from them, to be looked through. */
export default function TextLeaf({ draft, words, pots }: LeafProps) {
  const recipe = draft.recipe;
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [lines, setLines] = useState<ProposedLine[]>([]);
  const names = potNamesOf(pots);
  const [surfacesGo, setSurfacesGo] = useState<SurfacesGo | null>(null);
  const putText = usePutText(recipe);
  const navigate = useNavigate();
  const notify = useNotice();
  const beside = { names, recipe, above: recipe.steps };
  const read = readProposed(lines, beside);
  const surfaces = surfacesOfText(read);
  const isSeveral = surfaces.length > 1;
  const waiting = surfaces.reduce((sum, surface) => sum + surface.waiting, 0);
  const isOpen = isSeveral && surfacesGo !== 'each';
  const lineCount = surfaces.reduce((sum, { steps }) => sum + steps.length, 0);
  const room = mostSteps - recipe.steps.length;
  const isTooLong = surfaces.some(({ steps }, at) => steps.length > (at === 0 ? room : mostSteps));

  const propose = (from: string) => {
    try {
      const { lines, leftOut } = proposedLines(from, beside);
      setLines(lines);
      setSurfacesGo(null);
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
    const made = putText(surfaces);
    notify(
      made.length > 0
        ? `${counted(lineCount, 'line')} put in, and ${made.join(' and ')} written as ${made.length === 1 ? 'a recipe of its own' : 'recipes of their own'}; Ctrl+Z undoes all of it.`
        : `${counted(lineCount, 'line')} put in; Ctrl+Z undoes it.`,
    );
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
      <TextQuestions
        read={read}
        names={names}
        surfaces={surfaces}
        surfacesGo={surfacesGo}
        onLines={setLines}
        onSurfacesGo={(go) => {
          setSurfacesGo(go);
          if (go === 'one') setLines(asOneSurface(lines));
        }}
      />
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
          <div className="flow">
            <ReasonButton
              variant="next"
              why={
                isTooLong
                  ? `The recipe has room for ${counted(room, 'line')} more: take some out.`
                  : waiting > 0
                    ? `${counted(waiting, 'line')} wait${waiting === 1 ? 's' : ''} for you: put what is marked in other words, keep it as a note, or take the line out.`
                    : isOpen
                      ? 'Answer the questions above first.'
                      : lineCount === 0
                        ? 'No line is left to put in.'
                        : null
              }
              onClick={put}
            >
              {isSeveral && surfacesGo === 'each'
                ? `Put ${counted(lineCount, 'line')} into ${surfaces.length} recipes`
                : `Put ${counted(lineCount, 'line')} into the recipe`}
            </ReasonButton>
          </div>
        </>
      )}
    </section>
  );
}
