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
const none: readonly Above[] = [];

/** One place of a surface. Its colour is worked out when it is first looked at. */
export class SurfacePlace {
  private seen: SurfaceColour | undefined;
  private above: Above[] | undefined;

  constructor(readonly reflectance: Spectrum) {}

  get colour(): SurfaceColour {
    this.seen ??= surfaceColour(this.reflectance);
    return this.seen;
  }

  /** The place a line makes of this one, as long as it is remembered. */
  under(line: object): SurfacePlace | undefined {
    for (const { by, place } of this.above ?? none) if (by === line) return place;
    return undefined;
  }

  /** Remembers the place a line makes of this one. */
  remember(line: object, place: SurfacePlace): SurfacePlace {
    this.above ??= [];
    if (this.above.length >= mostAbove) this.above.shift();
    this.above.push({ by: line, place });
    return place;
  }
}

/** The colours of some places; worked out once, when first looked at. */
export const coloursOf = (places: readonly SurfacePlace[]): (() => SurfaceColour[]) =>
  once(() => places.map(({ colour }) => colour));
