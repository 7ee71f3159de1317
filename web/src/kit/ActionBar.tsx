import type { ReactNode } from 'react';
import Stack from 'react-bootstrap/Stack';

/** A row of buttons. */
export function ActionBar({
  className = '',
  children,
}: {
  className?: string;
  children: ReactNode;
}) {
  return (
    <Stack direction="horizontal" gap={2} className={`flex-wrap ${className}`}>
      {children}
    </Stack>
  );
}
