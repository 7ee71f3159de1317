/** How a typed number can be understood. */
export type NumberReading =
  | { is: 'empty' }
  | { is: 'number'; value: number }
  /** A single separator before three digits: decimal in one habit, thousands in the other. */
  | { is: 'unclear'; asDecimal: number; asThousands: number }
  | { is: 'none' };

const grouped = (separator: string) => new RegExp(`^\\d{1,3}(?:${separator}\\d{3})+$`);
const groupedBy = { ',': grouped(','), '.': grouped('\\.') };
const spaces = /[\s\u00a0\u2009\u202f'’]/gu;
const spacedGroups = /^\d{1,3}(?:[\s\u00a0\u2009\u202f'’]\d{3})+(?=[.,]|$)/u;

/**
 * Reads a number as people type it, with a decimal comma or a decimal point, and with digits grouped
 * by comma, point, blank or apostrophe.
 *
 * @param text as it was typed
 * @param isRight decides where two readings are possible and only one of them is right in its place
 * @example readNumber('0,5') // → { is: 'number', value: 0.5 }
 * @example readNumber('1.234,5') // → { is: 'number', value: 1234.5 }
 * @example readNumber('1.234') // → { is: 'unclear', asDecimal: 1.234, asThousands: 1234 }
 */
export function readNumber(
  text: string,
  isRight: (value: number) => boolean = () => true,
): NumberReading {
  const typed = text.trim();
  if (typed === '') return { is: 'empty' };
  const [, sign, body] = /^([+\-−]?)(.*)$/su.exec(typed) ?? [];
  const factor = sign === '-' || sign === '−' ? -1 : 1;
  const reading = readUnsigned(body ?? '');
  if (reading.is === 'number') return { is: 'number', value: signed(factor, reading.value) };
  if (reading.is !== 'unclear') return reading;
  const asDecimal = factor * reading.asDecimal;
  const asThousands = factor * reading.asThousands;
  const right = [asDecimal, asThousands].filter(isRight);
  if (right.length === 1) return { is: 'number', value: right[0] };
  return { is: 'unclear', asDecimal, asThousands };
}

/** Without a negative zero, which no painter types on purpose. */
const signed = (factor: number, value: number) => (value === 0 ? 0 : factor * value);

function readUnsigned(body: string): NumberReading {
  if (/^\d+(?:\.\d+)?e[+-]?\d+$/i.test(body)) return finite(Number(body));
  const isSpaced = spaces.test(body);
  spaces.lastIndex = 0;
  if (isSpaced && !spacedGroups.test(body)) return { is: 'none' };
  const digits = body.replace(spaces, '');
  if (!/^\d*(?:[.,]\d*)*$/.test(digits) || !/\d/.test(digits)) return { is: 'none' };
  const separators: string[] = digits.match(/[.,]/g) ?? [];
  if (separators.length === 0) return finite(Number(digits));
  const last = separators[separators.length - 1] === ',' ? ',' : '.';
  const other = last === ',' ? '.' : ',';
  const at = digits.lastIndexOf(last);
  const whole = digits.slice(0, at);
  const rest = digits.slice(at + 1);
  const isLastRepeated = separators.filter((each) => each === last).length > 1;
  if (isLastRepeated)
    return separators.includes(other) || !groupedBy[last].test(digits)
      ? { is: 'none' }
      : finite(Number(digits.split(last).join('')));
  if (separators.includes(other))
    return groupedBy[other].test(whole)
      ? finite(Number(`${whole.split(other).join('')}.${rest}`))
      : { is: 'none' };
  const asDecimal = Number(`${whole}.${rest}`);
  // Blanks already group the thousands, and nobody groups after a leading zero.
  if (isSpaced || !/^[1-9]\d{0,2}$/.test(whole) || rest.length !== 3) return finite(asDecimal);
  return { is: 'unclear', asDecimal, asThousands: Number(whole + rest) };
}

const finite = (value: number): NumberReading =>
  Number.isFinite(value) ? { is: 'number', value } : { is: 'none' };
