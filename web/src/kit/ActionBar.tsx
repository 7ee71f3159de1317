import type { ReactNode } from 'react';
import Stack from 'react-bootstrap/Stack';

/** What can be done, side by side. */
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
