import fc from 'fast-check';
import { namesListed, potBegun } from './newPots';
import { potSchema } from './pot';

test('a list of names is one a line, whatever stands before them, each once', () => {
  expect(namesListed('1. Marigold\r\n- Fen Umber\n\n  marigold \n12) Tallow')).toEqual([
    'Marigold',
    'Fen Umber',
    'Tallow',
  ]);
});

test('any list of names makes pots that can be kept', () => {
  fc.assert(
    fc.property(fc.array(fc.string({ maxLength: 300 })), (lines) => {
      for (const name of namesListed(lines.join('\n'))) {
        const pot = potBegun({ name, kind: 'paint', swatch: '#8a7f6a', hiding: 0.6 }, 'new');
        expect(potSchema.safeParse(pot).success).toBe(true);
      }
    }),
  );
});
