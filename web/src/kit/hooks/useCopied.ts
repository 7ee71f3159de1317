import { useState } from 'react';

/** Puts text on the clipboard, and remembers for the button that it did. */
export function useCopied(text: string): { isCopied: boolean; copy: () => Promise<void> } {
  const [copied, setCopied] = useState<string | null>(null);
  const copy = async () => {
    await navigator.clipboard.writeText(text).then(
      () => setCopied(text),
      () => undefined,
    );
  };
  return { isCopied: copied === text, copy };
}
