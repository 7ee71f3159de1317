import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

/** A request slower than this gets a line in the log, milliseconds. */
const slowFrom = 1000;

/** Notes requests that failed, were refused or took long; what went well says nothing. */
export const requestLog = (log: Logger) =>
  pinoHttp({
    logger: log,
    customLogLevel: (request, response, error) => {
      // A failure of the server is logged with its reason where it is answered.
      if (error || response.statusCode >= 500) return 'silent';
      // Refusals that are everyday: a record that is not there, a write that came too late.
      if (response.statusCode >= 400)
        return [404, 409].includes(response.statusCode) ? 'silent' : 'warn';
      return Date.now() - Number(startedAt.get(request) ?? Date.now()) > slowFrom
        ? 'warn'
        : 'silent';
    },
    serializers: {
      req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
        id,
        method,
        url,
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
    genReqId: (request) => {
      startedAt.set(request, Date.now());
      return ++count;
    },
  });

const startedAt = new WeakMap<object, number>();
let count = 0;
