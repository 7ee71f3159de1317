import { PotNames, textSteps, type Recipe } from '@yellow-ledger/core';
import { coat, pots } from '../../../testing/levy';
import { named, proposalsFrom, readProposals, stepsOf, unknownPots } from './proposals';

const names = new PotNames([
  { ...pots[0], id: 'ochre', name: 'Ditch Ochre' },
  { ...pots[0], id: 'bone', name: 'Old Bone' },
]);
const recipe: Recipe = { ...coat, steps: [] };
const beside = { names, recipe, above: [] };
const from = (text: string) => proposalsFrom(textSteps(text), beside);

test('prose is left out, and words that are no words of ours become a note', () => {
  const proposals = from('A rainy Sunday it was\nbase ochre, sploshed');
  expect(proposals.map(({ isIn }) => isIn)).toEqual([false, true]);
  expect(proposals[1].sentence).toBe('base ochre, note "sploshed"');
});

test('a pot that is not there is asked for, and not passed over as a note', () => {
  const proposals = from('wash frog teal 1:1 medium recesses\n2 Frog Teal + 1 bone');
  const read = readProposals(proposals, beside);
  expect(unknownPots(read)).toEqual(['frog teal']);
  const put = named(proposals, read, 'frog teal', 'Old Bone');
  expect(put.map(({ sentence }) => sentence)).toEqual([
    'wash Old Bone 1:1 medium recesses',
    '2 Old Bone + 1 bone',
  ]);
});

test('a line that is taken out is not counted by those below it', () => {
  const proposals = from('base ochre\nline 1 + bone');
  const [, without] = readProposals(
    proposals.map((each, index) => ({ ...each, isIn: index === 1 })),
    beside,
  );
  expect(without.reading.marks).toHaveLength(1);
});

test('lines go in with identifiers of their own, and carry each other forward by them', () => {
  const steps = stepsOf(readProposals(from('base ochre\nline 1 + bone, repairs line 1'), beside));
  expect(steps[1].mix.parts[0]).toMatchObject({ from: 'step', stepId: steps[0].id });
  expect(steps[1].restores).toBe(steps[0].id);
  expect(steps.every(({ id }) => !id.startsWith('text'))).toBe(true);
});
