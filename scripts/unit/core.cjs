module.exports = globalThis.loadedOnce()['@yellow-ledger/core'];
