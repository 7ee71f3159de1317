import {
  coatsInWords,
  counted,
  finishedSurface,
  howWords,
  mixWords,
  techniqueOf,
  thinningWords,
  whereWords,
  type Army,
  type Pot,
  type Unit,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { ofSheet } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { usePaintedForm } from '../../workers/usePaintedForm';
import type { ShownLine, ShownPart } from '../../workers/shared/sheetWork';
import { AspectStrips } from '../paint/AspectStrips';
import { FormCanvas } from '../form/FormCanvas';
import { PaperChoice } from '../paint/PaperChoice';
import { Ribbon } from '../paint/Ribbon';
import { Swatch } from '../paint/Swatch';
import { dropsWords } from '../words/dropsWords';
import { potNamesOf } from '../words/recipeWords';
import { PageWait } from '../PageWait';
import './figureSheet.scss';

const papers = ['A4', 'A5'] as const;
const formSize = 72;

export interface FigureSheetProps {
  army: Army;
  unit: Unit;
  pots: readonly Pot[];
  /** whose ticks it has; null for a sheet to tick by hand */
  model: number | null;
  /** models the drops are for */
  models: number;
}

/** A whole figure on one sheet: every surface and what goes over them, line by line, to be ticked. */
export function FigureSheet({ army, unit, pots, model, models }: FigureSheetProps) {
  const [paper, setPaper] = useState<(typeof papers)[number]>('A4');
  const { answer, problem } = useAnswer(ofSheet, [army, unit, model, models], (worker) =>
    worker.figureSheet(army, unit, model, models),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <PageWait>Writing the sheet …</PageWait>;
  if (answer.length === 0) return <p>No surface of it has a recipe yet.</p>;
  return (
    <>
      <div className="flow sheet-choices">
        <PaperChoice papers={papers} paper={paper} onPaper={setPaper} print="Print the sheet" />
      </div>
      <article className={`figure-sheet sheet-${paper.toLowerCase()}`} aria-label="Sheet">
        <h2 dir="auto">
          {unit.name}
          {model !== null && `, model ${model}`}
        </h2>
        <p className="sheet-head">
          In working order. Drops for {counted(models, 'model')}; colours are of dry paint in
          daylight.
        </p>
        {answer.map((part) => (
          <SheetSection key={part.surfaceId} part={part} pots={pots} isTicked={model !== null} />
        ))}
        <Cautions parts={answer} />
      </article>
    </>
  );
}

interface SheetSectionProps {
  part: ShownPart;
  pots: readonly Pot[];
  isTicked: boolean;
}

function SheetSection({ part, pots, isTicked }: SheetSectionProps) {
  const { name, over, recipe, build, whole, shape, lines } = part;
  const ribbon = usePaintedForm(whole, build);
  const coats = lines.reduce((sum, line) => sum + line.coats, 0);
  const done = lines.reduce((sum, line) => sum + line.done, 0);
  return (
    <section className="sheet-part" aria-label={name}>
      <div className="sheet-part-head">
        {ribbon && (
          <FormCanvas
            picture={{
              shape,
              view: 'front',
              size: formSize,
              ribbon,
              light: shape.light ?? 'above',
            }}
            label={`${name} on its form`}
          />
        )}
        <div>
          <h3 dir="auto">
            {name}
            {over.length > 0 && <small> over {over.join(', ')}</small>}
          </h3>
          <p dir="auto">
            {recipe.name !== name && recipe.name}
            {isTicked && ` ${done} of ${counted(coats, 'coat')} done`}
          </p>
          <Ribbon
            stops={build.stops}
            surface={finishedSurface(build)}
            isEstimate={build.steps.at(-1)?.isEstimate}
            label={`${name}, finished`}
            height={14}
          />
          <AspectStrips build={build} shape={shape} isNarrow label={`${name}, finished`} />
        </div>
      </div>
      <ol className="sheet-lines">
        {lines.map((line) => (
          <SheetRow key={line.step.id} line={line} part={part} pots={pots} />
        ))}
      </ol>
    </section>
  );
}

function SheetRow({
  line,
  part,
  pots,
}: {
  line: ShownLine;
  part: ShownPart;
  pots: readonly Pot[];
}) {
  const { step, number, done, coats, hex, drops, consistency } = line;
  const { recipe, shape } = part;
  const potName = potNamesOf(pots);
  const numberOf = (stepId: string) => recipe.steps.findIndex(({ id }) => id === stepId) + 1;
  const written = recipe.steps[number - 1];
  const how = howWords(step);
  return (
    <li>
      <span
        className="sheet-ticks"
        role="img"
        aria-label={`${done} of ${counted(coats, 'coat')} done`}
      >
        {Array.from({ length: coats }, (_, coat) => (
          <span key={coat} className={coat < done ? 'sheet-tick sheet-ticked' : 'sheet-tick'} />
        ))}
      </span>
      <b className="sheet-number">{number}</b>
      <Swatch hex={hex} />
      <div>
        <b dir="ltr">{mixWords(step.mix, potName, numberOf)}</b> {thinningWords(step.mix)}
        {consistency && ` (${consistency})`}
        <br />
        {techniqueOf(step.technique).label}, {coatsInWords(written, recipe.finishLevel)},{' '}
        {whereWords(step, shape)}
        {how && `, ${how}`}
        {drops && <> · {dropsWords(drops, potName)}</>}
        {step.note && (
          <>
            <br />
            <i dir="auto">{step.note}</i>
          </>
        )}
      </div>
    </li>
  );
}

function Cautions({ parts }: { parts: readonly ShownPart[] }) {
  const cautions = new Set(
    parts.flatMap(({ lines }) =>
      lines.flatMap(({ step }) => techniqueOf(step.technique).caution ?? []),
    ),
  );
  return [...cautions].map((caution) => (
    <p key={caution} className="sheet-caution">
      <b>Caution.</b> {caution}
    </p>
  ));
}
