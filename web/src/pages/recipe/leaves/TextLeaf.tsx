import { counted, mostSteps, mostTextLetters, textSteps } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import { FileButton } from '../../../parts/FileButton';
import { useNotice } from '../../../parts/shell/notices';
import type { LeafProps } from '../leafProps';
import { usePotNames } from '../say/usePotNames';
import { useLineDeeds } from '../useLineDeeds';
import { NewPotsOfText } from './NewPotsOfText';
import { ProposedLines } from './ProposedLines';
import { proposalsFrom, readProposals, stepsOf, type Proposal } from './proposals';

/** Notes as people keep them, pasted or opened: lines proposed from them, to be looked through. */
export default function TextLeaf({ draft, words, pots }: LeafProps) {
  const recipe = draft.recipe;
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [proposals, setProposals] = useState<Proposal[]>([]);
  const names = usePotNames(pots);
  const deeds = useLineDeeds(recipe, pots);
  const navigate = useNavigate();
  const notify = useNotice();
  const id = useId();
  const beside = { names, recipe, above: recipe.steps };
  const read = readProposals(proposals, beside);
  const steps = stepsOf(read);
  const waiting = read.filter(({ isIn, reading }) => isIn && reading.marks.length > 0).length;
  const room = mostSteps - recipe.steps.length;

  const propose = (from: string) => {
    if (from.length > mostTextLetters)
      return setProblem(
        `A text of up to ${mostTextLetters.toLocaleString('en')} characters is read; this one has ${from.length.toLocaleString('en')}. Nothing was changed: put in the part that is about this recipe.`,
      );
    const found = textSteps(from);
    setProblem(
      found.length === 0
        ? 'There is no step in it yet: one a line, in a list, or one sentence after the other.'
        : found.length > mostSteps
          ? `The text has ${found.length} steps; the first ${mostSteps} are below, as many as a recipe holds.`
          : null,
    );
    setProposals(proposalsFrom(found.slice(0, mostSteps), beside));
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
    deeds.addAll(steps);
    notify(`${counted(steps.length, 'line')} put in; Ctrl+Z undoes it.`);
    void navigate(`/recipes/${recipe.id}`);
  };
  return (
    <section className="stacked text-leaf" aria-label="Put in a text">
      <p>
        Paste your notes on this surface as you keep them: lists, numbered steps, ratios either way
        round. Each step becomes a line that you look through; nothing is written before.
      </p>
      <Form.Label htmlFor={id}>Notes</Form.Label>
      <Form.Control
        as="textarea"
        id={id}
        rows={6}
        dir="auto"
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      <div className="flow">
        <Button variant={proposals.length > 0 ? 'outline' : 'next'} onClick={() => propose(text)}>
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
      <NewPotsOfText read={read} proposals={proposals} names={names} onProposals={setProposals} />
      {proposals.length > 0 && (
        <>
          <ProposedLines
            read={read}
            recipe={recipe}
            words={words}
            names={names}
            onProposal={(index, part) =>
              setProposals(
                proposals.map((each, at) => (at === index ? { ...each, ...part } : each)),
              )
            }
          />
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
