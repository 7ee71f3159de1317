import {
  differenceWords,
  lineLimit,
  midOfRecipe,
  potIdsOf,
  shapeOf,
  type Recipe,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { useVersions } from '../../../data/useVersions';
import { AspectStrips } from '../../../kit/paint/AspectStrips';
import { ActionBar } from '../../../kit/ActionBar';
import { FigureTable } from '../../../kit/FigureTable';
import { FormCanvas } from '../../../kit/form/FormCanvas';
import { Problem } from '../../../kit/Problem';
import { Progress } from '../../../kit/Progress';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { Switch } from '../../../kit/field/Switch';
import { PotWords } from '../../../kit/pots/PotWords';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import { usePaintedForm } from '../../../workers/usePaintedForm';
import type { RecolouredPair } from './recolourWork';
import type { LeafProps } from '../leafProps';
import { useFork } from './versions/useFork';
import { useRecolouring } from './useRecolouring';
import { PageWait } from '../../../kit/PageWait';

const size = 200;

/** The whole recipe in another colour: what is to be its mid, what stays, before and after. */
export default function RecolourLeaf({ draft, prediction, words, pots }: LeafProps) {
  const { recipe } = draft;
  const build = prediction?.buildUp;
  const [mid, setMid] = useState<string | null>(null);
  const [ends, setEnds] = useState<{ dark: string; light: string } | null>(null);
  const [held, setHeld] = useState<string[]>([]);
  const { look, stop, looking, found, problem } = useRecolouring(recipe);
  if (!build) return <PageWait>Looking at the recipe …</PageWait>;
  const now = midOfRecipe(recipe, build).hex;
  const chosen = mid ?? now;
  const drawn = potIdsOf(recipe).filter((id) => id !== recipe.groundPotId);
  const known = pots.filter(({ id }) => drawn.includes(id));
  return (
    <section className="stacked" aria-label="Recolour">
      <p>
        Finds a new mix for each line from your pots; lights and darks keep their steps. A wash
        stays a wash, and a second light keeps its colour.
      </p>
      <div className="flow">
        <Colour label="New mid" value={chosen} onChoose={setMid} />
        <Switch
          label="dark and light chosen too"
          isOn={ends !== null}
          onTurn={(isOn) => setEnds(isOn ? { dark: '#202028', light: '#f0e8dc' } : null)}
        />
        {ends && (
          <>
            <Colour
              label="New dark"
              value={ends.dark}
              onChoose={(dark) => setEnds({ ...ends, dark })}
            />
            <Colour
              label="New light"
              value={ends.light}
              onChoose={(light) => setEnds({ ...ends, light })}
            />
          </>
        )}
      </div>
      <CheckboxGroup
        legend="Keep these pots"
        options={known.map(({ id, name }) => ({ value: id, name }))}
        ticked={held}
        onTicked={setHeld}
      />
      <ActionBar>
        <Button
          variant={found ? 'outline' : 'next'}
          disabled={looking !== null}
          onClick={() => void look({ mid: chosen, ...ends, held })}
        >
          Find new mixes
        </Button>
        {looking && (
          <>
            <Button variant="outline" onClick={stop}>
              Stop
            </Button>
            <Progress label="Lines looked at" now={looking.done} max={looking.of} />
          </>
        )}
      </ActionBar>
      {problem && <Problem>{problem}</Problem>}
      {found && (
        <Found key={found.recipe.id} draft={draft} found={found} words={words} mid={chosen} />
      )}
    </section>
  );
}

interface ColourProps {
  label: string;
  value: string;
  onChoose: (hex: string) => void;
}

const Colour = ({ label, value, onChoose }: ColourProps) => (
  <label className="form-choice">
    <span>{label}</span>
    <input type="color" value={value} onChange={({ target }) => onChoose(target.value)} />
  </label>
);

interface FoundProps extends Pick<LeafProps, 'draft' | 'words'> {
  found: RecolouredPair;
  mid: string;
}

function Found({ draft, found, words, mid }: FoundProps) {
  const { recipe } = draft;
  const { versions = [] } = useVersions(recipe.id);
  const { fork, isReady } = useFork(draft, versions);
  const was = (stepId: string) => recipe.steps.find(({ id }) => id === stepId) ?? recipe.steps[0];
  return (
    <div className="stacked">
      <div className="columns">
        <Side title="Before" recipe={recipe} build={found.before} />
        <Side title="After" recipe={found.recipe} build={found.after} />
      </div>
      <FigureTable
        label="Mixes"
        heads={['Line', 'Before', 'After', 'Looked for, and how near it came']}
        rows={found.lines.map(({ stepId, before, after, target, error }) => {
          const step = found.recipe.steps.find(({ id }) => id === stepId);
          return [
            words.lineNumber(stepId),
            <PotWords key="before" hex={before.hex} name={words.mix(was(stepId).mix)} />,
            <PotWords key="after" hex={after.hex} name={step ? words.mix(step.mix) : ''} />,
            target ? (
              <PotWords key="target" hex={target.hex} name={differenceWords(error)} />
            ) : (
              'stays'
            ),
          ];
        })}
      />
      {found.notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      <ActionBar>
        <ReasonButton
          variant="next"
          why={isReady ? null : 'It can be kept as soon as the recipe is saved.'}
          onClick={() => void fork(`${recipe.name}, ${mid}`.slice(0, lineLimit), found.recipe)}
        >
          Keep it as a variant
        </ReasonButton>
      </ActionBar>
    </div>
  );
}

interface SideProps {
  title: string;
  recipe: Recipe;
  build: RecolouredPair['before'];
}

function Side({ title, recipe, build }: SideProps) {
  const ribbon = usePaintedForm(recipe, build);
  const surface = build.steps.at(-1)?.surface ?? build.ground;
  const shape = shapeOf(recipe);
  return (
    <div>
      <h2>{title}</h2>
      <Ribbon stops={build.stops} surface={surface} label={`${title}, from pit to point`} />
      <AspectStrips build={build} shape={shape} label={title} hasShares />
      {ribbon && (
        <FormCanvas
          label={`${title}, on its form`}
          picture={{ shape, view: 'front', size, ribbon, light: recipe.light ?? 'above' }}
        />
      )}
    </div>
  );
}
