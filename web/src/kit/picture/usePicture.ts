import { useRef, useState } from 'react';

/** A place in a picture, pixels from its upper left corner. */
export type PicturePoint = readonly [x: number, y: number];

const widest = 560;

/** A picture somebody chose, drawn where its pixels can be read. It never leaves the page. */
export function usePicture() {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const context = () => canvas.current?.getContext('2d', { willReadFrequently: true });

  /** @returns the middle of the picture; null where it is none */
  const open = async (file: File): Promise<PicturePoint | null> => {
    setProblem(null);
    try {
      const bitmap = await createImageBitmap(file);
      const scale = Math.min(1, widest / bitmap.width);
      const width = Math.max(1, Math.round(bitmap.width * scale));
      const height = Math.max(1, Math.round(bitmap.height * scale));
      const sheet = canvas.current;
      if (!sheet) return null;
      sheet.width = width;
      sheet.height = height;
      context()?.drawImage(bitmap, 0, 0, width, height);
      setSize({ width, height });
      return [Math.floor(width / 2), Math.floor(height / 2)];
    } catch {
      setSize(null);
      setProblem(`${file.name} is no picture this browser can read: use a PNG, a JPEG or a WebP.`);
      return null;
    }
  };

  /** RGBA bytes of the square around a point, as far as it lies in the picture. */
  const pixelsAt = ([x, y]: PicturePoint, half: number): Uint8ClampedArray => {
    const sheet = canvas.current;
    const at = context();
    if (!at || !sheet) return new Uint8ClampedArray();
    const left = Math.max(0, x - half);
    const top = Math.max(0, y - half);
    const right = Math.min(sheet.width, x + half + 1);
    const bottom = Math.min(sheet.height, y + half + 1);
    return at.getImageData(left, top, right - left, bottom - top).data;
  };

  return { canvas, size, problem, open, pixelsAt };
}

export type Picture = ReturnType<typeof usePicture>;
