import { Agent as PlainAgent, request as plainRequest, type IncomingMessage } from 'node:http';
import { Agent, request } from 'node:https';

/** A device of somebody: one connection that stays open, and the cookie it came in with. */
export class Device {
  cookie = '';
  // The certificate is of the server’s own making, and this is the machine it runs on.
  private readonly agent: Agent | PlainAgent;

  constructor(readonly url: string) {
    this.agent = url.startsWith('https')
      ? new Agent({ keepAlive: true, rejectUnauthorized: false, maxSockets: 4 })
      : new PlainAgent({ keepAlive: true, maxSockets: 4 });
  }

  /** @returns the status, and what was answered as JSON */
  async ask(
    path: string,
    method = 'GET',
    body?: object,
  ): Promise<{ status: number; body: unknown }> {
    const response = await this.open(path, method, body).catch((error: NodeJS.ErrnoException) => {
      // A connection that was just being closed is opened anew, as a browser does.
      if (error.code !== 'ECONNRESET') throw error;
      return this.open(path, method, body);
    });
    let text = '';
    for await (const part of response.setEncoding('utf8')) text += part;
    const [set] = response.headers['set-cookie'] ?? [];
    if (set) [this.cookie] = set.split(';');
    return { status: response.statusCode ?? 0, body: text === '' ? null : JSON.parse(text) };
  }

  /** Sends bytes, as a picture is sent. @returns the status, and what was answered as JSON */
  async send(
    path: string,
    type: string,
    bytes: Buffer,
  ): Promise<{ status: number; body: unknown }> {
    const response = await this.open(path, 'POST', { type, bytes });
    let text = '';
    for await (const part of response.setEncoding('utf8')) text += part;
    return { status: response.statusCode ?? 0, body: text === '' ? null : JSON.parse(text) };
  }

  /** Opens a stream of events. @param onData told each piece as it comes */
  async listen(path: string, onData: (text: string) => void): Promise<() => void> {
    const response = await this.open(path, 'GET');
    if (response.statusCode !== 200) throw new Error(`no stream: ${response.statusCode}`);
    response.setEncoding('utf8').on('data', onData);
    response.on('error', () => undefined);
    return () => response.destroy();
  }

  /** An answer as it comes, for reading it at one's own pace. */
  raw(path: string): Promise<IncomingMessage> {
    return this.open(path, 'GET');
  }

  private open(
    path: string,
    method: string,
    body?: object | { type: string; bytes: Buffer },
  ): Promise<IncomingMessage> {
    const isBytes = body !== undefined && 'bytes' in body && Buffer.isBuffer(body.bytes);
    const send = this.url.startsWith('https') ? request : plainRequest;
    return new Promise((answered, failed) => {
      const asked = send(
        `${this.url}${path}`,
        {
          method,
          agent: this.agent,
          headers: {
            ...(this.cookie && { Cookie: this.cookie }),
            ...(body && { 'Content-Type': isBytes ? body.type : 'application/json' }),
          },
        },
        answered,
      );
      asked.on('error', failed);
      asked.end(isBytes ? body.bytes : body && JSON.stringify(body));
    });
  }
}
