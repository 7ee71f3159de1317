import type { Page } from '@playwright/test';

/** Pictures as they come from a camera, made in the browser that is tried. */

/** A grey ball under a lamp on the left, before a brown sheet, as a JPEG. */
export async function ballUnderLamp(page: Page, width = 900, height = 600): Promise<Buffer> {
  const data = await page.evaluate(
    ([wide, high]) => {
      const canvas = document.createElement('canvas');
      canvas.width = wide;
      canvas.height = high;
      const context = canvas.getContext('2d');
      if (!context) throw new Error('no canvas');
      context.fillStyle = '#5b4a3a';
      context.fillRect(0, 0, wide, high);
      const radius = high * 0.38;
      const light = context.createRadialGradient(
        wide / 2 - radius / 2,
        high / 2,
        radius / 10,
        wide / 2,
        high / 2,
        radius,
      );
      light.addColorStop(0, '#f4f4f4');
      light.addColorStop(1, '#1c1c1c');
      context.fillStyle = light;
      context.arc(wide / 2, high / 2, radius, 0, 2 * Math.PI);
      context.fill();
      return canvas.toDataURL('image/jpeg', 0.9).split(',')[1];
    },
    [width, height],
  );
  return Buffer.from(data, 'base64');
}

const secretPlace = 'N 52 30 12';

/** The same held upright: stored lying on its side, with where it was taken and which way up it is. */
export function asFromPhone(jpeg: Buffer): Buffer {
  // Exif, TIFF of the most significant byte first: one field, orientation 6 (turn it to the right).
  const exif = Buffer.concat([
    Buffer.from('Exif\0\0MM\0\x2a', 'latin1'),
    Buffer.from([0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0]),
    Buffer.from(secretPlace),
  ]);
  const head = Buffer.from([0xff, 0xe1, (exif.length + 2) >> 8, (exif.length + 2) & 0xff]);
  return Buffer.concat([jpeg.subarray(0, 2), head, exif, jpeg.subarray(2)]);
}

export const tellsThePlace = (bytes: Buffer): boolean =>
  bytes.includes(secretPlace) || bytes.includes('Exif');

/** A PNG that says it has so many pixels; only its head is there. */
export function hugePng(width: number, height: number): Buffer {
  const bytes = Buffer.alloc(64);
  bytes.write('\x89PNG\r\n\x1a\n', 0, 'latin1');
  bytes.writeUInt32BE(13, 8);
  bytes.write('IHDR', 12);
  bytes.writeUInt32BE(width, 16);
  bytes.writeUInt32BE(height, 20);
  return bytes;
}

/** A stroke of paint on white paper under a warm lamp, as a PNG of 600 × 400. */
export async function strokeUnderWarmLamp(page: Page, strokeHex: string): Promise<Buffer> {
  const data = await page.evaluate((hex) => {
    const canvas = document.createElement('canvas');
    canvas.width = 600;
    canvas.height = 400;
    const context = canvas.getContext('2d');
    if (!context) throw new Error('no canvas');
    const lamp = [0.95, 0.75, 0.5];
    const linear = (each: number) =>
      each <= 0.04045 ? each / 12.92 : ((each + 0.055) / 1.055) ** 2.4;
    const encoded = (each: number) =>
      each <= 0.0031308 ? 12.92 * each : 1.055 * each ** (1 / 2.4) - 0.055;
    const lit = (surface: string) => {
      const bytes = [1, 3, 5].map((at) => parseInt(surface.slice(at, at + 2), 16) / 255);
      const seen = bytes.map((each, at) => Math.round(255 * encoded(linear(each) * lamp[at])));
      return `rgb(${seen.join(' ')})`;
    };
    context.fillStyle = lit('#3a322b');
    context.fillRect(0, 0, 600, 400);
    context.fillStyle = lit('#f1f1f1');
    context.fillRect(60, 40, 480, 320);
    context.fillStyle = lit(hex);
    context.fillRect(200, 150, 200, 100);
    return canvas.toDataURL('image/png').split(',')[1];
  }, strokeHex);
  return Buffer.from(data, 'base64');
}
