import {
  counted,
  swatchReadings,
  transparentKinds,
  type Kept,
  type Pot,
  type SwatchReading,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useWriter } from '../../data/useWriter';
import { Disclosure } from '../../kit/Disclosure';
import { PotWords } from '../../kit/pots/PotWords';
import { swatchWords } from '../../kit/words/swatchWords';

/**
 * Pots that let light through and came before a swatch said what it shows: they are read as they
 * were, and their owner says which of them show one coat over white.
 */
export function SwatchesToRead({ kept }: { kept: readonly Kept<Pot>[] }) {
  const writer = useWriter();
  const unsaid = kept.filter(
    ({ content }) =>
      transparentKinds.includes(content.kind) &&
      content.swatchShows === undefined &&
      !content.retired,
  );
  if (unsaid.length === 0) return null;
  const say = ({ content }: Kept<Pot>, swatchShows: SwatchReading) =>
    writer.do(`say what the swatch of ${content.name} shows`, {
      records: [{ name: 'pots', before: content, after: { ...content, swatchShows } }],
    });
  return (
    <Disclosure
      title={`${counted(unsaid.length, 'wash, ink or one-coat paint', 'washes, inks and one-coat paints')}: is the swatch one coat, or full strength?`}
    >
      <p>
        Most swatches of such pots show one coat over white. Read so, brown washes come out brown on
        white and not orange; what is predicted with them changes.
      </p>
      <ul className="rows">
        {unsaid.map((each) => (
          <li key={each.content.id} className="flow">
            <PotWords hex={each.content.swatch} name={each.content.name} />
            {swatchReadings.map((reading) => (
              <Button key={reading} variant="plain" onClick={() => say(each, reading)}>
                {swatchWords(reading)}
              </Button>
            ))}
          </li>
        ))}
      </ul>
    </Disclosure>
  );
}
