import type { RequestHandler } from 'express';
import { notFound } from '../http/problem';
import type { Club } from './club';
import { refuseUnless, whoAsks } from './clubRoutes';
import { rightOf } from './routeRights';

/**
 * Lets through, below /api, who has come in and may do what is asked: by the table of rights, and
 * nothing that does not stand there.
 */
export const clubGate =
  (club: Club): RequestHandler =>
  async (request, _response, next) => {
    const who = await whoAsks(club, request);
    const right = rightOf(request.method, request.path);
    if (!right) throw notFound('such address');
    refuseUnless(who, right.relation ?? 'club', right.action, right.matter);
    next();
  };
