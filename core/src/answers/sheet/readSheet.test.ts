import type { Pixels } from '../picture/pixels';
import { findSheet } from './findSheet';
import { practicePots } from './practicePots';
import { practiceSheet } from './practiceSheet';
import { openSheet, readSheet } from './readSheet';
import { fieldBox, fieldCount, type Box } from './sheetLayout';

const seed = 31;
const pots = practicePots(seed, 0);
const picture = practiceSheet({ pots, faults: [], seed, longest: 900 });
const { toPicture } = findSheet(picture);

/** A picture with the light of one field changed. */
function changedAt(number: number, box: Box, change: (byte: number, x: number) => number): Pixels {
  const data = picture.data.slice();
  const field = fieldBox(number);
  const seen = new Set<number>();
  for (let down = 0; down <= 120; down++)
    for (let across = 0; across <= 120; across++) {
      const share = across / 120;
      const at = toPicture({
        x: field.x + box.x + box.width * share,
        y: field.y + box.y + (box.height * down) / 120,
      });
      const pixel = (Math.round(at.y) * picture.width + Math.round(at.x)) * 4;
      if (seen.has(pixel)) continue;
      seen.add(pixel);
      for (let i = 0; i < 3; i++) data[pixel + i] = change(data[pixel + i], share);
    }
  return { ...picture, data };
}

const whole = (number: number): Box => {
  const { width, height } = fieldBox(number);
  return { x: 0, y: 0, width, height };
};

test('a field read by itself is the same as among all', () => {
  const all = readSheet(picture);
  const read = openSheet(picture);
  expect(all.map(({ number }) => number)).toEqual(
    Array.from({ length: fieldCount }, (_, index) => index + 1),
  );
  for (const number of [1, 17, fieldCount]) expect(read(number)).toEqual(all[number - 1]);
});

test('an empty sheet is all empty fields', () => {
  const bare = practiceSheet({ pots: pots.map(() => null), faults: [], seed, longest: 900 });
  expect(readSheet(bare).map(({ is, pot }) => [is, pot])).toEqual(pots.map(() => ['empty', null]));
});

test('a field that is burnt out is unsure, says so, and changes nothing beside it', () => {
  const before = openSheet(picture);
  const read = openSheet(changedAt(20, whole(20), () => 255));
  expect(read(20)).toMatchObject({
    is: 'unsure',
    because: expect.stringMatching(/burnt out|glare/),
  });
  for (const number of [19, 21]) expect(read(number)).toEqual(before(number));
});

test('the edge of a shadow across a field is told', () => {
  const read = openSheet(changedAt(33, whole(33), (byte, x) => (x > 0.5 ? byte * 0.6 : byte)));
  expect(read(33)).toMatchObject({ is: 'unsure', because: expect.stringMatching(/shadow|glare/) });
});

test('a veil of glare over a field is told', () => {
  const read = openSheet(changedAt(41, whole(41), (byte) => Math.min(250, byte + 60)));
  expect(read(41)).toMatchObject({ is: 'unsure', because: expect.stringMatching(/glare|burnt/) });
});
