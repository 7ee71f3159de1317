/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { render } from '@testing-library/react';
import { consistencies, meanings } from '@yellow-ledger/core';
import fc from 'fast-check';
import { firstUses } from './firstUses';
import { ConsistencyPicture, MeaningPicture } from './WordPicture';

test('a word is used first once, and nothing is no word', () => {
  const words = fc.array(fc.constantFrom('loose', 'stiff', 'runny', '', null, undefined));
  fc.assert(
    fc.property(words, (used) => {
      const first = firstUses(used);
      const told = used.filter((_, i) => first[i]);
      expect(first).toHaveLength(used.length);
      expect(told).toEqual([...new Set(used.filter(Boolean))]);
    }),
  );
});

test('every word of ours has a picture of its own', () => {
  const drawn = [
    ...consistencies.map(({ name }) => <ConsistencyPicture key={name} name={name} />),
    ...meanings.map((meaning) => <MeaningPicture key={meaning} meaning={meaning} />),
  ].map((picture) => render(picture).container.innerHTML);
  expect(new Set(drawn).size).toBe(consistencies.length + meanings.length);
  for (const each of drawn) expect(each).toContain('aria-hidden="true"');
});
