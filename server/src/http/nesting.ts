import type { IncomingMessage, ServerResponse } from 'node:http';

/** Nothing a ledger holds is nested deeper; what is could break whatever walks through it. */
export const deepest = 40;

const [open, close, quote, backslash] = ['[{', ']}', '"', '\\'].map((signs) =>
  [...signs].map((sign) => sign.charCodeAt(0)),
);

/**
 * Refuses JSON that is nested too deep, before it is read.
 *
 * @param json UTF-8, as it came
 * @throws RangeError, which the body parser passes on as a body it could not take
 */
export function refuseDeep(json: Uint8Array): void {
  let depth = 0;
  let isText = false;
  for (let i = 0; i < json.length; i++) {
    const sign = json[i];
    if (isText) {
      if (sign === backslash[0]) i++;
      else if (sign === quote[0]) isText = false;
    } else if (sign === quote[0]) isText = true;
    else if (open.includes(sign)) {
      if (++depth > deepest) throw new RangeError(`nested deeper than ${deepest} levels`);
    } else if (close.includes(sign)) depth--;
  }
}

/** For Express’s body parsers. */
export const verifyDepth = (_request: IncomingMessage, _response: ServerResponse, body: Buffer) =>
  refuseDeep(body);
