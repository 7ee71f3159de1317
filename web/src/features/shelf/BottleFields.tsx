import {
  colourDifference,
  colourOfHex,
  driesAsNames,
  ownShelf,
  readHex,
  thinsAsNames,
  usuallyLowMl,
  type Pot,
  differenceWords,
} from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext, useWatch } from 'react-hook-form';
import { NumberField } from '../../kit/field/NumberField';
import { OptionalField, OptionalSelect } from '../../kit/field/OptionalField';
import { Swatch } from '../../kit/paint/Swatch';
import { signed } from '../../kit/words/signed';
import { Figures } from '../../kit/figures/Figures';
import { valueWords } from '../../kit/words/valueWords';

/** The facts of this one bottle: where it stands, how much is left in it, how it behaves. */
export default function BottleFields() {
  const { register, control } = useFormContext<Pot>();
  const [swatch, wet, drops] = useWatch({ control, name: ['swatch', 'wetSwatch', 'dropsPerMl'] });
  return (
    <div className="stacked">
      <div className="pot-row">
        <OptionalField name="owner" label="Whose shelf" placeholder={ownShelf} />
        <OptionalField name="openedOn" label="Opened on" type="date" />
        <NumberField
          name="lowMl"
          label="Warn me below"
          unit="ml"
          placeholder={String(usuallyLowMl)}
          whenEmpty="absent"
        />
        <Form.Check
          id="is-wanted"
          className="bottle-wish"
          label="on the list to buy"
          {...register('isWanted')}
        />
      </div>
      <div className="pot-row">
        <NumberField name="dropsPerMl" label="Drops in a ml" placeholder="20" whenEmpty="absent" />
        <NumberField name="brushfulDrops" label="Drops one brushload holds" whenEmpty="absent" />
        <OptionalSelect name="thinsAs" label="Takes water" names={thinsAsNames} />
        <OptionalSelect name="driesAs" label="Dries" names={driesAsNames} />
      </div>
      <div className="pot-row">
        <OptionalField
          name="wetSwatch"
          label="Colour while wet"
          placeholder="as #b07a18"
          read={(typed) => (typed ? (readHex(String(typed)) ?? typed) : undefined)}
        />
        {drops !== undefined && drops > 0 && (
          <p>One drop is {(1 / drops).toFixed(3)} ml, and drops of it are counted by that.</p>
        )}
      </div>
      <WetShift dry={readHex(swatch)} wet={wet === undefined ? null : readHex(wet)} />
    </div>
  );
}

/** How far the paint moves in drying. */
function WetShift({ dry, wet }: { dry: string | null; wet: string | null }) {
  if (!dry || !wet) return null;
  const before = colourOfHex(wet);
  const after = colourOfHex(dry);
  return (
    <p>
      Wet <Swatch hex={wet} />, dry <Swatch hex={dry} />: it dries{' '}
      {valueWords(after.value - before.value)}; {differenceWords(colourDifference(before, after))}.
      <Figures>
        {' '}
        {signed(after.value - before.value)} L*, ΔE00 {colourDifference(before, after).toFixed(1)}.
      </Figures>
    </p>
  );
}
