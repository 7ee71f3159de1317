/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { figuresSetting } from '../figures/figuresSetting';
import { commandsFor } from './commands';
import { themeSetting } from './theme';
import type { Undo } from './undo';

const done: string[] = [];
const undo: Undo = {
  canUndo: true,
  canRedo: false,
  undoes: '',
  redoes: '',
  undo: () => done.push('undo'),
  redo: () => done.push('redo'),
};
const ground = {
  undo,
  areNumbersShown: false,
  onHelp: () => done.push('help'),
  onNotices: () => done.push('notices'),
};
const doing = (name: string) =>
  commandsFor(ground)
    .find((command) => command.name === name)
    ?.does();

test('only what can be done now is offered, each once', () => {
  const names = commandsFor(ground).map(({ name }) => name);
  expect(names).toContain('Undo');
  expect(names).not.toContain('Redo');
  expect(new Set(names).size).toBe(names.length);
});

test('each does what it says', () => {
  ['Undo', 'Earlier notices', 'Keyboard help'].forEach(doing);
  expect(done).toEqual(['undo', 'notices', 'help']);
  const show = jest.spyOn(figuresSetting, 'show');
  doing('Show numbers');
  expect(show).toHaveBeenCalledWith(true);
});

test('light and dark change over, are kept on the device, and the action says the other', () => {
  const before = themeSetting.other;
  doing(`Change to ${before}`);
  expect(document.documentElement.dataset.bsTheme).toBe(before);
  expect(localStorage.getItem('yellow-ledger.theme')).toBe(before);
  expect(commandsFor(ground).map(({ name }) => name)).toContain(`Change to ${themeSetting.other}`);
  expect(themeSetting.other).not.toBe(before);
});
