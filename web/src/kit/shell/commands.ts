import { figuresSetting } from '../figures/figuresSetting';
import { themeSetting } from './theme';
import type { Undo } from './undo';

/** Something that can be done on any page. */
export interface Command {
  name: string;
  /** words it is found by beside its name */
  also: string;
  does: () => void;
}

export interface CommandGround {
  undo: Undo;
  areNumbersShown: boolean;
  onHelp: () => void;
  onNotices: () => void;
}

/** Actions that need no page of their own; those that can do nothing now are left out. */
export function commandsFor(ground: CommandGround): Command[] {
  const { undo, areNumbersShown, onHelp, onNotices } = ground;
  return [
    ...(undo.canUndo ? [{ name: 'Undo', also: 'take back', does: undo.undo }] : []),
    ...(undo.canRedo ? [{ name: 'Redo', also: 'do once more', does: undo.redo }] : []),
    { name: 'Print this page', also: 'paper card sheet', does: () => window.print() },
    {
      name: `Change to ${themeSetting.other}`,
      also: 'dark light mode theme night settings',
      does: themeSetting.change,
    },
    {
      name: areNumbersShown ? 'Hide numbers' : 'Show numbers',
      also: 'figures L* ΔE00 settings',
      does: () => figuresSetting.show(!areNumbersShown),
    },
    { name: 'Earlier notices', also: 'messages said history', does: onNotices },
    { name: 'Keyboard help', also: 'keys shortcuts settings', does: onHelp },
  ];
}
