import {
  counted,
  loadWords,
  oneMoreLike,
  techniqueOf,
  thinningWords,
  type Pot,
  type RecordedSurface,
  differenceWords,
  includedSteps,
  mixWords,
  type Recipe,
} from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { ReasonButton } from '../../kit/ReasonButton';
import { useWriter } from '../../data/useWriter';
import { FinishedRibbon } from '../../kit/paint/FinishedRibbon';
import { FigureTable } from '../../kit/FigureTable';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { PageHead } from '../../kit/PageHead';
import { Problem } from '../../kit/Problem';
import { coatsWords } from '../../kit/words/coatsWords';
import { dropsWords } from '../../kit/words/dropsWords';
import { potNamesOf } from '../../kit/words/recipeWords';
import { nearnessWords, standInWords } from '../../kit/words/substituteWords';
import { ofEverything, ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import type { ModelShown } from './logWork';
import { ModelEntries } from './ModelEntries';
import { ModelPhotographs } from './ModelPhotographs';
import { ModelStory } from './ModelStory';
import { PromoteSheet } from './PromoteSheet';
import './log.scss';
import { Disclosure } from '../../kit/Disclosure';
import { Figures } from '../../kit/figures/Figures';
import { PageWait } from '../../kit/PageWait';

/** One model, a year later: every surface as it was really painted, and painting one more like it. */
export default function ModelPage() {
  const { holder = '', unitId = '', model: asked = '1' } = useParams();
  const model = Math.max(1, Math.floor(Number(asked)) || 1);
  const { pots } = useShelf();
  const { answer, problem } = useAnswer(ofEverything, [holder, unitId, model], async (worker) => ({
    shown: await worker.modelShown(holder, unitId, model),
    of: `${holder} ${unitId} ${model}`,
  }));
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer || !pots) return <PageWait title="Model">Looking the model up …</PageWait>;
  if (!answer.shown)
    return (
      <p className="page-wait">
        There is no model {model} here; its unit may have been deleted. What was painted stands in
        the <Link to="/log">log</Link>.
      </p>
    );
  return (
    <ModelSheet key={answer.of} shown={answer.shown} holder={holder} model={model} pots={pots} />
  );
}

interface ModelSheetProps {
  shown: ModelShown;
  holder: string;
  model: number;
  pots: Pot[];
}

function ModelSheet({ shown, holder, model, pots }: ModelSheetProps) {
  const { unit, armyName, surfaces } = shown;
  const writer = useWriter();
  const navigate = useNavigate();
  const isPainted = surfaces.some(({ done }) => done !== null);
  const more = () => {
    const settings = { room: 'usual', keeping: 'damp', hairDryer: false } as const;
    const bench = oneMoreLike(unit, model, surfaces, settings, new Date().toISOString(), () =>
      crypto.randomUUID(),
    );
    writer.create('benches', `put ${bench.name} on the bench`, bench);
    void navigate(`/bench/${bench.id}`);
  };
  const go = (by: number) => {
    // By the address and not by what is drawn: a second press may come before the model does.
    const next = Number(window.location.pathname.split('/').at(-1)) + by;
    if (next >= 1 && next <= unit.models) void navigate(`/log/models/${holder}/${unit.id}/${next}`);
  };
  useShortcut('[', () => go(-1));
  useShortcut(']', () => go(1));
  return (
    <div className="page">
      <PageHead title={`${unit.name}, model ${model}`}>
        <ReasonButton
          variant="outline"
          why={model <= 1 ? 'This is the first.' : null}
          onClick={() => go(-1)}
        >
          Model before
        </ReasonButton>
        <ReasonButton
          variant="outline"
          why={model >= unit.models ? 'This is the last.' : null}
          onClick={() => go(1)}
        >
          Model after
        </ReasonButton>
        <ReasonButton
          variant="next"
          why={isPainted ? null : 'Nothing of it is painted yet.'}
          onClick={more}
        >
          Paint one more like this
        </ReasonButton>
      </PageHead>
      <p dir="auto">
        {armyName}. <Link to="/log">All of the log</Link>
      </p>
      {!isPainted && (
        <p>
          Nothing is written of this model. Put it on the <Link to="/bench">bench</Link>, or note
          there what was painted before.
        </p>
      )}
      {surfaces.map((recorded) => (
        <SurfaceRecord key={recorded.surface.id} recorded={recorded} pots={pots} />
      ))}
      <ModelStory holder={holder} unitId={unit.id} model={model} />
      <Disclosure title="Its entries in the log, to correct or strike out">
        <ModelEntries holder={holder} unitId={unit.id} model={model} pots={pots} />
      </Disclosure>
      <ModelPhotographs holderId={holder} unitId={unit.id} model={model} />
    </div>
  );
}

function SurfaceRecord({ recorded, pots }: { recorded: RecordedSurface; pots: Pot[] }) {
  const { surface, pin, written, done, lines, mishaps, readings, missingPots } = recorded;
  const potName = potNamesOf(pots);
  // An address can ask for it, as from the log and from the bench.
  const [asked] = useSearchParams();
  const [isPromoting, setIsPromoting] = useState(asked.get('write') === surface.id);
  return (
    <section className="surface-record" aria-label={surface.name}>
      <h2 dir="auto">{surface.name}</h2>
      <p dir="auto">
        {written ? (
          <>
            <Link to={`/recipes/${written.id}`}>{written.name}</Link>
            {pin?.version ? `, version ${pin.version}` : ', the page as it is now'}
          </>
        ) : pin ? (
          `${done?.name ?? 'A recipe'}, which is gone: shown from the log alone`
        ) : (
          'No recipe'
        )}
        {!done && '. Nothing is on it yet.'}
      </p>
      {written && (
        <figure>
          <FinishedRibbon recipe={written} label={`${surface.name}, as it is meant to come out`} />
          <figcaption className="quiet">as it is meant to come out</figcaption>
        </figure>
      )}
      {lines.length > 0 && (
        <FigureTable
          label={`Lines on ${surface.name}`}
          heads={['Line', 'For one model, drops', 'Thinned', 'Coats', 'When', 'Differs']}
          rows={lines.map(({ step, drops, differs, at }, index) => [
            `${index + 1} ${techniqueOf(step.technique).label}`,
            drops ? dropsWords(drops, potName) : 'a pot of it is gone',
            <span key="thinned">
              {thinningWords(step.mix)}
              <Figures> · {loadWords(step.mix)}</Figures>
            </span>,
            step.coats,
            at ? format(new Date(at), 'd MMM yyyy, HH:mm') : 'before the log',
            differs.join(', '),
          ])}
        />
      )}
      {recorded.below.map((below) => (
        <PaintedOver key={below.id} below={below} potName={potName} />
      ))}
      {mishaps.map(({ id, what, mend }) => (
        <p key={id}>
          {what}: {mend.sentence} ≈ then {differenceWords(mend.errorAfter)}
          <Figures>
            {' '}
            (ΔE00 {mend.errorBefore.toFixed(1)} → {mend.errorAfter.toFixed(1)})
          </Figures>
        </p>
      ))}
      {readings.length > 0 && (
        <p>
          {counted(readings.length, 'reading')}, the last on{' '}
          {format(new Date(readings[readings.length - 1].at), 'd MMMM yyyy')}.
        </p>
      )}
      {missingPots.map((potId) => (
        <MissingPot key={potId} potId={potId} pots={pots} />
      ))}
      {written && done && (
        <Button
          variant="outline"
          aria-expanded={isPromoting}
          onClick={() => setIsPromoting(!isPromoting)}
        >
          Write it down as I did it
        </Button>
      )}
      {written && recorded.whole && isPromoting && (
        <PromoteSheet
          painted={written}
          done={recorded.whole}
          pots={pots}
          onDone={() => setIsPromoting(false)}
        />
      )}
    </section>
  );
}

/** The layer below: a recipe it was painted by before. */
function PaintedOver({ below, potName }: { below: Recipe; potName: (potId: string) => string }) {
  const numberOf = (stepId: string) => below.steps.findIndex(({ id }) => id === stepId) + 1;
  return (
    <Disclosure title={`Below it, from before: ${below.name}`}>
      <ol className="painted-over">
        {includedSteps(below).map((step) => (
          <li key={step.id} value={numberOf(step.id)}>
            {techniqueOf(step.technique).label}, {mixWords(step.mix, potName, numberOf)},{' '}
            {coatsWords(step.coats, step.technique)}
          </li>
        ))}
      </ol>
    </Disclosure>
  );
}

/** A pot that is no longer at hand, and what comes nearest. */
function MissingPot({ potId, pots }: { potId: string; pots: Pot[] }) {
  const pot = pots.find(({ id }) => id === potId);
  const potName = potNamesOf(pots);
  const { answer } = useAnswer(
    ofShelf,
    [potId],
    async (worker) => (await worker.substitutes(potId)).at(0) ?? null,
    pot !== undefined,
  );
  return (
    <Problem dir="auto" role="note">
      {pot ? `${pot.name} is no longer at hand.` : `A pot of it was deleted (${potId}).`}{' '}
      {answer && (
        <>
          Nearest: {standInWords(answer.parts, potName)}, {nearnessWords(answer)}.
        </>
      )}
    </Problem>
  );
}
