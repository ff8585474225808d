export default {
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/dances/**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
  // Work is bounded in calls, not in time: a busy machine fails no test.
  testTimeout: 30_000,
  // Tests put small stand-ins of the browser on the global object; Jest's clean-up of it wraps what it finds there.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  setupFiles: ['<rootDir>/jest.setup.ts'],
};
