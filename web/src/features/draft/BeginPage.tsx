import {
  pigments,
  plainPots,
  potBegun,
  surfaces,
  type LightenChoice,
  type Pot,
  type ProgressionOptions,
  type SurfaceName,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { asProblem } from '../../data/ask';
import { usePutPotsMutation } from '../../data/ledgerApi';
import { useWriter } from '../../data/useWriter';
import { BeginStrip } from '../../kit/begin/BeginStrip';
import { beginning } from '../../kit/begin/beginning';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { Problem } from '../../kit/Problem';
import { RadioGroup } from '../../kit/RadioGroup';
import { SampleButton } from '../../kit/paint/SampleButton';
import { Swatch } from '../../kit/paint/Swatch';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import { firstDraftForm, optionsOf } from './draftForm';
import { recipeFromDraft } from './recipeFromDraft';
import { PageWait } from '../../kit/PageWait';

const firstSurfaces = surfaces.slice(0, 8);
/** Colours to begin with, by what they are called, and what painters usually lighten them with. */
const colours: readonly [name: string, hex: string, lightenWith: LightenChoice][] = [
  ['yellow', '#d99a1f', 'bone'],
  ['red', '#a6322b', 'lighterNeighbour'],
  ['blue', '#2c5a94', 'bone'],
  ['green', '#5c7a3c', 'lighterNeighbour'],
  ['violet', '#5b3f78', 'bone'],
  ['brown', '#76502f', 'bone'],
  ['bone', '#d3c49a', 'white'],
  ['grey', '#7f878a', 'bone'],
];

/** @example nameOf('#a6322b', 'metal') // → 'Red metal' */
function nameOf(hex: string, surface: SurfaceName): string {
  const called = colours.find(([, colour]) => colour === hex)?.[0] ?? 'new';
  return `${called[0].toUpperCase()}${called.slice(1)} ${surface}`;
}

/** From nothing to a recipe one believes: one question, a few pots, a draft. */
export default function BeginPage() {
  const { pots, isLoading } = useShelf();
  if (isLoading || !pots) return <PageWait title="Begin">Looking over the shelf …</PageWait>;
  return (
    <div className="page stacked">
      <PageHead title="Begin" />
      <Beginning pots={pots} />
    </div>
  );
}

function Beginning({ pots }: { pots: Pot[] }) {
  const [surface, setSurface] = useState<SurfaceName>('cloth');
  const [hex, setHex] = useState<string>(colours[0][1]);
  const first = firstDraftForm(pots);
  const lightenWith = colours.find(([, colour]) => colour === hex)?.[2] ?? 'bone';
  return (
    <>
      <BeginStrip at={first ? 'draft' : 'pots'}>
        <span>Pick what you paint and its colour.</span>
      </BeginStrip>
      <h2>What do you want to paint first?</h2>
      <RadioGroup
        label="A surface of"
        options={firstSurfaces.map((value) => ({ value, name: value }))}
        chosen={surface}
        onChoose={setSurface}
      />
      <fieldset className="begin-colours">
        <legend>Colour</legend>
        {colours.map(([name, colour]) => (
          <label key={name}>
            <input
              type="radio"
              name="begin-colour"
              checked={hex === colour}
              onChange={() => setHex(colour)}
            />
            <Swatch hex={colour} /> {name}
          </label>
        ))}
        <label>
          another{' '}
          <input
            type="color"
            aria-label="Another colour"
            value={hex}
            onChange={({ target }) => setHex(target.value)}
          />
        </label>
      </fieldset>
      {first ? (
        <FirstDraft
          key={pots.length}
          pots={pots}
          surface={surface}
          name={nameOf(hex, surface)}
          asked={optionsOf('shadowUp', {
            ...first,
            midFrom: 'colour',
            midHex: hex,
            shadeWith: 'darkerNeighbour',
            lightenWith,
          })}
        />
      ) : (
        <FirstPots />
      )}
    </>
  );
}

/** A shelf to draft from: plain pigments at one press, or one’s own. */
function FirstPots() {
  const [putPots, { isLoading, error }] = usePutPotsMutation();
  const put = () =>
    void putPots(
      plainPots.map((pot) => ({ content: potBegun(pot, crypto.randomUUID()), revision: 0 })),
    );
  return (
    <section className="stacked" aria-label="A few pots">
      <p>
        A recipe is predicted from the pots on your shelf. Begin with {pigments.length} plain
        pigments, marked as guesses, and put your own there later; or begin with your own.
      </p>
      {error !== undefined && <Problem>{asProblem(error).message}</Problem>}
      <div className="flow">
        <Button variant="next" disabled={isLoading} onClick={put}>
          {isLoading ? 'Putting them there …' : 'Begin with plain pigments'}
        </Button>
        <LinkButton to="/shelf/fill/names">A list of my pots</LinkButton>
        <LinkButton to="/shelf/fill">My pots in one picture</LinkButton>
        <SampleButton />
      </div>
    </section>
  );
}

interface FirstDraftProps {
  pots: Pot[];
  /** of the recipe */
  name: string;
  surface: SurfaceName;
  asked: ProgressionOptions;
}

/** The draft, taken at one press and looked at on a form. */
function FirstDraft({ pots, name, surface, asked }: FirstDraftProps) {
  const writer = useWriter();
  const navigate = useNavigate();
  const { answer, problem } = useAnswer(ofShelf, [JSON.stringify(asked)], (worker) =>
    worker.drafts([asked]),
  );
  const drafted = answer?.at(0);
  const take = () => {
    if (!drafted || 'problem' in drafted) return;
    const recipe = { ...recipeFromDraft(drafted.progression, asked, pots), surface, name };
    writer.create('recipes', `draft ${recipe.name}`, recipe);
    beginning.put({ is: 'on', recipeId: recipe.id });
    void navigate(`/recipes/${recipe.id}/form`);
  };
  const trouble = problem ?? (drafted && 'problem' in drafted ? drafted.problem : null);
  return (
    <section className="stacked" aria-label="A draft">
      <p>
        Your shelf has {pots.length} pots. The draft is written from them, from the shadow up: which
        mixes, how thin, how many coats, and where each goes.
      </p>
      {trouble && <Problem>{trouble}</Problem>}
      {drafted && !('problem' in drafted) && drafted.progression.notes.length > 0 && (
        <ul>
          {drafted.progression.notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      <div className="flow">
        <Button variant="next" disabled={!drafted || 'problem' in drafted} onClick={take}>
          {drafted ? 'Make a recipe and preview it' : 'Drafting …'}
        </Button>
        <LinkButton to="/recipes/draft">Choose how it is drafted</LinkButton>
      </div>
    </section>
  );
}
