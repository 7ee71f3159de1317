import { isSameContent, PotNames, readLine, type Step } from '@yellow-ledger/core';
import { reedBlade } from './recipes/reedBlade';
import { samplePots } from './samplePots';

/** The blade as somebody says it who knows the words, a sentence a line. */
const sentences = [
  'base dusk water + coot half and half, ½ water, 2 coats',
  'layer dusk water 1:1, 2 coats, tone 0.22 to 1, soft 0.14',
  'dusk water + kingfisher 1:1, 1 water, 2 coats, tone 0.42 to 1, soft 0.14',
  'highlight kingfisher + frost pool, 1½ water, 2 coats, tone 0.62 to 1, soft',
  'frost pool + gull white, 1½ water, 2 coats, crown up, soft 0.1',
  'edges gull white 1:1, from table',
  'detail: coot ½ water, lining, from field, note "Where the blade meets the grip."',
  'glaze dusk water 1:8 ×2 underside',
];

const names = new PotNames(samplePots);

test('an eight-line blade is eight sentences, read as the sample has it', () => {
  const steps: Step[] = [];
  for (const [index, sentence] of sentences.entries()) {
    const { step, marks } = readLine(
      sentence,
      { names, recipe: reedBlade, above: steps },
      `l${index}`,
    );
    expect({ sentence, marks }).toEqual({ sentence, marks: [] });
    if (step) steps.push(step);
  }
  expect(steps).toHaveLength(8);
  reedBlade.steps.forEach(({ id: _id, dryMinutes: _dry, level: _level, ...line }, index) => {
    const { id: _own, dryMinutes: _minutes, level: _at, ...said } = steps[index];
    if (!isSameContent(said, line)) expect(said).toEqual(line);
  });
});
