import {
  glowWithin,
  ribbonStops,
  sideWords,
  type PaintedGlow,
  type SurfaceGlow,
} from '@yellow-ledger/core';
import { Figures } from '../../../kit/figures/Figures';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { Switch } from '../../../kit/field/Switch';

export interface LitSurfaceProps {
  lit: SurfaceGlow;
  isOn: boolean;
  onTurn: (isOn: boolean) => void;
}

const whyNot = {
  'too far': 'Nothing is painted: it is too far from the light.',
  'behind the body': 'Nothing is painted: the body stands between it and the light.',
  'no recipe': 'Nothing is known of it: it has no recipe.',
  hidden: 'Nothing is painted: nobody sees it.',
  itself: 'Nothing is painted: the light comes off it.',
} as const;

/** Effect of a light on one surface: unlit, lit, how near the shelf comes, and why not. */
export function LitSurface({ lit, isOn, onTurn }: LitSurfaceProps) {
  const { name, because, glow, side } = lit;
  const isShaded = glow?.recipe.steps[0]?.placement.aim?.facing?.side !== side;
  return (
    <div className="over-surface">
      <b dir="auto">{name}</b>
      {glow ? (
        <div>
          <Ribbon stops={ribbonStops} surface={glow.before} height={12} label={`${name} unlit`} />
          <Ribbon stops={ribbonStops} surface={glow.after} label={`${name} lit`} />
        </div>
      ) : (
        <span />
      )}
      <div>
        {because !== null && <p>{whyNot[because]}</p>}
        {glow && (
          <>
            <p>
              {glow.recipe.steps.length} lines, facing {side && sideWords(side).label}
              {isShaded && ', the first of them in the shade turned away from it'}
            </p>
            <HowNear glow={glow} />
            <Switch label={`paint it on ${name}`} isOn={isOn} onTurn={onTurn} />
          </>
        )}
      </div>
    </div>
  );
}

/** Whether the shelf can make it look as lit. */
function HowNear({ glow }: { glow: PaintedGlow }) {
  const worst = glow.places.reduce((one, other) => (other.error > one.error ? other : one));
  const figures = <Figures> (ΔE00 {glow.error.toFixed(1)})</Figures>;
  if (glow.error <= glowWithin) return <p>Painted it looks as it would be lit{figures}.</p>;
  if (glow.school === 'white first')
    return (
      <p>
        One colour over white comes no nearer: at {placeWords(worst.place)} it is visibly off
        {figures}. Covering mixes may.
      </p>
    );
  const isDull = worst.painted.chroma < worst.target.chroma - 3;
  const isDark = worst.painted.value < worst.target.value - 3;
  const short = [isDark && 'light', isDull && 'strong'].filter(Boolean).join(' and ') || 'near';
  return (
    <p>
      Your shelf has no mix {short} enough: at {placeWords(worst.place)} it stays visibly short
      {figures}.
    </p>
  );
}

const placeWords = (place: string) => (place === 'raised' ? 'raised places' : `the ${place}`);
