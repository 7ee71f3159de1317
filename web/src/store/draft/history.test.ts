import fc from 'fast-check';
import { recordEdit, redo, startHistory, undo, type History } from './history';

/** Edits far enough apart that each stands by itself. */
const edit = (history: History<number>, content: number, at: number) =>
  recordEdit(history, content, `edit ${at}`, at * 10_000);
const afterAll = (edits: number[]) => edits.reduce(edit, startHistory(0));

test('undoing every edit comes back to the beginning, and doing all again to the end', () => {
  fc.assert(
    fc.property(fc.array(fc.integer(), { maxLength: 30 }), (edits) => {
      let history = afterAll(edits);
      for (const _each of edits) history = undo(history);
      expect(history.present).toBe(0);
      for (const _each of edits) history = redo(history);
      expect(history.present).toBe(edits.at(-1) ?? 0);
    }),
  );
});

test('an edit after an undo closes the way back', () => {
  const history = edit(undo(afterAll([1, 2])), 9, 50);
  expect(history.future).toEqual([]);
  expect(undo(history).present).toBe(1);
});

test('a run of edits of one thing is undone as one, of two things as two', () => {
  let history = startHistory('');
  history = recordEdit(history, 's', 'name', 0);
  history = recordEdit(history, 'st', 'name', 400);
  history = recordEdit(history, 'st, thin', 'note', 800);
  expect(undo(history).present).toBe('st');
  expect(undo(undo(history)).present).toBe('');
});

test('the same thing edited again after a pause is a new edit', () => {
  let history = recordEdit(startHistory('a'), 'b', 'name', 0);
  history = recordEdit(history, 'c', 'name', 5000);
  expect(undo(history).present).toBe('b');
});

test('nothing to undo or do again leaves everything as it is', () => {
  const history = startHistory(1);
  expect(undo(history)).toBe(history);
  expect(redo(history)).toBe(history);
});

test('a long past is cut off at its far end', () => {
  const history = afterAll(Array.from({ length: 500 }, (_, i) => i + 1));
  expect(history.past).toHaveLength(200);
  expect(history.past.at(-1)).toBe(499);
});
