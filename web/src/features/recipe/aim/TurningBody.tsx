import { sideWords, type AimSide } from '@yellow-ledger/core';
import { useRef, useState, type PointerEvent } from 'react';

type Point = readonly [number, number, number];

interface Face {
  side: AimSide;
  normal: Point;
  corners: readonly Point[];
}

/** A body as wide as deep and half as high again: its six sides, in the figure's own frame. */
const high = 1.3;
const faces: readonly Face[] = [
  { side: 'front', normal: [0, 0, 1], corners: corners(([a, b]) => [a, b * high, 1]) },
  { side: 'back', normal: [0, 0, -1], corners: corners(([a, b]) => [-a, b * high, -1]) },
  { side: 'left', normal: [1, 0, 0], corners: corners(([a, b]) => [1, b * high, -a]) },
  { side: 'right', normal: [-1, 0, 0], corners: corners(([a, b]) => [-1, b * high, a]) },
  { side: 'up', normal: [0, 1, 0], corners: corners(([a, b]) => [a, high, -b]) },
  { side: 'down', normal: [0, -1, 0], corners: corners(([a, b]) => [a, -high, b]) },
];

function corners(at: (corner: readonly [number, number]) => Point): Point[] {
  return (
    [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ] as const
  ).map(at);
}

/** How the body is turned, degrees: about its height, and towards the eye. */
interface Turn {
  about: number;
  over: number;
}

const usualTurn: Turn = { about: -32, over: 24 };
/** Turned so, a side is seen. */
const turnFor: Partial<Record<AimSide, Turn>> = {
  back: { about: 148, over: 24 },
  right: { about: 40, over: 24 },
  down: { about: -32, over: -30 },
};

export interface TurningBodyProps {
  side: AimSide | undefined;
  onSide: (side: AimSide) => void;
}

/**
 * A small body seen from in front, turned by dragging: a press on one of its sides aims there. The
 * choice beside it says the same in words, for keys and for who does not see it.
 */
export function TurningBody({ side, onSide }: TurningBodyProps) {
  const [dragged, setDragged] = useState<Turn | null>(null);
  const hold = useRef<{ x: number; y: number; from: Turn; hasMoved: boolean } | null>(null);
  const turn = dragged ?? (side && turnFor[side]) ?? usualTurn;
  const seen = faces
    .map((face) => ({ ...face, depth: turned(face.normal, turn)[2] }))
    .filter(({ depth }) => depth > 0.05);
  const drag = (event: PointerEvent) => {
    const held = hold.current;
    if (!held) return;
    const [dx, dy] = [event.clientX - held.x, event.clientY - held.y];
    if (Math.hypot(dx, dy) < 4) return;
    held.hasMoved = true;
    setDragged({
      about: held.from.about + dx * 1.5,
      over: Math.min(70, Math.max(-70, held.from.over + dy * 1.5)),
    });
  };
  const press = (at: AimSide) => {
    const wasTurned = hold.current?.hasMoved;
    hold.current = null;
    if (!wasTurned) onSide(at);
  };
  return (
    <svg
      className="turning-body"
      width="76"
      height="84"
      viewBox="-2.2 -2.4 4.4 4.8"
      aria-hidden="true"
      onPointerDown={(event) => {
        hold.current = { x: event.clientX, y: event.clientY, from: turn, hasMoved: false };
      }}
      onPointerMove={drag}
      onPointerLeave={() => (hold.current = null)}
    >
      {seen.map((face) => (
        <g key={face.side} onPointerUp={() => press(face.side)}>
          <title>{sideWords(face.side).label}</title>
          <polygon
            points={face.corners.map((corner) => flat(turned(corner, turn))).join(' ')}
            className={face.side === side ? 'body-side body-side-chosen' : 'body-side'}
          />
          <text {...middleOf(face, turn)} className="body-name">
            {sideWords(face.side).name.replace('its ', '')}
          </text>
        </g>
      ))}
    </svg>
  );
}

function turned([x, y, z]: Point, { about, over }: Turn): Point {
  const [a, o] = [(about * Math.PI) / 180, (over * Math.PI) / 180];
  const right = x * Math.cos(a) + z * Math.sin(a);
  const near = z * Math.cos(a) - x * Math.sin(a);
  return [right, y * Math.cos(o) - near * Math.sin(o), y * Math.sin(o) + near * Math.cos(o)];
}

const flat = ([x, y]: Point) => `${x.toFixed(2)},${(-y).toFixed(2)}`;

function middleOf({ corners: around }: Face, turn: Turn): { x: number; y: number } {
  const all = around.map((corner) => turned(corner, turn));
  const mean = (axis: 0 | 1) => all.reduce((sum, point) => sum + point[axis] / 4, 0);
  return { x: mean(0), y: -mean(1) };
}
