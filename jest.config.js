/** Unit and HTTP tests, ESM throughout. Browser stories are Playwright's (e2e/). */
export default {
  testEnvironment: 'node',
  maxWorkers: '100%',
  // No test is timed: on a busy machine it takes as long as it takes.
  testTimeout: 60_000,
  testMatch: ['<rootDir>/{core,contract,server,web}/**/*.test.{ts,tsx}'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true, importAttributes: true },
          target: 'es2023',
          transform: { react: { runtime: 'automatic' } },
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
  cacheDirectory: '<rootDir>/.cache/jest',
};
