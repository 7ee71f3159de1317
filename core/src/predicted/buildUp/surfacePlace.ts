import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { once } from '../../written/record/once';

/** The place one line made of another. */
interface Above {
  by: object;
  place: SurfacePlace;
}

/** Aspects share places, and a line goes on in few ways; older results are forgotten. */
const mostAbove = 6;

/** One place of a surface. Its colour is worked out when it is first looked at. */
export class SurfacePlace {
  private seen: SurfaceColour | undefined;
  private above: Above[] = [];

  constructor(readonly reflectance: Spectrum) {}

  get colour(): SurfaceColour {
    this.seen ??= surfaceColour(this.reflectance);
    return this.seen;
  }

  /** The place a line makes of this one; worked out once for each line as long as it is remembered. */
  under(line: object, lay: () => SurfacePlace): SurfacePlace {
    for (const { by, place } of this.above) if (by === line) return place;
    const place = lay();
    if (this.above.length >= mostAbove) this.above.shift();
    this.above.push({ by: line, place });
    return place;
  }
}

/** The colours of some places; worked out once, when first looked at. */
export const coloursOf = (places: readonly SurfacePlace[]): (() => SurfaceColour[]) =>
  once(() => places.map(({ colour }) => colour));
