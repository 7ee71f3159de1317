import type { Pot } from '../../written/pot/pot';
import { forms, type FormName } from '../../written/place/forms';
import { pots, shelf } from '../../testing/sampleRecipe';
import { addSpots } from './addSpots';
import type { DraftLine, DraftLines } from './draftLines';
import type { Tones } from './tones';

function spotsOf(part: Partial<Tones> = {}, form: FormName = 'face') {
  const made: DraftLine[] = [];
  const tones = {
    glazeThinning: { waterParts: 1.5, mediumParts: 0.5 },
    layerThinning: { waterParts: 1, mediumParts: 0 },
    darkPot: pots.brown,
    lightPot: pots.white,
    isWash: false,
    ...part,
  } as unknown as Tones;
  const lines = { add: (line: DraftLine) => made.push(line) } as unknown as DraftLines;
  const spots = addSpots(tones, lines, form, shelf);
  return { made, spots, tones };
}
const usedBy = ({ parts }: DraftLine) =>
  parts.map((part) => (part.from === 'pot' ? part.potId : '')).join();

test('spots of a face are glazed four times as thin as the other glazes', () => {
  const glazes = spotsOf().made.filter(({ technique }) => technique === 'placedGlaze');
  expect(glazes.length).toBeGreaterThan(0);
  for (const { thinning } of glazes) expect(thinning).toEqual({ waterParts: 6, mediumParts: 2 });
});

test('a glint is a point of the light pot, thinned as a layer is', () => {
  const [glint] = spotsOf({}, 'orb').made.filter(({ technique }) => technique === 'point');
  expect(usedBy(glint)).toBe(pots.white.id);
  expect(glint.thinning).toEqual({ waterParts: 1, mediumParts: 0 });
});

test('each line is aimed at a spot of its own, with the share the form gives it', () => {
  const { made, spots } = spotsOf();
  expect(made.map(({ placement }) => placement?.aim?.spot)).toEqual(spots.map(({ id }) => id));
  expect(new Set(spots.map(({ id }) => id)).size).toBe(spots.length);
  for (const { share } of spots) expect(share).toBeGreaterThan(0);
});

test('what is shaded by a wash already is not darkened by a spot', () => {
  const asked = (forms.face.spots ?? []).filter(({ asks }) => asks === 'dark');
  const dark = (isWash: boolean) =>
    spotsOf({ isWash } as Partial<Tones>).made.filter((line) => usedBy(line) === pots.brown.id);
  expect(dark(false)).toHaveLength(asked.length);
  expect(dark(true)).toHaveLength(0);
});

test('without a red on the shelf nothing is reddened', () => {
  const { made, spots } = spotsOf();
  const grey = new Map<string, Pot>([[pots.white.id, pots.white]]);
  const lines: DraftLine[] = [];
  const without = addSpots(
    { ...spotsOf().tones },
    { add: (line: DraftLine) => lines.push(line) } as unknown as DraftLines,
    'face',
    grey as never,
  );
  const warm = (forms.face.spots ?? []).filter(({ asks }) => asks === 'warm').length;
  expect(spots.length - without.length).toBe(warm);
  expect(made.length - lines.length).toBe(warm);
});
