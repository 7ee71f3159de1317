import { differenceWords, type DropMore, type DropOf, type Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Figures } from '../../../kit/figures/Figures';
import { Swatch } from '../../../kit/paint/Swatch';
import { potNamesOf } from '../../../kit/words/recipeWords';
import { valueWords } from '../../../kit/words/valueWords';
import type { PuddleSeen } from './puddleWork';

export interface PuddleColoursProps {
  seen: PuddleSeen;
  pots: Pot[];
  onPut: (more: DropMore) => void;
}

/** The puddle beside what is wanted and beside the last model, and the one drop that helps most. */
export function PuddleColours({ seen, pots, onPut }: PuddleColoursProps) {
  const { now, wanted, best, lastHex } = seen;
  if (!now) return null;
  const called = nameOf(best?.of, potNamesOf(pots));
  return (
    <section aria-label="How near it is" className="puddle-answer">
      <div className="flow puddle-colours">
        <Colour name="Now" hex={now.colour.hex} />
        <Colour name="Wanted" hex={wanted.hex} />
        {lastHex && <Colour name="On the last model" hex={lastHex} />}
      </div>
      <p role="status">
        {nearWords(now)}
        <Figures>
          {' '}
          ΔE00 {now.error.toFixed(1)}, {Math.round(now.load * 100)} % paint.
        </Figures>
      </p>
      {best && nearWords(best.then) !== nearWords(now) && (
        <div className="flow">
          <p>
            Nearest with one drop more: <b>{called}</b>. Then {nearWords(best.then).toLowerCase()}
          </p>
          <Button variant="outline" onClick={() => onPut({ of: best.of, drops: 1 })}>
            Put it in
          </Button>
        </div>
      )}
    </section>
  );
}

const Colour = ({ name, hex }: { name: string; hex: string }) => (
  <figure>
    <Swatch hex={hex} size="large" />
    <figcaption>{name}</figcaption>
  </figure>
);

function nameOf(of: DropOf | undefined, potName: (potId: string) => string): string {
  if (of === undefined || typeof of === 'string') return of ?? '';
  return potName(of.potId);
}

/** A load this near to the wanted one, as a share of it, is as thin. */
const sameLoad = 0.1;

function nearWords({ error, lighter, load, wantedLoad }: NonNullable<PuddleSeen['now']>): string {
  const off = load / wantedLoad - 1;
  const thin = Math.abs(off) <= sameLoad ? '' : `, ${off > 0 ? 'too thick' : 'too thin'}`;
  const said = error < 1 ? 'as wanted' : `${valueWords(lighter)}, ${differenceWords(error)}`;
  return `${said[0].toUpperCase()}${said.slice(1)}${thin}.`;
}
