import * as Comlink from 'comlink';
import type { PictureWork } from './shared/pictureWork';

let started: Comlink.Remote<PictureWork> | null = null;

/** The worker for pictures; started once the first picture is to be worked on. */
export function pictureWorker(): Comlink.Remote<PictureWork> {
  started ??= Comlink.wrap<PictureWork>(
    new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }),
  );
  return started;
}
