import { useState } from 'react';
import type { Problem } from '../../data/problem';

/** Asks for a one-time code once the server says that the member has turned them on. */
export function useCodeAsked(isAskedAtOnce = false) {
  const [needsCode, setNeedsCode] = useState(isAskedAtOnce);
  return {
    needsCode,
    /** The form's values, with the code where it was asked for. */
    withCode<Typed extends { code: string }>({ code, ...typed }: Typed) {
      return needsCode ? { ...typed, code } : typed;
    },
    /** @returns what to say of a refusal; null where the code field that is now shown says it */
    lookAt({ code, message }: Problem): string | null {
      if (code !== 'code-needed') return message;
      setNeedsCode(true);
      return needsCode ? message : null;
    },
  };
}
