import {
  includedSteps,
  nearestStop,
  techniqueOf,
  thinningWords,
  type BorderBridge,
  type Step,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { ActionBar } from '../../../kit/ActionBar';
import { potChoices } from '../../../kit/pots/potChoice';
import { Problem } from '../../../kit/Problem';
import { Strip } from '../../../kit/paint/Strip';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { BridgeToolProps } from './BridgeTool';

const theirOwn = '';

/** A glaze on the border where two tints meet: of both, or of a third hue. */
export function BorderTool({ recipe, pots, words, onFix }: BridgeToolProps) {
  const tinting = includedSteps(recipe).filter(({ technique }) => techniqueOf(technique).isThinned);
  const [ends, setEnds] = useState<{ one?: string; other?: string }>({});
  const [third, setThird] = useState(theirOwn);
  const there = (id: string | undefined) => tinting.find((step) => step.id === id);
  const one = there(ends.one) ?? tinting[0];
  const others = tinting.filter((step) => step !== one);
  const other = others.find(({ id }) => id === ends.other) ?? others.at(-1);
  const { answer, problem } = useAnswer(
    ofShelf,
    [recipe, one?.id, other?.id, third],
    (worker) =>
      other ? worker.border(recipe, [one.id, other.id], third || null) : Promise.resolve(null),
    other !== undefined,
  );
  if (!other) return null;
  const option = ({ id, mix }: Step) => ({
    id,
    name: `line ${words.lineNumber(id)}: ${words.mix(mix)}`,
  });
  return (
    <div className="stacked">
      <h2>Where two glazes meet</h2>
      <div className="flow">
        <Select
          label="One"
          value={one.id}
          onChoose={(id) => setEnds({ ...ends, one: id })}
          options={tinting.map(option)}
        />
        <Select
          label="Other"
          value={other.id}
          onChoose={(id) => setEnds({ ...ends, other: id })}
          options={others.map(option)}
        />
        <Select
          label="On their border"
          value={third}
          onChoose={setThird}
          options={[{ id: theirOwn, name: 'a mix of the two' }, ...potChoices(pots)]}
        />
      </div>
      {problem && <Problem role="note">{problem}</Problem>}
      {answer?.found === null && (
        <p>Neither of the two ends on the surface: they have no border.</p>
      )}
      {answer?.found && <Found found={answer.found} {...{ words, onFix }} />}
    </div>
  );
}

function Found({
  found,
  words,
  onFix,
}: { found: BorderBridge } & Pick<BridgeToolProps, 'words' | 'onFix'>) {
  const { step, at, stepWith, stepWithout, isSofter, afterStepId } = found;
  const share = Math.round((1 - stepWith / stepWithout) * 100);
  const passes = `${step.coats} ${step.coats === 1 ? 'pass' : 'passes'}`;
  return (
    <>
      <p>
        They meet at {at.toFixed(2)}, by the {nearestStop(at).name}.
      </p>
      <p>
        <Strip hexes={found.without.map(({ hex }) => hex)} label="Across the border as it is" /> as
        it is
      </p>
      <p>
        <Strip hexes={found.with.map(({ hex }) => hex)} label="Across the border with the glaze" />{' '}
        with {passes} of {words.mix(step.mix)}, {thinningWords(step.mix)}
      </p>
      {isSofter ? (
        <p>The hardest step across it is {share} % smaller.</p>
      ) : (
        <p>It makes the passage hardly softer; softer ends of the two lines do more.</p>
      )}
      <ActionBar>
        <Button
          variant="outline"
          onClick={() =>
            onFix({
              label: 'the border glaze',
              changes: [{ do: 'insertAfter', stepId: afterStepId, step }],
            })
          }
        >
          Put it in as a line
        </Button>
      </ActionBar>
    </>
  );
}
