import { placementsOf, type Placement } from '@yellow-ledger/core';
import './placementMark.scss';

const width = 300;
const height = 9;

/**
 * A bracket under a ribbon for where a step goes on, fading where its ends are soft, and an arrow
 * where the strokes finish; a tick for each coat that ends short of the one before.
 */
export function PlacementMark({ coats = 1, ...placement }: Placement & { coats?: number }) {
  const { from, to, softness, pull, last } = placement;
  const x = (at: number) => Math.min(1, Math.max(0, at)) * width;
  const left = x(from);
  const right = Math.max(x(to), left + 3);
  // Where the surface itself ends there is nothing to fade into.
  const fadeDown = Math.min(softness / 2, from) * width;
  const fadeUp = Math.min(softness / 2, 1 - to) * width;
  const tip = pull === 'up' ? right : left;
  const back = pull === 'up' ? -6 : 6;
  return (
    <svg
      className="placement-mark"
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <line x1={left} x2={right} y1="4.5" y2="4.5" className="placement-line" />
      <line x1={left - fadeDown} x2={left} y1="4.5" y2="4.5" className="placement-fade" />
      <line x1={right} x2={right + fadeUp} y1="4.5" y2="4.5" className="placement-fade" />
      {softness < 0.03 && (
        <>
          {from > 0 && <line x1={left} x2={left} y1="1" y2="8" className="placement-line" />}
          {to < 1 && <line x1={right} x2={right} y1="1" y2="8" className="placement-line" />}
        </>
      )}
      {last &&
        placementsOf(placement, coats)
          .slice(1)
          .flatMap((each) => [each.from, each.to])
          .filter((end) => end > 0 && end < 1)
          .map((end) => (
            <line key={end} x1={x(end)} x2={x(end)} y1="2.5" y2="6.5" className="placement-line" />
          ))}
      {pull !== 'even' && (
        <polyline
          points={`${tip + back},1 ${tip},4.5 ${tip + back},8`}
          className="placement-line"
          fill="none"
        />
      )}
    </svg>
  );
}
