import { format } from 'date-fns';

export const dayWords = (moment: number) => format(moment, 'EEEE d MMMM');

/** @example hoursWords(150) // → '2½ h' */
export function hoursWords(minutes: number): string {
  const halves = Math.max(1, Math.round(minutes / 30));
  return `${halves >= 2 ? Math.floor(halves / 2) : ''}${halves % 2 === 1 ? '½' : ''} h`;
}
