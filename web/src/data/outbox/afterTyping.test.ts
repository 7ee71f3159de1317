/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent } from '@testing-library/react';
import { afterTyping, isTyping, settleBeforeElse, settleTyping, typingWaits } from './afterTyping';

const done: string[] = [];
const owner = {};

beforeAll(settleBeforeElse);
beforeEach(() => {
  jest.useFakeTimers();
  done.splice(0);
});
afterEach(() => {
  settleTyping();
  jest.useRealTimers();
  document.body.replaceChildren();
});

const typed = (text: string, of: object = owner) => afterTyping(of, () => void done.push(text));

test('only the last that was typed is done, once the keys rest', () => {
  typed('o');
  jest.advanceTimersByTime(60);
  typed('oc');
  jest.advanceTimersByTime(60);
  expect(done).toEqual([]);
  jest.advanceTimersByTime(60);
  expect(done).toEqual(['oc']);
});

test('whoever types on and on waits half a second at most', () => {
  const lengths = Array.from({ length: 12 }, (_, nth) => nth + 1);
  for (const length of lengths) {
    typed('x'.repeat(length));
    jest.advanceTimersByTime(60);
  }
  expect(done[0].length).toBeGreaterThan(6);
  expect(done[0].length).toBeLessThan(12);
});

test('two fields do not take each other’s place', () => {
  typed('ochre');
  typed('umber', {});
  settleTyping();
  expect(done).toEqual(['ochre', 'umber']);
});

test('that something waits is told when it begins and when it is over', () => {
  const heard: boolean[] = [];
  const end = typingWaits.listen(() => void heard.push(typingWaits.now()));
  typed('o');
  typed('oc');
  settleTyping();
  end();
  typed('och');
  expect(heard).toEqual([true, false]);
});

test.each([
  ['a press', () => fireEvent.pointerDown(document.body)],
  ['Enter', () => fireEvent.keyDown(document.body, { key: 'Enter' })],
  ['undo', () => fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })],
  ['leaving the field', () => fireEvent.focusOut(document.body)],
  ['leaving the page', () => fireEvent(window, new Event('pagehide'))],
  ['another page in front', () => fireEvent(document, new Event('visibilitychange'))],
])('%s does it at once', (_, act) => {
  typed('ochre');
  act();
  expect(done).toEqual(['ochre']);
});

test.each(['input', 'change', 'click'])('%s in another field does it at once', (type) => {
  document.body.innerHTML = '<input id="typed"><select id="other"></select>';
  document.getElementById('typed')!.focus();
  typed('ochre');
  fireEvent(document.getElementById('typed')!, new Event(type, { bubbles: true }));
  expect(done).toEqual([]);
  fireEvent(document.getElementById('other')!, new Event(type, { bubbles: true }));
  expect(done).toEqual(['ochre']);
});

test.each([
  { key: 'o' },
  { key: 'O', shiftKey: true },
  { key: 'Backspace' },
  { key: 'Unidentified' },
  { key: '@', ctrlKey: true, altKey: true },
])('a key of typing does not: %j', (pressed) => {
  typed('ochre');
  fireEvent.keyDown(document.body, pressed);
  expect(done).toEqual([]);
});

test.each([
  ['<input>', true],
  ['<textarea></textarea>', true],
  ['<input type="checkbox">', false],
  ['<input type="range">', false],
  ['<select></select>', false],
])('with the cursor in %s letters are typed: %s', (html, expected) => {
  document.body.innerHTML = html;
  (document.body.firstElementChild as HTMLElement).focus();
  expect(isTyping()).toBe(expected);
});
