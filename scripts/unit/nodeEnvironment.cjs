const { TestEnvironment } = require('jest-environment-node');
const { keptByWorker, load } = require('./loadedOnce.cjs');

/** Node for tests, with what is loaded once. */
module.exports = class NodeEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    this.global.loadedOnce = load;
    this.global.keptByWorker = keptByWorker;
  }
};
