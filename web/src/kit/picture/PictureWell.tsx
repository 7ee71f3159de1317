import type { Picture, PicturePoint } from './usePicture';
import './picture.scss';

export interface PictureWellProps {
  picture: Pick<Picture, 'canvas' | 'size'>;
  label: string;
  /** where the arrow keys stand */
  at: PicturePoint;
  /** marked places, the place of the keys among them */
  marks: readonly PicturePoint[];
  /** the keys have moved */
  onMove: (point: PicturePoint) => void;
  /** pressed on, or Enter where the keys stand */
  onPress: (point: PicturePoint) => void;
}

const steps: Partial<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The picture itself: pressed on, or walked over with the arrow keys, with Shift ten at a time. */
export function PictureWell({ picture, label, at, marks, onMove, onPress }: PictureWellProps) {
  const { canvas, size } = picture;
  const within = (x: number, y: number): PicturePoint => [
    Math.min((size?.width ?? 1) - 1, Math.max(0, x)),
    Math.min((size?.height ?? 1) - 1, Math.max(0, y)),
  ];
  return (
    <div className="picture-well" hidden={!size}>
      <canvas
        ref={canvas}
        tabIndex={0}
        role="application"
        aria-label={label}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          const scale = event.currentTarget.width / box.width;
          onPress(
            within(
              Math.floor((event.clientX - box.left) * scale),
              Math.floor((event.clientY - box.top) * scale),
            ),
          );
        }}
        onKeyDown={(event) => {
          const step = steps[event.key];
          if (!step && event.key !== 'Enter') return;
          event.preventDefault();
          if (!step) return onPress(at);
          const by = event.shiftKey ? 10 : 1;
          onMove(within(at[0] + by * step[0], at[1] + by * step[1]));
        }}
      />
      {size &&
        marks.map(([x, y], index) => (
          <span
            key={index}
            className="picture-mark"
            style={{
              left: `${((x + 0.5) / size.width) * 100}%`,
              top: `${((y + 0.5) / size.height) * 100}%`,
            }}
          />
        ))}
    </div>
  );
}
