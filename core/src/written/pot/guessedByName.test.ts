import { guessedByName } from './guessedByName';
import { potBegun } from './newPots';
import { pigments } from './pigments';
import { potSchema } from './pot';

test('a name that says its pigment is taken to look like it', () => {
  for (const { name, swatch, hiding } of pigments)
    expect(guessedByName(`Student ${name.toUpperCase()}, 60 ml`)).toEqual({
      kind: 'paint',
      finish: 'matt',
      flow: 'normal',
      swatch,
      hiding,
      by: 'pigment',
    });
  expect(guessedByName('Ochre yellow').by).toBe('word');
});

test('a name without a word for a colour is not guessed at', () => {
  expect(guessedByName('Lantern Fair').by).toBe('nothing');
  expect(guessedByName('Redshank').by).toBe('nothing');
  expect(guessedByName('').by).toBe('nothing');
});

test.each([
  ['Bog Wash', 'wash'],
  ['Reed Ink (red)', 'ink'],
  ['Matt varnish', 'varnish'],
  ['Black primer', 'primer'],
  ['One-coat skin', 'one-coat'],
  ['Washed stone', 'paint'],
])('%s is of the kind %s', (name, kind) => {
  expect(guessedByName(name).kind).toBe(kind);
});

test('what lets light through hides less than paint of its colour', () => {
  expect(guessedByName('Brown wash').hiding).toBeLessThan(guessedByName('Brown').hiding / 4);
  expect(guessedByName('Matt varnish')).toMatchObject({ by: 'clear', hiding: 0 });
});

test('whatever the name, what is guessed can be kept', () => {
  for (const name of ['Matt varnish', 'Glaze medium', 'Pale blue ink', 'x', 'Burnt umber wash']) {
    const { by: _by, ...guess } = guessedByName(name);
    expect(potSchema.safeParse(potBegun({ name, ...guess }, 'one')).success).toBe(true);
  }
});
