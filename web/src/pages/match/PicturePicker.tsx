import { meanHex } from '@yellow-ledger/core';
import { useRef, useState } from 'react';
import '../../parts/picture.scss';

const widest = 560;
/** Half the side of the patch that is averaged, pixels: one pixel alone is mostly noise. */
const reach = 2;

/** A colour out of a picture: pressed on, or walked to with the arrow keys. The picture stays here. */
export function PicturePicker({ onHex }: { onHex: (hex: string) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [at, setAt] = useState<[number, number]>([0, 0]);
  const [problem, setProblem] = useState<string | null>(null);

  const open = async (file: File) => {
    setProblem(null);
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
      pick(Math.floor(width / 2), Math.floor(height / 2), { width, height });
    } catch {
      setSize(null);
      setProblem(`${file.name} is no picture this browser can read: use a PNG, a JPEG or a WebP.`);
    }
  };

  const pick = (x: number, y: number, within = size) => {
    const context = canvas.current?.getContext('2d', { willReadFrequently: true });
    if (!within || !context) return;
    const column = Math.min(within.width - 1, Math.max(0, x));
    const row = Math.min(within.height - 1, Math.max(0, y));
    setAt([column, row]);
    const left = Math.max(0, column - reach);
    const top = Math.max(0, row - reach);
    const right = Math.min(within.width, column + reach + 1);
    const bottom = Math.min(within.height, row + reach + 1);
    onHex(meanHex(context.getImageData(left, top, right - left, bottom - top).data));
  };

  return (
    <div className="picture-picker">
      <label>
        Picture{' '}
        <input
          type="file"
          accept="image/*"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void open(file);
          }}
        />
      </label>
      {problem && (
        <p className="field-error" role="alert">
          {problem}
        </p>
      )}
      <div className="picture-well" hidden={!size}>
        <canvas
          ref={canvas}
          tabIndex={0}
          role="application"
          aria-label="The picture: arrow keys move to a colour, with Shift ten at a time"
          onClick={(event) => {
            const box = event.currentTarget.getBoundingClientRect();
            const scale = event.currentTarget.width / box.width;
            pick(
              Math.floor((event.clientX - box.left) * scale),
              Math.floor((event.clientY - box.top) * scale),
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
            if (!move) return;
            event.preventDefault();
            pick(at[0] + move[0], at[1] + move[1]);
          }}
        />
        {size && (
          <span
            className="picture-mark"
            style={{
              left: `${((at[0] + 0.5) / size.width) * 100}%`,
              top: `${((at[1] + 0.5) / size.height) * 100}%`,
            }}
          />
        )}
      </div>
      {size && (
        <p>
          A photo shows the light it was taken in: for a true colour let a grey card stand in the
          picture, and do not trust deep shade.
        </p>
      )}
    </div>
  );
}
