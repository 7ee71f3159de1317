import { useSyncExternalStore } from 'react';

export interface Questions {
  asked: number;
  answered: number;
}

let questions: Questions = { asked: 0, answered: 0 };
const listeners = new Set<() => void>();

function change(next: Questions) {
  questions = next;
  for (const listener of listeners) listener();
}

/** Counts a question to the worker until it is answered; the count begins again when none is open. */
export async function counting<Answer>(question: Promise<Answer>): Promise<Answer> {
  const isFirst = questions.asked === questions.answered;
  change(isFirst ? { asked: 1, answered: 0 } : { ...questions, asked: questions.asked + 1 });
  try {
    return await question;
  } finally {
    change({ ...questions, answered: questions.answered + 1 });
  }
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** The questions that the worker has in hand, and how many of them it has answered. */
export const useQuestions = () => useSyncExternalStore(subscribe, () => questions);
