import { pressKey } from '#/ui/keys';
import type { Command } from '#/ui/commands';

/** Keys of the editor. None of them is the browser's, and none acts while letters are typed. */
export const SHORTCUTS: [string, string][] = [
  ['n', 'Add channels: type what the chart says, Enter adds them'],
  ['c', 'Read a chart: PDF, spreadsheet or pasted text'],
  ['m', 'Add a mode'],
  ['r', 'Rename the mode'],
  ['j, k', 'Next, previous channel'],
  ['x', 'Select the open channel, or clear it'],
  ['d', 'Divide the open channel\u2019s function'],
  ['t', 'Paste a table of values onto the open channel'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'Undo your last edit, redo'],
  ['Ctrl+K', 'Find any profile, mode, attribute, page or action'],
  ['arrows on a bar', 'Move the probe by one; Page Up and Down by a sixteenth, with Shift to the next range'],
  ['v', 'Type the value of the probe'],
  ['Enter, Escape', 'Send what was typed, restore what was there'],
  ['b', 'The body: parts, shape, which way it looks'],
  ['p', 'Publish'],
  ['?', 'This list'],
];

/** What the box that finds anything offers in the editor: each is a key's work. */
export const COMMANDS: Command[] = [
  ['Add channels', 'n'],
  ['Read a chart', 'c'],
  ['Add a mode', 'm'],
  ['Rename the mode', 'r'],
  ['Divide the function in hand', 'd'],
  ['Paste a table of values', 't'],
  ['Select the open channel', 'x'],
  ['Type the value of the probe', 'v'],
  ['Show the body', 'b'],
  ['Publish', 'p'],
  ['Keys of the editor', '?'],
].map(([text = '', key = '']) => ({ text, key, run: () => void pressKey(key) }));
