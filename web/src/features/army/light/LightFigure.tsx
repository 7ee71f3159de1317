import type { PointLight } from '@yellow-ledger/core';
import type { MouseEvent, ReactNode } from 'react';
import { backShapes, frontShapes, type FigureShape } from '../figureShapes';

/** Where the figure stands in its drawing: its middle, its feet, and how high it is, as drawn. */
const middle = 100;
const feet = 296;
const tall = 262;
/** The visible part of the drawing, with room beside the figure for a light. */
const view = { left: -20, top: 0, width: 240, height: 320 };
/** A light that is pressed on stands so far before or behind the figure, figures. */
const out = 0.25;

export interface LightFigureProps {
  at: PointLight['at'];
  hex: string;
  onPlace: (at: PointLight['at']) => void;
}

/** The figure from the front and from behind, with the light where it stands; pressed on, it goes there. */
export function LightFigure({ at, hex, onPlace }: LightFigureProps) {
  const [left, up, front] = at;
  const place = (isBehind: boolean) => (event: MouseEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = view.left + ((event.clientX - box.left) / box.width) * view.width;
    const y = view.top + ((event.clientY - box.top) / box.height) * view.height;
    // From the front its left is on the right.
    const across = ((x - middle) / tall) * (isBehind ? -1 : 1);
    const before = Math.max(out, Math.abs(front)) * (isBehind ? -1 : 1);
    onPlace([hundredth(across), hundredth((feet - y) / tall), hundredth(before)]);
  };
  const mark = (isBehind: boolean) =>
    front >= 0 === isBehind ? null : (
      <circle
        cx={middle + left * tall * (isBehind ? -1 : 1)}
        cy={feet - up * tall}
        r={9}
        fill={hex}
        className="light-mark"
      />
    );
  return (
    <div className="light-figure">
      <LightView label="From the front" shapes={frontShapes} onPress={place(false)}>
        {mark(false)}
      </LightView>
      <LightView label="From behind" shapes={backShapes} onPress={place(true)}>
        {mark(true)}
      </LightView>
      <p className="quiet">
        Press where the light stands, before the figure or behind it; the figures above say the
        same.
      </p>
    </div>
  );
}

interface LightViewProps {
  label: string;
  shapes: readonly FigureShape[];
  onPress: (event: MouseEvent<SVGSVGElement>) => void;
  children: ReactNode;
}

function LightView({ label, shapes, onPress, children }: LightViewProps) {
  const { left, top, width, height } = view;
  return (
    <figure>
      <svg
        viewBox={`${left} ${top} ${width} ${height}`}
        role="img"
        aria-label={label}
        onClick={onPress}
      >
        {shapes.map(({ place, path }) => (
          <path key={place} d={path} />
        ))}
        {children}
      </svg>
      <figcaption>{label}</figcaption>
    </figure>
  );
}

const hundredth = (at: number) => Math.round(at * 100) / 100;
