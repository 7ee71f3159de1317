import { useEffect, useRef } from 'react';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { FormPictureAsked } from '../../workers/shared/formWork';
import './formCanvas.scss';

export interface FormCanvasProps {
  picture: FormPictureAsked;
  label: string;
}

/** A form painted and lit, drawn in the worker, on neutral grey. */
export function FormCanvas({ picture, label }: FormCanvasProps) {
  const { size } = picture;
  const { answer } = useAnswer(ofShelf, [JSON.stringify(picture)], (worker) =>
    worker.drawForm(picture),
  );
  return (
    <span className="form-well" role="img" aria-label={label}>
      <Pixels pixels={answer?.length === size * size * 4 ? answer : null} size={size} />
    </span>
  );
}

/** A picture from its pixels. */
export function Pixels({
  pixels,
  size,
}: {
  pixels: Uint8ClampedArray<ArrayBuffer> | null;
  size: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!pixels) return;
    const context = canvas.current?.getContext('2d');
    if (context) context.putImageData(new ImageData(pixels, size, size), 0, 0);
  }, [pixels, size]);
  return <canvas ref={canvas} width={size} height={size} aria-hidden="true" />;
}
