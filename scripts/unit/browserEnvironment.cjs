const { TestEnvironment } = require('jest-environment-jsdom');
const { keptByWorker, load } = require('./loadedOnce.cjs');

/** A browser for components and hooks under test, with what every browser has and jsdom lacks. */
module.exports = class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { structuredClone, fetch, Request, Response, Headers });
    Object.assign(this.global, { TextEncoder, TextDecoder });
    Object.defineProperty(this.global, 'crypto', { value: globalThis.crypto });
    this.global.loadedOnce = load;
    this.global.keptByWorker = keptByWorker;
  }
};
