/** What is typed counts once the keys rest so long, ms. */
const restMs = 100;
/** And at the latest after so long, however fast it goes on, ms. */
const mostMs = 500;

const waiting = new Map<object, () => void>();
let timer: ReturnType<typeof setTimeout> | undefined;
let since = 0;

/**
 * Does what a typed letter leads to once the keys rest, so that the letter itself shows at once.
 * Whatever else is pressed does it before, see `settleBeforeElse`.
 *
 * @param owner of several tasks of one owner the last is done
 */
export function afterTyping(owner: object, task: () => void): void {
  const now = Date.now();
  if (waiting.size === 0) since = now;
  waiting.set(owner, task);
  clearTimeout(timer);
  timer = setTimeout(settleTyping, Math.max(0, Math.min(restMs, since + mostMs - now)));
}

/** Does at once what waits for the keys to rest. */
export function settleTyping(): void {
  clearTimeout(timer);
  const tasks = [...waiting.values()];
  waiting.clear();
  tasks.forEach((task) => task());
}

/** Whether the cursor is in a field of letters; a choice, a tick or a slider counts at once. */
export const isTyping = (): boolean =>
  document.activeElement?.matches(
    'textarea, input:not([type=checkbox], [type=radio], [type=range], [type=color], [type=file])',
  ) ?? false;

/** A letter, or what takes one away. */
const isOfTyping = ({ key, ctrlKey, metaKey }: KeyboardEvent) =>
  !ctrlKey && !metaKey && (key.length === 1 || ['Backspace', 'Delete', 'Process'].includes(key));

/** From here on whatever is pressed beside letters does first what waits, and so does leaving the page. */
export function settleBeforeElse(): void {
  window.addEventListener('pointerdown', settleTyping, true);
  window.addEventListener('focusout', settleTyping, true);
  window.addEventListener('keydown', (event) => !isOfTyping(event) && settleTyping(), true);
  window.addEventListener('pagehide', settleTyping);
  document.addEventListener('visibilitychange', settleTyping, true);
}
