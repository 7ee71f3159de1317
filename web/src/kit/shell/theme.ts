import { useSyncExternalStore } from 'react';

export type Theme = 'light' | 'dark';

const listeners = new Set<() => void>();

const themeNow = (): Theme =>
  document.documentElement.dataset.bsTheme === 'dark' ? 'dark' : 'light';

/** The light or dark look of the pages, kept on this device. */
export const themeSetting = {
  get other(): Theme {
    return themeNow() === 'light' ? 'dark' : 'light';
  },
  change(): void {
    const { other } = themeSetting;
    document.documentElement.dataset.bsTheme = other;
    localStorage.setItem('yellow-ledger.theme', other);
    listeners.forEach((listener) => listener());
  },
};

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useTheme = (): Theme => useSyncExternalStore(subscribe, themeNow);
