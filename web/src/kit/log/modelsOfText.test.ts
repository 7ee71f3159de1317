import fc from 'fast-check';
import { modelsWords } from '../../kit/words/modelsWords';
import { modelsOfText } from './modelsOfText';

test('what is said of models is read back', () => {
  const models = fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1 });
  fc.assert(
    fc.property(models, (some) => {
      expect(modelsOfText(modelsWords(some), 60)).toEqual([...some].sort((a, b) => a - b));
    }),
  );
});

test.each(['', '0', '6-4', '4-61', 'four', '4,', '1 2'])('“%s” is no list of 60 models', (text) => {
  expect(modelsOfText(text, 60)).toBeNull();
});
