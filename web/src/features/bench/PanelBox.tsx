import { useEffect, useRef, type ReactNode } from 'react';

/** Something that opens under the step: it is brought into view and has the keys first. */
export function PanelBox({ label, children }: { label: string; children: ReactNode }) {
  const box = useRef<HTMLElement>(null);
  useEffect(() => {
    box.current?.focus({ preventScroll: true });
    box.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <section ref={box} className="bench-panel" aria-label={label} tabIndex={-1}>
      {children}
    </section>
  );
}
