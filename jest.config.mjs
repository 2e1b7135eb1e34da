/** Unit tests of the core and of the server's own logic; the interface is tested in the real application (e2e/). */
const config = {
  testEnvironment: 'node',
  roots: ['<rootDir>/app', '<rootDir>/core', '<rootDir>/handout', '<rootDir>/server', '<rootDir>/ui'],
  testMatch: ['**/*.test.ts'],
  setupFiles: ['<rootDir>/jest.setup.mjs'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/$1' },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  // Some make databases, cut fonts or draw pages: on a busy machine that takes its time.
  testTimeout: 60_000,
  maxWorkers: 2,
};
export default config;
