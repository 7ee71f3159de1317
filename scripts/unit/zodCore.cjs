module.exports = globalThis.loadedOnce()['zod/v4/core'];
