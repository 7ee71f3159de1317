import type { z } from 'zod';

/** One thing wrong with what was sent: where, what stood there, what would be right. */
export interface FieldError {
  /** path of the field, such as `steps.2.mix.parts.0.parts`; empty for the whole */
  field: string;
  value: string;
  expected: string;
}

/** So many are told at once; a thousand help nobody. */
const mostErrors = 20;

/**
 * @param input what was refused, for quoting the values
 * @returns the first twenty things wrong
 */
export function fieldErrors(error: z.ZodError, input: unknown): FieldError[] {
  return error.issues.slice(0, mostErrors).map((issue) => ({
    field: issue.path.join('.'),
    value: quote(valueAt(input, issue.path)),
    expected: expectedBy(issue),
  }));
}

function expectedBy(issue: z.core.$ZodIssue): string {
  if (issue.code === 'unrecognized_keys')
    return `no field called ${issue.keys.map((key) => quote(key)).join(', ')}`;
  // The library’s own words, where a schema has none for a field.
  if (issue.code === 'invalid_type' && issue.message.startsWith('Invalid input'))
    return plainTypes[issue.expected] ?? `a ${issue.expected}`;
  return issue.message;
}

const plainTypes: Partial<Record<string, string>> = {
  object: 'an object with fields',
  record: 'an object with fields',
  array: 'a list',
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
};

/** @example sentenceOf({ field: 'hiding', value: '1.4', expected: 'a number from 0 to 1' }) */
export function sentenceOf({ field, value, expected }: FieldError): string {
  return `${field || 'This'} is ${value}; it should be ${expected}.`;
}

const quoteLimit = 60;

/** A value as it stands in a sentence, not too long. */
export function quote(value: unknown): string {
  if (value === undefined) return 'missing';
  const text = JSON.stringify(value) ?? String(value);
  return text.length > quoteLimit
    ? `${text.slice(0, quoteLimit)}… (${text.length} characters)`
    : text;
}

function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null
        ? (value as Record<PropertyKey, unknown>)[key]
        : undefined,
    input,
  );
}
