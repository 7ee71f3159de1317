import type { Request, Response } from 'express';

const shape = /^[A-Za-z0-9_-]{43}$/;

/** Carries who is logged in, or which browser it is, from one request to the next. */
export interface TokenCookie {
  /** The token a request carries; null where it carries none that could be one. */
  tokenIn(request: Request): string | null;
  set(response: Response, token: string, lastsMs: number): void;
  clear(response: Response): void;
}

/**
 * @param isEncrypted whether pages come over https; the cookie is then bound to this address and to
 *   https by its name, so that no other page or port can set it
 */
export function tokenCookie(isEncrypted: boolean, called = 'yellow-ledger'): TokenCookie {
  const name = isEncrypted ? `__Host-${called}` : called;
  const bound = { path: '/', secure: isEncrypted, httpOnly: true, sameSite: 'strict' } as const;
  return {
    tokenIn(request) {
      for (const part of (request.headers.cookie ?? '').split(';')) {
        const [key, value = ''] = part.trim().split('=');
        if (key === name) return shape.test(value) ? value : null;
      }
      return null;
    },
    set: (response, token, lastsMs) =>
      void response.cookie(name, token, { ...bound, maxAge: lastsMs }),
    clear: (response) => void response.clearCookie(name, bound),
  };
}
