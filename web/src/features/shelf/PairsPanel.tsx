import { pairReasons, readHex, type Pair, type Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { Grid } from '../../kit/Grid';
import { Strip } from '../../kit/paint/Strip';
import { potNamesOf } from '../../kit/words/recipeWords';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import { valueWords } from '../../kit/words/valueWords';

const units: Record<Pair['reason'], (figure: number) => string> = {
  opposite: (degrees) => `${degrees.toFixed(0)}° apart in hue`,
  darker: (steps) => valueWords(-steps),
  lighter: (steps) => valueWords(steps),
  warmth: (degrees) => `${degrees.toFixed(0)}° apart in hue`,
  grey: (chroma) => (chroma < 6 ? 'grey at its greyest' : 'nearly grey at its greyest'),
};

/** Pots of the shelf that go with a pot, each with the colours on the way to it. */
export default function PairsPanel() {
  const { pots } = useShelf();
  const { control, getValues } = useFormContext<Pot>();
  const [swatch, hiding] = useWatch({ control, name: ['swatch', 'hiding'] });
  const hex = readHex(swatch);
  const potName = useMemo(() => potNamesOf(pots ?? []), [pots]);
  const { answer, problem } = useAnswer(
    ofShelf,
    [hex, hiding],
    (worker) =>
      hex ? worker.pairs({ ...getValues(), name: 'this pot', swatch: hex }) : Promise.resolve(null),
    hex !== null && hiding >= 0 && hiding <= 1,
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Looking along the shelf …</p>;
  if (answer.length === 0)
    return <p>Nothing on the shelf goes with it by hue or value: it is alone of its sort.</p>;
  return (
    <ul className="rows pair-list">
      {answer.map(({ reason, potId, ladder, figure }) => (
        <Grid as="li" key={reason + potId} columns="10rem minmax(0, 1fr)">
          <Strip
            hexes={ladder.map(({ hex: rung }) => rung)}
            label={`From this pot to ${potName(potId)} in five mixes`}
          />
          <span>
            <b dir="auto">{potName(potId)}</b>{' '}
            {pairReasons.find(({ name }) => name === reason)?.tells}{' '}
            <small>({units[reason](figure)})</small>
          </span>
        </Grid>
      ))}
    </ul>
  );
}
