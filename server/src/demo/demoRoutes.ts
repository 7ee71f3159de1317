import { Router } from 'express';
import type { Ledger } from '../db/ledger';
import { addSample } from './addSample';

export function demoRoutes(ledger: Ledger): Router {
  const router = Router();
  router.post('/sample', async (_request, response) => {
    await addSample(ledger);
    response.status(204).end();
  });
  return router;
}
