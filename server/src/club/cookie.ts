import type { Request, Response } from 'express';

/** Bound to this address and to https by its name: no other page or port can set it. */
const name = '__Host-yellow-ledger';
const shape = /^[A-Za-z0-9_-]{43}$/;

/** The token a request carries; null where it carries none that could be one. */
export function tokenIn(request: Request): string | null {
  for (const part of (request.headers.cookie ?? '').split(';')) {
    const [key, value = ''] = part.trim().split('=');
    if (key === name) return shape.test(value) ? value : null;
  }
  return null;
}

export function setToken(response: Response, token: string, lastsMs: number): void {
  response.cookie(name, token, {
    path: '/',
    secure: true,
    httpOnly: true,
    sameSite: 'strict',
    maxAge: lastsMs,
  });
}

export function clearToken(response: Response): void {
  response.clearCookie(name, { path: '/', secure: true, httpOnly: true, sameSite: 'strict' });
}
