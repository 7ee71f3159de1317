import { useEffect, useLayoutEffect } from 'react';
import { useLocation, useNavigationType } from 'react-router';
import { z } from 'zod';

const key = 'yellow-ledger.scroll';
const mostKept = 100;
/** The content of a page may come in later; so long its place is held, unless a hand moves it, ms. */
const longest = 2500;
const keptSchema = z.record(z.string(), z.number()).catch({});

function kept(): Record<string, number> {
  try {
    return keptSchema.parse(JSON.parse(sessionStorage.getItem(key) ?? '{}'));
  } catch {
    return {};
  }
}

function keep(path: string, top: number): void {
  try {
    const { [path]: _before, ...others } = kept();
    const latest = [...Object.entries(others), [path, top]].slice(-mostKept);
    sessionStorage.setItem(key, JSON.stringify(Object.fromEntries(latest)));
  } catch {
    // Where the browser keeps nothing, a page opens at its top.
  }
}

/**
 * Going back to a page, or to one of the main pages, shows it where it was left, however late what
 * stands on it comes in; any other page opens at its top.
 *
 * @param mains addresses of the main pages
 */
export function useKeptScroll(mains: readonly string[]): void {
  const { pathname, hash } = useLocation();
  const type = useNavigationType();
  const isMain = mains.includes(pathname);
  useEffect(() => {
    window.history.scrollRestoration = 'manual';
  }, []);
  useLayoutEffect(() => {
    if (hash) return;
    const wanted = type === 'POP' || isMain ? (kept()[pathname] ?? 0) : 0;
    let isReturning = wanted > 0;
    const put = () => window.scrollTo(0, wanted);
    put();
    // It grows as its parts come in, until there is room for the place.
    const grown = new ResizeObserver(() => isReturning && put());
    grown.observe(document.body);
    const giveUp = () => {
      isReturning = false;
      grown.disconnect();
    };
    const timer = setTimeout(giveUp, longest);
    const byHand = ['wheel', 'touchstart', 'keydown', 'pointerdown'] as const;
    byHand.forEach((each) => window.addEventListener(each, giveUp, { passive: true, once: true }));
    // A link may be followed before the next frame has told of the last scrolling.
    const remember = () => {
      if (!isReturning) keep(pathname, window.scrollY);
    };
    const leadsAway = ['keydown', 'click', 'popstate'] as const;
    leadsAway.forEach((each) => window.addEventListener(each, remember, { capture: true }));
    let frame = 0;
    const onScroll = () => {
      // A field that is given the cursor while its page comes in moves it, and nobody asked for that.
      if (isReturning && Math.abs(window.scrollY - wanted) > 2) put();
      if (isReturning || frame) return;
      frame = requestAnimationFrame(() => {
        frame = 0;
        keep(pathname, window.scrollY);
      });
    };
    window.addEventListener('scroll', onScroll, { passive: true });
    return () => {
      clearTimeout(timer);
      cancelAnimationFrame(frame);
      grown.disconnect();
      byHand.forEach((each) => window.removeEventListener(each, giveUp));
      leadsAway.forEach((each) => window.removeEventListener(each, remember, { capture: true }));
      window.removeEventListener('scroll', onScroll);
    };
  }, [pathname, hash, type, isMain]);
}
