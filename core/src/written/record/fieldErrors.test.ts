import { z } from 'zod';
import { fieldErrors, sentenceOf } from './fieldErrors';

test('what a schema has no words of its own for is told in plain ones', () => {
  const schema = z.strictObject({
    content: z.object({}),
    list: z.array(z.number()),
    name: z.string({ error: 'a name' }),
  });
  const input = { list: 'none', name: 3, extra: true };
  const parsed = schema.safeParse(input);
  const sentences = parsed.error ? fieldErrors(parsed.error, input).map(sentenceOf) : [];
  expect(sentences).toEqual([
    'content is missing; it should be an object with fields.',
    'list is "none"; it should be a list.',
    'name is 3; it should be a name.',
    expect.stringContaining('no field called "extra"'),
  ]);
});
