import fc from 'fast-check';
import { readNumber } from './readNumber';

const number = (value: number) => ({ is: 'number', value });

test.each([
  ['0,5', 0.5],
  ['7,5', 7.5],
  ['0.5', 0.5],
  ['.5', 0.5],
  [',5', 0.5],
  ['5,', 5],
  ['5.', 5],
  ['1.234,5', 1234.5],
  ['1,234.5', 1234.5],
  ['1 234,5', 1234.5],
  ['1 234', 1234],
  ['1\u202f234\u202f567.25', 1_234_567.25],
  ['1’234.5', 1234.5],
  ['1.234.567', 1_234_567],
  ['12,345,678', 12_345_678],
  ['1.234.567,8', 1_234_567.8],
  ['0.125', 0.125],
  ['0,125', 0.125],
  ['1234.567', 1234.567],
  ['1.2345', 1.2345],
  ['1 234.567', 1234.567],
  ['-0,5', -0.5],
  ['−3', -3],
  ['+2', 2],
  ['-0', 0],
  [' 12 ', 12],
  ['1e-7', 1e-7],
])('“%s” is %p', (text, value) => {
  expect(readNumber(text)).toEqual(number(value));
});

test.each(['', '   '])('“%s” is empty', (text) => {
  expect(readNumber(text)).toEqual({ is: 'empty' });
});

test.each([
  'a',
  '1,2,3.4',
  '1.23,4.5',
  '1,23.4',
  '12.34.56',
  '1,,2',
  '.',
  '-',
  '1 2',
  '1 23',
  '12 3456',
  '0x10',
  '5ml',
  '1-2',
  '∞',
  '1e999',
])('“%s” is no number', (text) => {
  expect(readNumber(text)).toEqual({ is: 'none' });
});

test.each([
  ['1.234', 1.234, 1234],
  ['12,345', 12.345, 12_345],
  ['999.000', 999, 999_000],
  ['-1,500', -1.5, -1500],
])('“%s” may be %p or %p', (text, asDecimal, asThousands) => {
  expect(readNumber(text)).toEqual({ is: 'unclear', asDecimal, asThousands });
});

test('where only one of two readings is right in its place, nobody is asked', () => {
  expect(readNumber('1.234', (value) => value <= 5)).toEqual(number(1.234));
  expect(readNumber('1.234', Number.isInteger)).toEqual(number(1234));
  // Neither is right: which one was meant is still to be asked, or it is wrong either way.
  expect(readNumber('1.234', (value) => value < 0).is).toBe('unclear');
});

test('any number written with a decimal comma or point and no groups reads back as itself', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -9_999_999, max: 9_999_999 }),
      fc.integer({ min: 1, max: 4 }),
      fc.constantFrom(',', '.'),
      (tenThousandths, decimals, separator) => {
        const value = tenThousandths / 10 ** decimals;
        const reading = readNumber(value.toFixed(decimals).replace('.', separator));
        const read =
          reading.is === 'unclear' ? reading.asDecimal : (reading as { value: number }).value;
        expect(read).toBeCloseTo(value, 9);
      },
    ),
  );
});

test('grouped thousands with a decimal part read the same in every habit', () => {
  const habits = [
    { group: '.', decimal: ',' },
    { group: ',', decimal: '.' },
    { group: ' ', decimal: ',' },
    { group: '’', decimal: '.' },
  ];
  fc.assert(
    fc.property(
      fc.integer({ min: 1000, max: 999_999_999 }),
      fc.integer({ min: 0, max: 99 }),
      fc.constantFrom(...habits),
      (whole, hundredths, { group, decimal }) => {
        const groups = String(whole).replace(/\B(?=(\d{3})+$)/g, group);
        const text = `${groups}${decimal}${String(hundredths).padStart(2, '0')}`;
        const reading = readNumber(text);
        expect(reading).toEqual(number(expect.closeTo(whole + hundredths / 100, 6) as number));
      },
    ),
  );
});

test('whatever is typed, the answer is finite or says that it is none', () => {
  fc.assert(
    fc.property(
      fc.string({ maxLength: 12, unit: fc.constantFrom(...'0123456789.,-+ e\u00a0’x') }),
      (text) => {
        const reading = readNumber(text);
        if (reading.is === 'number') expect(Number.isFinite(reading.value)).toBe(true);
        else expect(['empty', 'none', 'unclear']).toContain(reading.is);
      },
    ),
  );
});
