/** @type {import('jest').Config} */
module.exports = {
  testEnvironment: '<rootDir>/scripts/unit/nodeEnvironment.cjs',
  globalSetup: '<rootDir>/scripts/unit/buildCore.cjs',
  roots: ['core/src', 'server/src', 'web/src', 'scripts'].map((folder) => `<rootDir>/${folder}`),
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  moduleNameMapper: {
    '^@yellow-ledger/core$': '<rootDir>/scripts/unit/core.cjs',
    '^zod$': '<rootDir>/scripts/unit/zod.cjs',
    '^zod/v4/core$': '<rootDir>/scripts/unit/zodCore.cjs',
    '\\.scss$': '<rootDir>/scripts/unit/noStyles.cjs',
  },
  // Ends a hang; no busy machine reaches it.
  testTimeout: 900_000,
  // Jest looks a global up slowly, and the core asks for these in its innermost loops. Not Set: a
  // package that writes certificates has a class of that name.
  sandboxInjectedGlobals: ['Math', 'Float64Array', 'Number', 'Map', 'Array', 'Object', 'Error'],
  setupFiles: ['<rootDir>/scripts/unit/propertySeed.cjs'],
  setupFilesAfterEnv: ['<rootDir>/scripts/unit/componentTests.cjs'],
  transform: {
    '^.+\\.m?(t|j)sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  // Some ship as ES modules only, which Jest must turn over.
  transformIgnorePatterns: [
    '/node_modules/(?!(culori|ical-generator|@noble/hashes|p-limit|yocto-queue)/)',
  ],
};
