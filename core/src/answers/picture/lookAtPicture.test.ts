import fc from 'fast-check';
import { jpegBytes, pngBytes, webpBytes } from '../../testing/pictureBytes';
import { bareJpeg } from './bareJpeg';
import { asKeptPicture, filePictureSchema, pictureBytes, pictureHash } from './keptPicture';
import { lookAtPicture, mostPictureBytes, PictureError } from './lookAtPicture';
import { runs } from '../../testing/longTests';

const makers = [
  ['image/jpeg', jpegBytes],
  ['image/png', pngBytes],
  ['image/webp', webpBytes],
] as const;

const sides = fc.record({
  width: fc.integer({ min: 1, max: 7000 }),
  height: fc.integer({ min: 1, max: 7000 }),
});

describe.each(makers)('%s', (type, make) => {
  test('its size, its kind and what it tells are read whatever it is called', () => {
    fc.assert(
      fc.property(sides, fc.boolean(), ({ width, height }, tells) => {
        const looked = lookAtPicture(make({ width, height, tells }), 'helm.svg');
        expect(looked).toEqual({ type, width, height, isWhole: true, tellsMore: tells });
      }),
    );
  });

  test('cut off anywhere it is refused, and never kept', () => {
    expect.hasAssertions();
    const whole = make({ width: 640, height: 480 });
    for (let length = 1; length < whole.length; length++)
      expect(() => lookAtPicture(whole.slice(0, length), 'helm')).toThrow(PictureError);
  });

  test('with more after its end, as phones put there, it is whole', () => {
    const more = Uint8Array.from([...make({ width: 640, height: 480 }), 1, 2, 3, 4]);
    expect(lookAtPicture(more, 'helm').isWhole).toBe(true);
  });

  test('it is not kept with where it was taken in it, nor larger than what is kept', () => {
    expect(() => asKeptPicture(make({ width: 640, height: 480, tells: true }))).toThrow(/where/);
    expect(() => asKeptPicture(make({ width: 2001, height: 480 }))).toThrow(/2000/);
    expect(asKeptPicture(make({ width: 2000, height: 480 }))).toMatchObject({ type, width: 2000 });
  });
});

test('a sound that comes in the same wrapping as a picture is none', () => {
  const sound = webpBytes({ width: 640, height: 480 });
  sound.set(new TextEncoder().encode('WAVE'), 8);
  expect(() => lookAtPicture(sound, 'helm.wav')).toThrow(PictureError);
});

test('of a JPEG what it tells can be taken out, and nothing else', () => {
  fc.assert(
    fc.property(sides, (size) => {
      const bare = bareJpeg(jpegBytes({ ...size, tells: true }));
      expect(lookAtPicture(bare, 'helm')).toEqual({
        type: 'image/jpeg',
        ...size,
        isWhole: true,
        tellsMore: false,
      });
      expect(bareJpeg(bare)).toEqual(bare);
      expect(Buffer.from(bare).includes('52 N')).toBe(false);
    }),
  );
});

test('whatever bytes come, they are a picture or refused in a sentence', () => {
  const beginnings = makers.map(([, make]) => make({ width: 9, height: 9 }));
  const bytes = fc
    .tuple(fc.constantFrom(...beginnings, new Uint8Array()), fc.uint8Array({ maxLength: 80 }))
    .chain(([head, tail]) =>
      fc.nat(head.length).map((at) => Uint8Array.from([...head.slice(0, at), ...tail])),
    );
  fc.assert(
    fc.property(bytes, (each) => {
      try {
        expect(lookAtPicture(each, 'x').isWhole).toBe(true);
      } catch (error) {
        expect(error).toBeInstanceOf(PictureError);
      }
    }),
    { numRuns: runs(500) },
  );
});

test('a drawing with the name of a picture is none', () => {
  const svg = new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg"/>');
  expect(() => lookAtPicture(svg, 'helm.png')).toThrow(
    /helm\.png is none .* JPEG, a PNG or a WebP/,
  );
});

test('sixty million pixels are named and refused before they are unpacked', () => {
  expect(() => lookAtPicture(jpegBytes({ width: 10_000, height: 6000 }), 'wall.jpg')).toThrow(
    'wall.jpg has 10000 × 6000 pixels, 60.0 million; it should have at most 50 million.',
  );
});

test('more than twenty megabytes are refused with their number, and nothing at all too', () => {
  expect(() => lookAtPicture(new Uint8Array(mostPictureBytes + 1), 'long.jpg')).toThrow(/20 MB/);
  expect(() => lookAtPicture(new Uint8Array(), 'none.jpg')).toThrow('none.jpg is empty.');
});

test('the hash is SHA-256, as the standard has it', () => {
  // FIPS 180-4, example of one block.
  expect(pictureHash(new TextEncoder().encode('abc'))).toBe(
    'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad',
  );
});

test('in a file a picture has the bytes its hash was made of', () => {
  const bytes = pngBytes({ width: 3, height: 4 });
  const data = Buffer.from(bytes).toString('base64');
  const hash = pictureHash(bytes);
  expect(filePictureSchema.parse({ hash, data })).toEqual({ hash, data });
  expect(pictureBytes(data)).toEqual(bytes);
  const other = hash.replace(/^./, (digit) => (digit === '0' ? '1' : '0'));
  expect(filePictureSchema.safeParse({ hash: other, data }).success).toBe(false);
  expect(filePictureSchema.safeParse({ hash, data: data.slice(0, -8) }).success).toBe(false);
});
