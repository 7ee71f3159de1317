/** @type {import('jest').Config} */
module.exports = {
  testEnvironment: 'node',
  roots: ['<rootDir>/core/src', '<rootDir>/server/src', '<rootDir>/web/src'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  moduleNameMapper: { '^@yellow-ledger/core$': '<rootDir>/core/src/index.ts' },
  setupFiles: ['<rootDir>/scripts/propertySeed.cjs'],
  transform: {
    '^.+\\.(t|j)sx?$': [
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
  // culori ships as ES modules only, which Jest must turn over.
  transformIgnorePatterns: ['/node_modules/(?!(culori|ical-generator)/)'],
};
