import { toneStops, type SurfaceColour } from '@yellow-ledger/core';
import { FigureTable } from '../../../kit/FigureTable';
import { Disclosure } from '../../../kit/Disclosure';

const figures: [string, (colour: SurfaceColour) => string][] = [
  ['L*', ({ value }) => value.toFixed(0)],
  ['C', ({ chroma }) => chroma.toFixed(0)],
  ['h', ({ hue }) => `${hue.toFixed(0)}°`],
  ['hex', ({ hex }) => hex],
];

/** The figures of the surface at the named stops. */
export function PlaceFigures({
  stops,
  surface,
}: {
  stops: readonly number[];
  surface: readonly SurfaceColour[];
}) {
  return (
    <Disclosure title="Numbers at each place">
      <FigureTable
        label="Figures"
        heads={['Place', ...toneStops.map(({ name }) => name)]}
        rows={figures.map(([label, figure]) => [
          label,
          ...toneStops.map(({ at }) => figure(surface[stops.indexOf(at)])),
        ])}
      />
    </Disclosure>
  );
}
