/** A typed change counts once the keys rest so long, ms. */
const restMs = 100;
/** And at the latest after so long, however fast it goes on, ms. */
const mostMs = 500;

const waiting = new Map<object, () => void>();
const told = new Set<() => void>();
let timer: ReturnType<typeof setTimeout> | undefined;
let since = 0;

/**
 * Does what a typed letter leads to once the keys rest, so that the letter itself shows at once.
 * Any other press runs it first, see `settleBeforeElse`.
 *
 * @param owner of several tasks of one owner the last is done
 */
export function afterTyping(owner: object, task: () => void): void {
  const now = Date.now();
  const isFirst = waiting.size === 0;
  if (isFirst) since = now;
  waiting.set(owner, task);
  if (isFirst) told.forEach((tell) => tell());
  clearTimeout(timer);
  timer = setTimeout(settleTyping, Math.max(0, Math.min(restMs, since + mostMs - now)));
}

/** Does at once what waits for the keys to rest. */
export function settleTyping(): void {
  clearTimeout(timer);
  const tasks = [...waiting.values()];
  waiting.clear();
  tasks.forEach((task) => task());
  if (tasks.length > 0) told.forEach((tell) => tell());
}

/** Whether something typed does not count yet. */
export const typingWaits = {
  now: () => waiting.size > 0,
  /** @returns ends the listening */
  listen: (tell: () => void): (() => void) => {
    told.add(tell);
    return () => told.delete(tell);
  },
};

/** Whether the cursor is in a field of letters; a choice, a tick or a slider counts at once. */
export const isTyping = (): boolean =>
  document.activeElement?.matches(
    'textarea, input:not([type=checkbox], [type=radio], [type=range], [type=color], [type=file])',
  ) ?? false;

/** Keys that take a letter away or belong to one; keyboards on a screen name none of theirs. */
const keysOfTyping = [
  'Backspace',
  'Delete',
  'Shift',
  'AltGraph',
  'Dead',
  'Process',
  'Unidentified',
];

/** With Ctrl a letter is a command, but with Ctrl and Alt together it is a letter again. */
const isOfTyping = ({ key, ctrlKey, altKey, metaKey }: KeyboardEvent) =>
  key.length === 1 ? !metaKey && ctrlKey === altKey : keysOfTyping.includes(key);

const settleElsewhere = ({ target }: Event) => target !== document.activeElement && settleTyping();

/** From here on whatever is pressed beside letters does first what waits, and so does leaving the page. */
export function settleBeforeElse(): void {
  window.addEventListener('pointerdown', settleTyping, true);
  window.addEventListener('focusout', settleTyping, true);
  // Helpers for people who cannot press may choose or click without moving the cursor.
  for (const type of ['input', 'change', 'click'])
    window.addEventListener(type, settleElsewhere, true);
  window.addEventListener('keydown', (event) => !isOfTyping(event) && settleTyping(), true);
  window.addEventListener('pagehide', settleTyping);
  document.addEventListener('visibilitychange', settleTyping, true);
}
