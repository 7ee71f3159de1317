import { colourInWords, toneStops, type SurfaceColour } from '@yellow-ledger/core';
import { memo } from 'react';
import './ribbon.scss';

export interface RibbonProps {
  /** places on the tone axis, 0–1, rising */
  stops: readonly number[];
  /** what it shows, for who cannot see it */
  label: string;
  /** the colour at each stop; its figures are told on pointing at a place */
  surface?: readonly SurfaceColour[];
  /** the colours alone, where nothing else is known of them */
  hexes?: readonly string[];
  isEstimate?: boolean;
  /** pixels, or as the style has it */
  height?: number | string;
}

/** The surface from pit to point, on neutral grey. */
export const Ribbon = memo(function Ribbon(props: RibbonProps) {
  const { stops, label, surface, isEstimate = false, height = 26 } = props;
  const hexes = props.hexes ?? surface?.map(({ hex }) => hex) ?? [];
  const gradient = hexes.map((hex, i) => `${hex} ${(stops[i] * 100).toFixed(1)}%`).join(', ');
  return (
    <div
      className="ribbon-well"
      // While nothing is known of it yet, there is nothing to be told of it.
      {...(hexes.length > 0 && {
        role: 'img',
        'aria-label': `${label}${isEstimate ? ', estimated' : ''}: ${colourWords(hexes)}`,
      })}
    >
      <div className="ribbon" style={{ height, background: `linear-gradient(90deg, ${gradient})` }}>
        {surface &&
          toneStops.map(({ name, at }, index) => {
            const before = toneStops[index - 1]?.at ?? -at;
            const after = toneStops[index + 1]?.at ?? 2 - at;
            const left = Math.max(0, (before + at) / 2);
            const width = Math.min(1, (after + at) / 2) - left;
            return (
              <span
                key={name}
                className="ribbon-place"
                style={{ left: `${left * 100}%`, width: `${width * 100}%` }}
                title={`${name}: ${figuresOf(surface[stops.indexOf(at)])}`}
              />
            );
          })}
      </div>
    </div>
  );
});

/** The colours from pit to point, each word once. */
function colourWords(hexes: readonly string[]): string {
  const places = [hexes[0], hexes[Math.floor(hexes.length / 2)], hexes[hexes.length - 1]];
  return [...new Set(places.map(colourInWords))].join(', ');
}

/** @example 'L* 62, C 48, h 84°, #b08d33' */
export function figuresOf({ value, chroma, hue, hex }: SurfaceColour): string {
  return `L* ${value.toFixed(0)}, C ${chroma.toFixed(0)}, h ${hue.toFixed(0)}°, ${hex}`;
}
