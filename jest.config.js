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
  setupFiles: ['<rootDir>/jest.setup.ts'],
};
