import {
  standings,
  transparentKinds,
  type Pot,
  type Standing,
  type Substitute,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Select } from '../../kit/Select';
import { Grid } from '../../kit/Grid';
import { PageHead } from '../../kit/PageHead';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { Strip } from '../../kit/paint/Strip';
import { Swatch } from '../../kit/paint/Swatch';
import { potNamesOf } from '../../kit/words/recipeWords';
import { nearnessWords, standInWords } from '../../kit/words/substituteWords';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import { ReplacedRecipes } from './ReplacedRecipes';
import { PageWait } from '../../kit/PageWait';
import './replace.scss';

/** Substitutes for a missing pot, and their effect on every recipe that draws from it. */
export default function ReplacePage() {
  const { potId = '' } = useParams();
  const { pots } = useShelf();
  if (!pots) return <PageWait title="Replace a pot">Looking over the shelf …</PageWait>;
  const pot = pots.find(({ id }) => id === potId);
  return (
    <div className="page">
      <PageHead title={pot ? `Replace ${pot.name}` : 'Replace a pot'} />
      <ShelfTabs />
      {pot ? (
        <Replacing key={pot.id} pot={pot} pots={pots} />
      ) : (
        <p>
          There is no such pot on the shelf. <Link to="/shelf">To the shelf</Link>
        </p>
      )}
    </div>
  );
}

function Replacing({ pot, pots }: { pot: Pot; pots: Pot[] }) {
  const [chosen, setChosen] = useState<Substitute | null>(null);
  const [standing, setStanding] = useState<Standing>('beside');
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const { answer, problem } = useAnswer(ofShelf, [pot.id], (worker) => worker.substitutes(pot.id));
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Trying pots and mixes …</p>;
  if (answer.length === 0)
    return (
      <p>
        Nothing on the shelf that is at hand is of the kind of {pot.name}: a {pot.kind}
        {pot.finish === 'metallic' && ', metallic'}. <Link to="/shelf">To the shelf</Link>
      </p>
    );
  const standIn = chosen ?? answer[0];
  return (
    <Grid columns="minmax(0, 5fr) minmax(0, 7fr)" className="replacing">
      <section aria-labelledby="stand-ins-head">
        <h2 id="stand-ins-head">Substitute</h2>
        <ul className="ruled stand-in-choice">
          {answer.map((each) => {
            const words = standInWords(each.parts, potName);
            return (
              <li key={words}>
                <label>
                  <input
                    type="radio"
                    name="stand-in"
                    checked={each === standIn}
                    onChange={() => setChosen(each)}
                  />
                  <Strip
                    hexes={[pot.swatch, each.colour.hex]}
                    label={`${pot.name} beside ${words}`}
                  />
                  <span>
                    <b dir="auto">{words}</b>
                    <small className="below">{nearnessWords(each)}</small>
                  </span>
                </label>
              </li>
            );
          })}
        </ul>
        <p>
          <Swatch hex={pot.swatch} /> {pot.name}, dried at full strength
          {transparentKinds.includes(pot.kind) && '; what is compared is one neat coat over white'}.
        </p>
      </section>
      <section aria-labelledby="effect-head">
        <h2 id="effect-head">In the recipes</h2>
        <Select
          label="The models will stand"
          value={standing}
          onChoose={setStanding}
          options={standings.map(({ name: id, tells: name }) => ({ id, name }))}
        />
        <ReplacedRecipes pot={pot} pots={pots} standIn={standIn} standing={standing} />
      </section>
    </Grid>
  );
}
