import { request as httpRequest } from 'node:http';
import { benchServer } from './benchServer';
import { drawer, recordsOf, type Asked } from './fuzzRequests';

/** Seeds the requests are drawn from; a figure after `fuzz` draws from others. */
const seeds = [11, 12, 13, 14];
const requestsASeed = 6250;
export const hangsFrom = 5000;
/** Words no answer may show: where the program lies, and how it was called. */
export const leaks = /node_modules|\.ts:\d|\.js:\d|at \w+ \(|SQLITE|sqlite3?\b.*error|knex/i;

interface Answer {
  status: number;
  text: string;
  ms: number;
}

/** Malformed requests over all routes: no failure on our side, no hang, nothing told that is not to be. */
export async function benchFuzz(): Promise<void> {
  console.log('\nMalformed requests over all routes');
  const server = await benchServer();
  await server.send('POST', '/api/demo/sample', {});
  try {
    for (const seed of seeds) {
      const draw = drawer(seed, await recordsOf(server.url));
      const counts = { failed: 0, hung: 0, leaked: 0 };
      const byStatus = new Map<number, number>();
      const told = new Set<string>();
      for (let nth = 0; nth < requestsASeed; nth++) {
        const asked = draw();
        const { status, text, ms } = await send(server.url, asked);
        byStatus.set(status, (byStatus.get(status) ?? 0) + 1);
        if (ms > hangsFrom || status === 0) counts.hung++;
        if (leaks.test(text)) counts.leaked++;
        if (status >= 500) counts.failed++;
        if (status >= 500 || status === 0 || leaks.test(text))
          told.add(
            `${status} ${asked.method} ${asked.path.slice(0, 60)} ${asked.body.slice(0, 100)}`,
          );
      }
      const statuses = [...byStatus].sort(([one], [other]) => one - other);
      console.log(
        `  seed ${seed}: ${requestsASeed} requests, 5xx ${counts.failed}, hangs ${counts.hung}, leaks ${counts.leaked}` +
          ` (${statuses.map(([status, count]) => `${count} × ${status}`).join(', ')})`,
      );
      [...told].slice(0, 12).forEach((line) => console.log(`    ${line}`));
      if (counts.failed + counts.hung + counts.leaked > 0) process.exitCode = 1;
    }
    const { status } = await send(server.url, {
      method: 'GET',
      path: '/healthz',
      heads: {},
      body: '',
    });
    console.log(`  afterwards /healthz answers ${status}`);
    if (status !== 200) process.exitCode = 1;
  } finally {
    server.stop();
  }
}

export function send(url: string, { method, path, heads, body }: Asked): Promise<Answer> {
  const begun = performance.now();
  const { hostname, port } = new URL(url);
  return new Promise((answered) => {
    const end = (status: number, text: string) =>
      answered({ status, text, ms: performance.now() - begun });
    const sent = httpRequest(
      {
        hostname,
        port,
        method,
        path,
        headers: { ...heads, 'content-length': Buffer.byteLength(body) },
        timeout: 10_000,
      },
      (response) => {
        let text = '';
        response.setEncoding('utf8');
        response.on('data', (part: string) => (text.length < 20_000 ? (text += part) : undefined));
        response.on('end', () =>
          end(
            response.statusCode ?? 0,
            response.headers['content-type']?.includes('json') ? text : '',
          ),
        );
        response.on('error', () => end(0, ''));
      },
    );
    sent.on('timeout', () => sent.destroy());
    sent.on('error', () => end(0, ''));
    sent.end(body);
  });
}
