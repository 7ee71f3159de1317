import { toneStops } from '@yellow-ledger/core';
import { AxisNames } from '../../../kit/field/AxisNames';
import { PlacesPicture } from '../../../kit/words/WordPicture';

/** The names of the tone axis over the ribbons. */
export const ToneScale = () => (
  <AxisNames className="tone-scale" names={toneStops}>
    <PlacesPicture />
  </AxisNames>
);
