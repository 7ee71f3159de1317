import { Swatch } from '../paint/Swatch';

/** A colour with its name beside it. */
export function PotWords({ hex, name }: { hex: string | undefined; name: string }) {
  return (
    <>
      {hex && <Swatch hex={hex} />} <span dir="auto">{name}</span>
    </>
  );
}
