import type { Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { RadioGroup } from '../../../kit/RadioGroup';
import { useNotice } from '../../../kit/shell/notices';
import { Swatch } from '../../../kit/paint/Swatch';
import { ledgerWorker } from '../../../workers/ledgerWorker';
import type { CardAnswer, CardPlace, CardPlaces } from '../../../workers/shared/potWork';
import { cardPlaces } from './cardPlaces';
import { ReaderPanel } from './ReaderPanel';

/** The look of a printed card; the coat begins as something to be corrected. */
const usualCard: Record<CardPlace, string> = {
  black: '#363636',
  white: '#f3f3f3',
  overBlack: '#808080',
  overWhite: '#a0a0a0',
};

/** Works a pot's swatch and hiding out from one neat coat across a black and white card. */
export default function CardMeasure() {
  const [colours, setColours] = useState(usualCard);
  const [isRead, setIsRead] = useState(false);
  const [answer, setAnswer] = useState<CardAnswer | null>(null);
  const notify = useNotice();
  const solve = (places: CardPlaces) =>
    void ledgerWorker
      .solveCard(places)
      .then(setAnswer)
      .catch(() => notify('The card was not worked out. Load the page again.'));
  return (
    <div className="stacked">
      <p>
        Brush one neat coat across a card that is half black and half white, and let it dry. Take
        the four colours with a colour reader or from one evenly lit picture.
      </p>
      <RadioGroup
        label="Where the colours come from"
        options={[
          { value: 'typed', name: 'typed in' },
          { value: 'read', name: 'simulated reader, for practice' },
        ]}
        chosen={isRead ? 'read' : 'typed'}
        onChoose={(way) => {
          setIsRead(way === 'read');
          setAnswer(null);
        }}
      />
      {isRead ? (
        <ReaderPanel onRead={solve} onChange={() => setAnswer(null)} />
      ) : (
        <>
          <div className="flow">
            {cardPlaces.map(([key, label]) => (
              <label key={key}>
                <span>{label}</span>
                <input
                  type="color"
                  value={colours[key]}
                  onChange={(event) => {
                    setColours({ ...colours, [key]: event.target.value });
                    setAnswer(null);
                  }}
                />{' '}
                {colours[key]}
              </label>
            ))}
          </div>
          <Button variant="outline" onClick={() => solve(colours)}>
            Work it out
          </Button>
        </>
      )}
      {answer && <CardResult answer={answer} isPractice={isRead} />}
    </div>
  );
}

function CardResult({ answer, isPractice }: { answer: CardAnswer; isPractice: boolean }) {
  const { setValue } = useFormContext<Pot>();
  if ('problem' in answer)
    return (
      <p className="field-error" role="alert">
        {answer.problem}
      </p>
    );
  const { swatch, hiding, playedForward } = answer;
  return (
    <div role="status">
      <p>
        Dried at full strength <Swatch hex={swatch} />, coverage {hiding.toFixed(2)}. Laid over the
        card again it comes within {playedForward.toFixed(1)} ΔE00 of what was read
        {playedForward > 2 && ': the readings do not go together, so read them again'}.
        {isPractice &&
          ' The card was a made-up one: use the numbers only to see what a measured pot changes.'}
      </p>
      <Button
        variant="outline"
        onClick={() => {
          const figures = { shouldValidate: true, shouldDirty: true };
          setValue('swatch', swatch, figures);
          setValue('swatchShows', 'thick and dry', figures);
          setValue('hiding', Math.round(hiding * 1000) / 1000, figures);
          setValue('hidingIsGuess', false, figures);
        }}
      >
        Take this for the pot
      </Button>
    </div>
  );
}
