import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readWritten } from './readLine';
import { unknownAsNote } from './unknownAsNote';

const beside = { names: new PotNames(saidPots), recipe: { ...saidAbove, steps: [] }, above: [] };
const noted = (sentence: string) =>
  unknownAsNote(sentence, readWritten(sentence, beside, 'x').marks);

test('what is no word of ours goes behind the sentence as a note, and reads without a mark', () => {
  expect(noted('bone, splodged, soft')).toBe('bone, soft, note "splodged"');
  expect(noted('eyes bone')).toBe('bone, note "eyes"');
  for (const sentence of ['bone, splodged, soft', 'eyes bone', 'bone, soft zigzag'])
    expect(readWritten(noted(sentence) ?? '', beside, 'x').marks).toEqual([]);
});

test('what is unclear otherwise, or has a note already, is not put aside', () => {
  expect(noted('bone, line 7')).toBeNull();
  expect(noted('bone, splodged, note "thin"')).toBeNull();
  expect(noted('bone')).toBeNull();
});
