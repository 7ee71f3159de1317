import {
  counted,
  howWords,
  shapeOf,
  whereWords,
  surfaceOf,
  mixOfBrushed,
  loadWords,
  forms,
  techniqueOf,
  thinningWords,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { ActionBar } from '../../kit/ActionBar';
import { GuidePicture } from '../../kit/form/GuidePicture';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { Grid } from '../../kit/Grid';
import { MixBar } from '../../kit/paint/MixBar';
import { Problem } from '../../kit/Problem';
import { dropsWords } from '../../kit/words/dropsWords';
import { mlWords } from '../../kit/words/mlWords';
import { modelsWords } from '../../kit/words/modelsWords';
import { potHexesOf } from '../../kit/words/potHexes';
import { potNamesOf } from '../../kit/words/recipeWords';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { BenchNow } from './benchWork';
import type { BenchPanel, BenchPartProps } from './benchPart';
import { leftWords } from '../../kit/words/leftWords';
import { LastTime } from './LastTime';
import { ModelButtons } from './ModelButtons';
import { StepRibbons } from './StepRibbons';
import { usePedal } from './signals/usePedal';
import { Figures } from '../../kit/figures/Figures';

export interface NowPanelProps extends BenchPartProps {
  now: BenchNow;
  panel: BenchPanel;
  onPanel: (panel: BenchPanel) => void;
}

const guideSize = 200;

/** One step, large: what, where, with what mix, and done. */
export function NowPanel(props: NowPanelProps) {
  const { bench, army, hand, words, view, now, panel, onPanel } = props;
  const { task, step, recipe, coat } = now;
  const technique = techniqueOf(step.step.technique);
  const shape = shapeOf(recipe, surfaceOf(army, task)?.surface.form);
  const { form } = shape;
  const how = howWords(step.step);
  const { answer: guide } = useAnswer(
    ofShelf,
    [recipe, step.step, form, step.mixColour.hex],
    (worker) => worker.guide(recipe, step.step, { form, hex: step.mixColour.hex, size: guideSize }),
  );
  const toggle = (wanted: BenchPanel) => onPanel(panel === wanted ? null : wanted);
  const isReady = task.models.length > 0;
  // Dry by the clock or by the finger: one press either way.
  const inTurn = isReady ? task.models : task.waiting.map(({ model }) => model);
  const all = () => hand.paint(now, inTurn);
  useShortcut('d', (event) => !event.repeat && all());
  const onceMore = () => hand.paint(now, inTurn, { wanted: task.coats + 1 });
  useShortcut('o', (event) => !event.repeat && onceMore());
  useShortcut('s', (event) => !event.repeat && hand.skip(now));
  useShortcut('a', () => toggle('drops'));
  useShortcut('f', () => toggle('differently'));
  useShortcut('w', () => toggle('wrong'));
  usePedal(all);
  const soonest = Math.min(...task.waiting.map(({ ms }) => ms));
  const counts = technique.counts;
  return (
    <section aria-label="Now" className="now-panel">
      <p className="now-where" dir="auto">
        {bench.armyId !== undefined && (
          <>
            {words.unit(task.unitId)} · {words.surface(task.unitId, task.surfaceId)} ·{' '}
          </>
        )}
        {recipe.name}, line {task.line}
      </p>
      <h2>
        {technique.label[0].toUpperCase() + technique.label.slice(1)},{' '}
        {whereWords(step.step, shape)}
        <small>
          {counts} {task.coat} of {task.coats}
          {task.upTo > task.coats && ` to ${task.upTo}`}
        </small>
      </h2>
      {how && <p>{how}</p>}
      <LastTime now={now} bench={bench} />
      {step.step.note && <p dir="auto">{step.step.note}</p>}
      {step.caution && <Problem role="note">{step.caution}</Problem>}
      <Grid columns="minmax(0, 1fr) 200px">
        <div className="now-mix">
          <StepMix {...props} />
          <StepRibbons now={now} counts={counts} />
        </div>
        <GuidePicture
          guide={guide}
          size={guideSize}
          label={`Where it goes, on ${forms[form].label}`}
        />
      </Grid>
      {isReady ? (
        <ModelButtons key={task.key} {...props} />
      ) : (
        <p className="now-waiting">
          Nothing can be painted yet: {task.waiting.length === 1 ? 'model' : 'models'}{' '}
          {modelsWords(task.waiting.map(({ model }) => model))}{' '}
          {task.waiting.length === 1 ? 'dries' : 'dry'} for another{' '}
          {leftWords(soonest - (hand.now - view.seenAt))}.
        </p>
      )}
      {isReady && task.coat >= task.coats && task.upTo > task.coats && (
        <p>
          Once this one is dry, look: is it even? Then it is enough; if not, once more, up to{' '}
          {task.upTo} {counts === 'pass' ? 'passes' : 'coats'}.
        </p>
      )}
      <div className="now-done">
        <Button variant="next" onClick={all}>
          {isReady ? 'Done' : 'It was dry: done'}
          <small>
            {' '}
            {coat.where.models.length === 1
              ? `model ${coat.where.models[0]}`
              : `all ${coat.where.models.length}`}
          </small>
        </Button>
      </div>
      <ActionBar className="now-deeds">
        <Button variant="outline" onClick={onceMore}>
          Done, needs another coat
        </Button>
        <Button variant="outline" onClick={() => hand.skip(now)}>
          Skip
        </Button>
        <Button variant="outline" aria-expanded={panel === 'later'} onClick={() => toggle('later')}>
          A part later …
        </Button>
        <Button
          variant="outline"
          aria-expanded={panel === 'differently'}
          onClick={() => toggle('differently')}
        >
          Differently …
        </Button>
        <Button variant="outline" aria-expanded={panel === 'wrong'} onClick={() => toggle('wrong')}>
          Went wrong …
        </Button>
      </ActionBar>
    </section>
  );
}

function StepMix({ pots, now, hand, panel, onPanel }: NowPanelProps) {
  const { step, coat } = now;
  const { brushed, differs } = coat;
  const mix = mixOfBrushed(brushed);
  const potName = potNamesOf(pots);
  const models = now.task.models.length + now.task.waiting.length + now.task.later;
  const isMixed = hand.view?.wet.some(
    ({ entry }) => entry.recipeId === coat.recipeId && entry.stepId === coat.stepId,
  );
  return (
    <div className="step-mix">
      <MixBar mix={mix} hexOfPot={potHexesOf(pots)} hexOfStep={() => ''} lineNumber={() => 0} />
      <p className="step-drops" dir="ltr">
        {dropsWords(step.drops, potName)}
        {brushed.pots.length > 0 && <small> drops</small>}
      </p>
      <p>
        {thinningWords(brushed)}
        <Figures> · {loadWords(brushed)}</Figures>
        {step.consistency && (
          <>
            {' · '}
            <b>{step.consistency.name}</b>: {step.consistency.tells}
          </>
        )}
      </p>
      <div className="flow step-made">
        <p className="quiet">
          {mlWords(step.ml)} for {counted(models, 'model')},{' '}
          {counted(now.task.coats - now.task.coat + 1, 'coat')}
          {step.isEstimate && ', estimated'}
          {differs.length > 0 && (
            <>
              . <b>Differs from the recipe: {differs.join(', ')}</b>
            </>
          )}
          {isMixed && '. It is mixed.'}
        </p>
        {!isMixed && brushed.pots.length > 0 && (
          <Button variant="outline" onClick={() => hand.mix(now, brushed, step.ml, differs)}>
            I’ve mixed it
          </Button>
        )}
        {brushed.pots.length > 0 && (
          <Button
            variant="outline"
            aria-expanded={panel === 'drops'}
            onClick={() => onPanel(panel === 'drops' ? null : 'drops')}
          >
            Adjust the mix
          </Button>
        )}
      </div>
    </div>
  );
}
