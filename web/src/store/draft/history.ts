/** What can be undone and done again, for one thing under edit. */
export interface History<Content> {
  past: Content[];
  present: Content;
  future: Content[];
  /** what the last edit was of; a run of edits of one thing is undone as one */
  lastEdit: { of: string; at: number } | null;
}

const longestPast = 200;
const runMs = 1500;

export function startHistory<Content>(present: Content): History<Content> {
  return { past: [], present, future: [], lastEdit: null };
}

/**
 * @param of what is edited, such as `step 3`; edits of the same within 1.5 s belong together
 * @param at when, ms
 */
export function recordEdit<Content>(
  history: History<Content>,
  present: Content,
  of: string,
  at: number,
): History<Content> {
  const { lastEdit, past } = history;
  const continues = lastEdit?.of === of && at - lastEdit.at < runMs && past.length > 0;
  return {
    past: continues ? past : [...past, history.present].slice(-longestPast),
    present,
    future: [],
    lastEdit: { of, at },
  };
}

export function undo<Content>(history: History<Content>): History<Content> {
  const present = history.past.at(-1);
  if (present === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present,
    future: [history.present, ...history.future],
    lastEdit: null,
  };
}

export function redo<Content>(history: History<Content>): History<Content> {
  const [present, ...future] = history.future;
  if (present === undefined) return history;
  return { past: [...history.past, history.present], present, future, lastEdit: null };
}
