import type { IncomingMessage, ServerResponse } from 'node:http';

/** Nothing a ledger holds is nested deeper; what is could break whatever walks through it. */
export const deepest = 40;
/** No record has as many values, nor do writes that are sent together. */
export const mostValues = 600_000;

const [openList, openObject, closeList, closeObject, quote, backslash, comma] = [...'[{]}"\\,'].map(
  (sign) => sign.charCodeAt(0),
);

/** Looks how deep JSON is nested, and how much there is of it, before anything of it is read. */
export class NestingGuard {
  private depth = 0;
  private values = 0;
  private isText = false;
  private isEscaped = false;

  /** @param most so many values there may be in all */
  constructor(private readonly most = Infinity) {}

  /**
   * @param json UTF-8, the next of it
   * @throws TooDeep, TooMany
   */
  pass(json: Uint8Array): void {
    for (const sign of json) {
      if (this.isEscaped) this.isEscaped = false;
      else if (this.isText) {
        if (sign === backslash) this.isEscaped = true;
        else if (sign === quote) this.isText = false;
      } else if (sign === quote) this.isText = true;
      else if (sign === openList || sign === openObject) {
        if (++this.depth > deepest) throw new TooDeep();
      } else if (sign === comma) {
        if (++this.values > this.most) throw new TooMany();
      } else if (sign === closeList || sign === closeObject) this.depth--;
    }
  }
}

/** Body parsers pass it on as a body they could not take. */
export class TooDeep extends RangeError {
  constructor() {
    super(`nested deeper than ${deepest} levels`);
    this.name = 'TooDeep';
  }
}

/** Body parsers pass it on as a body they could not take. */
export class TooMany extends RangeError {
  constructor() {
    super(`more than ${mostValues.toLocaleString('en')} values`);
    this.name = 'TooMany';
  }
}

/** For Express’s body parsers. */
export const verifyDepth = (_request: IncomingMessage, _response: ServerResponse, body: Buffer) =>
  new NestingGuard(mostValues).pass(body);
