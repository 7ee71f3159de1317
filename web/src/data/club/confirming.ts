import { useSyncExternalStore } from 'react';
import type { Problem } from '../problem';

type Answer = (isConfirmed: boolean) => void;

/** Asks whoever sits here for their passphrase once more, before a weighty act is done. */
export class Confirming {
  private waiting: Answer[] = [];
  private readonly told = new Set<() => void>();

  /** Whether somebody is being asked. */
  isAsked = (): boolean => this.waiting.length > 0;

  /** @returns whether it was given; asked for twice at once, one answer is for both */
  request(): Promise<boolean> {
    return new Promise((answer) => {
      this.waiting.push(answer);
      this.tell();
    });
  }

  answer(isConfirmed: boolean): void {
    const waiting = this.waiting;
    this.waiting = [];
    this.tell();
    waiting.forEach((answer) => answer(isConfirmed));
  }

  /** @returns ends the listening */
  listen = (tell: () => void): (() => void) => {
    this.told.add(tell);
    return () => this.told.delete(tell);
  };

  private tell(): void {
    this.told.forEach((tell) => tell());
  }
}

/** Of this page. */
export const confirming = new Confirming();

export const useIsConfirmAsked = (): boolean =>
  useSyncExternalStore(confirming.listen, confirming.isAsked);

/**
 * Does something that may ask for the passphrase first, and does it once more when that was given.
 *
 * @returns what was answered; the refusal where the passphrase was not given
 */
export async function withConfirming<Data>(
  act: () => Promise<{ data: Data } | { error: Problem }>,
): Promise<{ data: Data } | { error: Problem }> {
  const answer = await act();
  if (!('error' in answer) || answer.error.code !== 'confirm') return answer;
  return (await confirming.request()) ? act() : answer;
}
