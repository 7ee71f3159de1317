import { useSyncExternalStore } from 'react';

const key = 'yellow-ledger.figures';
const told = new Set<() => void>();

/** Whether L*, ΔE00 and load stand beside the words on this device. Hidden where nothing is set. */
export const figuresSetting = {
  areShown(): boolean {
    return localStorage.getItem(key) === 'shown';
  },
  show(areShown: boolean): void {
    if (areShown) localStorage.setItem(key, 'shown');
    else localStorage.removeItem(key);
    told.forEach((tell) => tell());
  },
};

/** @returns whether figures are shown now */
export const useFigures = (): boolean =>
  useSyncExternalStore((tell) => {
    told.add(tell);
    return () => told.delete(tell);
  }, figuresSetting.areShown);
