import { toneStops } from '@yellow-ledger/core';
import { PlacesPicture } from '../../parts/words/WordPicture';

/** The names of the tone axis over the ribbons. */
export function ToneScale() {
  return (
    <span className="tone-scale" aria-hidden="true">
      <PlacesPicture />
      {toneStops.map(({ name, at }) => (
        <span key={name} style={{ left: `${at * 100}%` }}>
          {name}
        </span>
      ))}
    </span>
  );
}
