import pino, { type Logger } from 'pino';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';

/** The log is turned over at this size, and so many old ones are kept beside it. */
const largest = '2M';
const oldOnes = 4;
/** After a fault of the disk it is tried again so much later, milliseconds. */
const triedAgainAfter = 60_000;

export interface ServerLog {
  log: Logger;
  /** what was said is on the disk */
  close(): Promise<void>;
}

/**
 * `server.log` in the data folder, never larger than a few megabytes. A disk that is full or a
 * folder that is gone silences it and stops nothing.
 *
 * @param onSilent told once, why nothing is written any more
 */
export function serverLog(folder: string, onSilent: (why: string) => void): ServerLog {
  let stream: RotatingFileStream | null = open();
  let isTold = false;

  function open(): RotatingFileStream {
    const opened = createStream('server.log', {
      path: folder,
      size: largest,
      rotate: oldOnes,
    });
    opened.on('error', (error) => {
      stream = null;
      opened.destroy();
      if (!isTold) onSilent(error.message);
      isTold = true;
      setTimeout(() => (stream ??= open()), triedAgainAfter).unref();
    });
    return opened;
  }

  return {
    log: pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, { write }),
    close: () =>
      new Promise((closed) => {
        if (stream) stream.end(() => closed());
        else closed();
      }),
  };

  function write(line: string): void {
    stream?.write(line);
  }
}
