import server from '../package.json' with { type: 'json' };

/** Of this Yellow Ledger. */
export const { version } = server;
