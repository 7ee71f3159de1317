import { toneStops, type SurfaceColour } from '@yellow-ledger/core';

/** The figures of the surface at the named stops. */
export function PlaceFigures({
  stops,
  surface,
}: {
  stops: readonly number[];
  surface: readonly SurfaceColour[];
}) {
  return (
    <details className="place-figures">
      <summary>Figures at each place</summary>
      <div className="place-figures-scroll" tabIndex={0} role="region" aria-label="Figures">
        <table>
          <thead>
            <tr>
              <th scope="col">Place</th>
              {toneStops.map(({ name }) => (
                <th scope="col" key={name}>
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {(
              [
                ['L*', ({ value }) => value.toFixed(0)],
                ['C', ({ chroma }) => chroma.toFixed(0)],
                ['h', ({ hue }) => `${hue.toFixed(0)}°`],
                ['hex', ({ hex }) => hex],
              ] as [string, (colour: SurfaceColour) => string][]
            ).map(([label, figure]) => (
              <tr key={label}>
                <th scope="row">{label}</th>
                {toneStops.map(({ name, at }) => (
                  <td key={name}>{figure(surface[stops.indexOf(at)])}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
