import {
  counted,
  mostQuestions,
  textQuestions,
  withAnswer,
  type PotNames,
  type ProposedLine,
  type ReadProposedLine,
  type SurfaceOfText,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';

/** Where the lines of further surfaces go. */
export type SurfacesGo = 'each' | 'one';

export interface TextQuestionsProps {
  read: readonly ReadProposedLine[];
  names: PotNames;
  surfaces: readonly SurfaceOfText[];
  /** the answer so far; null where it was not given */
  surfacesGo: SurfacesGo | null;
  onLines: (lines: ProposedLine[]) => void;
  onSurfacesGo: (go: SurfacesGo) => void;
}

/** The open questions of the text: each asked once, and answered for every line by one press. */
export function TextQuestions(props: TextQuestionsProps) {
  const { read, names, surfaces, surfacesGo, onLines, onSurfacesGo } = props;
  const isAskedWhere = surfaces.length > 1 && surfacesGo === null;
  const questions = textQuestions(read, names, mostQuestions - (isAskedWhere ? 1 : 0));
  if (!isAskedWhere && questions.length === 0) return null;
  return (
    <section className="stacked" aria-label="Questions about the notes">
      <h2>Asked once for the whole text</h2>
      <ul className="ruled">
        {isAskedWhere && (
          <li className="flow">
            <span>
              The notes are about {counted(surfaces.length, 'surface')}:{' '}
              {surfaces.map(({ name }) => `“${name}”`).join(', ')}.
            </span>
            <Button variant="next" size="sm" onClick={() => onSurfacesGo('each')}>
              A recipe for each
            </Button>
            <Button variant="outline" size="sm" onClick={() => onSurfacesGo('one')}>
              All into this one
            </Button>
          </li>
        )}
        {questions.map((question) => {
          const { words, message, answers, rows } = question;
          return (
            <li key={`${words} ${message}`} className="flow">
              <span>
                <mark>{words}</mark> {message}
                {rows.length > 1
                  ? ` (in ${counted(rows.length, 'line')})`
                  : words !== read[rows[0]].sentence && ` in “${read[rows[0]].sentence}”`}
              </span>
              {answers.map((answer) => (
                <Button
                  key={answer.label}
                  variant="outline"
                  size="sm"
                  onClick={() => onLines(withAnswer(read, question, answer))}
                >
                  {answer.label}
                </Button>
              ))}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
