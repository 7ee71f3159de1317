import type { ReactNode } from 'react';
import { useFigures } from './figuresSetting';

/** Figures behind what is said in words: seen by who has opened the figures. */
export function Figures({ children }: { children: ReactNode }) {
  return useFigures() ? children : null;
}
