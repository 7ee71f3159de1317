import { PhotoError, readPhoto, usualGreyValue, type Lab } from '@yellow-ledger/core';
import { useRef, useState } from 'react';
import '../../../parts/picture.scss';

const widest = 560;
/** Half the side of what is taken, pixels. */
const reach = { patch: 6, spot: 3 };

type Point = [number, number];

/** A colour from a photo: first the grey patch is marked, then the spot. The photo stays here. */
export function PhotoReader({ onLab }: { onLab: (lab: Lab | null) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [marks, setMarks] = useState<{ patch: Point | null; spot: Point | null }>({
    patch: null,
    spot: null,
  });
  const [at, setAt] = useState<Point>([0, 0]);
  const [grey, setGrey] = useState(String(usualGreyValue));
  const [problem, setProblem] = useState<string | null>(null);
  const marking = marks.patch === null ? 'patch' : 'spot';

  const open = async (file: File) => {
    setProblem(null);
    onLab(null);
    try {
      const bitmap = await createImageBitmap(file);
      const scale = Math.min(1, widest / bitmap.width);
      const width = Math.max(1, Math.round(bitmap.width * scale));
      const height = Math.max(1, Math.round(bitmap.height * scale));
      const sheet = canvas.current;
      if (!sheet) return;
      sheet.width = width;
      sheet.height = height;
      sheet.getContext('2d', { willReadFrequently: true })?.drawImage(bitmap, 0, 0, width, height);
      setSize({ width, height });
      setMarks({ patch: null, spot: null });
      setAt([Math.floor(width / 2), Math.floor(height / 2)]);
    } catch {
      setSize(null);
      setProblem(`${file.name} is no picture this browser can read: use a PNG, a JPEG or a WebP.`);
    }
  };

  const pixelsAt = ([x, y]: Point, half: number) => {
    const context = canvas.current?.getContext('2d', { willReadFrequently: true });
    if (!context || !size) return new Uint8ClampedArray();
    const left = Math.max(0, x - half);
    const top = Math.max(0, y - half);
    const right = Math.min(size.width, x + half + 1);
    const bottom = Math.min(size.height, y + half + 1);
    return context.getImageData(left, top, right - left, bottom - top).data;
  };

  const mark = (point: Point) => {
    const next = { ...marks, [marking]: point };
    setAt(point);
    setProblem(null);
    try {
      const patch = pixelsAt(next.patch ?? point, reach.patch);
      const value = Number(grey);
      if (!(value >= 10 && value <= 95))
        throw new PhotoError(
          `The grey patch has L* ${grey || 'empty'}; it should be from 10 to 95, as printed on it.`,
        );
      const lab = readPhoto(patch, pixelsAt(next.spot ?? point, reach.spot), value);
      setMarks(next);
      onLab(marking === 'spot' ? lab : null);
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setProblem(error.message);
    }
  };

  const within = (x: number, y: number): Point => [
    Math.min((size?.width ?? 1) - 1, Math.max(0, x)),
    Math.min((size?.height ?? 1) - 1, Math.max(0, y)),
  ];

  return (
    <div className="picture-picker">
      <div className="leaf-choices">
        <label>
          Photo{' '}
          <input
            type="file"
            accept="image/*"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void open(file);
            }}
          />
        </label>
        <label>
          L* of the grey patch{' '}
          <input
            className="form-control form-control-sm"
            inputMode="decimal"
            value={grey}
            onChange={(event) => setGrey(event.target.value)}
          />
        </label>
      </div>
      {problem && (
        <p className="field-error" role="alert">
          {problem}
        </p>
      )}
      {size && (
        <p role="status">
          {marking === 'patch'
            ? 'Mark the grey patch: press on it, or walk there with the arrow keys and press Enter.'
            : 'Now mark the spot that is to be read.'}{' '}
          {marks.patch && (
            <button
              type="button"
              className="plain-button"
              onClick={() => {
                setMarks({ patch: null, spot: null });
                onLab(null);
              }}
            >
              Mark the patch again
            </button>
          )}
        </p>
      )}
      <div className="picture-well" hidden={!size}>
        <canvas
          ref={canvas}
          tabIndex={0}
          role="application"
          aria-label="The photo: arrow keys move, with Shift ten at a time, Enter marks"
          onClick={(event) => {
            const box = event.currentTarget.getBoundingClientRect();
            const scale = event.currentTarget.width / box.width;
            mark(
              within(
                Math.floor((event.clientX - box.left) * scale),
                Math.floor((event.clientY - box.top) * scale),
              ),
            );
          }}
          onKeyDown={(event) => {
            const by = event.shiftKey ? 10 : 1;
            const move = {
              ArrowLeft: [-by, 0],
              ArrowRight: [by, 0],
              ArrowUp: [0, -by],
              ArrowDown: [0, by],
            }[event.key];
            if (!move && event.key !== 'Enter') return;
            event.preventDefault();
            if (move) setAt(within(at[0] + move[0], at[1] + move[1]));
            else mark(at);
          }}
        />
        {size &&
          [at, marks.patch].map(
            (point, index) =>
              point && (
                <span
                  key={index}
                  className="picture-mark"
                  style={{
                    left: `${((point[0] + 0.5) / size.width) * 100}%`,
                    top: `${((point[1] + 0.5) / size.height) * 100}%`,
                  }}
                />
              ),
          )}
      </div>
    </div>
  );
}
