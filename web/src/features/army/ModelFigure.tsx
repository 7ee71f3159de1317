import {
  colourOfLab,
  figurePlaces,
  surfacesAt,
  type FigurePlace,
  type SurfaceColour,
  type UnitSurface,
} from '@yellow-ledger/core';
import { backShapes, frontShapes, type FigureShape } from './figureShapes';

export interface ModelFigureProps {
  surfaces: readonly UnitSurface[];
  /** what each surface reads as at arm's length, by its id */
  reads: Readonly<Record<string, SurfaceColour>>;
}

/** A model seen from the front and from behind, in colour and in greys: what carries to arm's length. */
export function ModelFigure({ surfaces, reads }: ModelFigureProps) {
  const at = surfacesAt(surfaces);
  const seen = [...at].map(([place, { name }]) => `${figurePlaces[place].says}: ${name}`);
  return (
    <div className="model-figure" role="img" aria-label={`The model. ${seen.join('; ')}`}>
      {(['in colour', 'in greys'] as const).map((way) => (
        <figure key={way}>
          <FigureView shapes={frontShapes} fill={(place) => fillOf(place, way)} />
          <FigureView shapes={backShapes} fill={(place) => fillOf(place, way)} />
          <figcaption>{way}</figcaption>
        </figure>
      ))}
    </div>
  );

  /** The colour of a place; null where nothing lies. */
  function fillOf(place: FigurePlace, way: 'in colour' | 'in greys'): string | null {
    const surface = at.get(place);
    const colour = surface && reads[surface.id];
    if (!colour) return null;
    return way === 'in colour' ? colour.hex : colourOfLab(colour.value, 0, 0).hex;
  }
}

function FigureView({
  shapes,
  fill,
}: {
  shapes: readonly FigureShape[];
  fill: (place: FigurePlace) => string | null;
}) {
  return (
    <svg viewBox="24 10 152 306" aria-hidden="true">
      {shapes.map(({ place, path }) => {
        const colour = fill(place);
        // A part that no variant has is left out where something lies below it, else drawn as an outline.
        if (!colour && (place === 'mantle' || place === 'weapon' || place === 'held')) return null;
        return <path key={place} d={path} fill={colour ?? 'none'} />;
      })}
    </svg>
  );
}
