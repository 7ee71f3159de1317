module.exports = globalThis.loadedOnce()['zod'];
