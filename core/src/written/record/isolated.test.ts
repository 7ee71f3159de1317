import { isolated } from './isolated';

test('a name from right to left is wrapped, so that what stands after it keeps its order', () => {
  expect(`${isolated('صفراء')} · 1 paint : 6 water`).toBe('\u2068صفراء\u2069 · 1 paint : 6 water');
  expect(isolated('Lamp צהוב')).toBe('\u2068Lamp צהוב\u2069');
});

test.each(['Fen Umber', 'Ржавый', '灯の黄色', ''])('%s goes as it is', (name) => {
  expect(isolated(name)).toBe(name);
});

test('a name is wrapped once, and its own signs that turn what follows are left out', () => {
  expect(isolated(isolated('צהוב'))).toBe(isolated('צהוב'));
  expect(isolated('Fen\u202e Umber')).toBe('Fen Umber');
});
