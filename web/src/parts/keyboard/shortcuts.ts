/** Every key the app listens to, for the help and for the documentation. */
export const shortcuts = [
  { where: 'Everywhere', keys: ['?'], does: 'show the keyboard help' },
  { where: 'Everywhere', keys: ['Alt', '1'], does: 'go to the recipes' },
  { where: 'Everywhere', keys: ['Alt', '2'], does: 'go to the shelf' },
  { where: 'Everywhere', keys: ['Ctrl', 'Z'], does: 'undo' },
  { where: 'Everywhere', keys: ['Ctrl', 'Shift', 'Z'], does: 'do again' },
  { where: 'Everywhere', keys: ['/'], does: 'search' },
  { where: 'Everywhere', keys: ['N'], does: 'new recipe, pot or line' },
  { where: 'On a line', keys: ['↑', '↓'], does: 'to the line above or below' },
  { where: 'On a line', keys: ['Enter'], does: 'open the line, or close it' },
  { where: 'On a line', keys: ['Esc'], does: 'close the line' },
  { where: 'On a line', keys: ['Alt', '↑ ↓'], does: 'move the line up or down' },
  { where: 'On a line', keys: ['D'], does: 'duplicate the line' },
  { where: 'On a line', keys: ['Delete'], does: 'delete the line' },
  {
    where: 'On a line',
    keys: ['Space'],
    does: 'on the grip: pick the line up, arrows move it, Space sets it down',
  },
] as const;
