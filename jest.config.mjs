/** Unit tests of the core and of the server's own logic; the interface is tested in the real application (e2e/). */
const common = {
  testEnvironment: '<rootDir>/scripts/jest-environment.mjs',
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
};

const config = {
  projects: [
    {
      ...common,
      displayName: 'navuren',
      roots: ['<rootDir>/app', '<rootDir>/core', '<rootDir>/handout', '<rootDir>/server', '<rootDir>/ui'],
      // About several servers on one database: there is no such thing in a folder.
      testPathIgnorePatterns: ['/server/(postgres|move)\\.test\\.ts$'],
    },
    // What asks a database asks it of a real PostgreSQL server too (see server/open.test.data.ts).
    {
      ...common,
      displayName: 'on a server',
      roots: ['<rootDir>/server'],
      testPathIgnorePatterns: ['/server/(folder|towns|answers|containers)\\.test\\.ts$'],
      setupFiles: [...common.setupFiles, '<rootDir>/scripts/jest-on-server.mjs'],
      globalSetup: '<rootDir>/scripts/jest-postgres.mjs',
      globalTeardown: '<rootDir>/scripts/jest-postgres-end.mjs',
    },
  ],
  // Some make databases, cut fonts or draw pages: on a busy machine that takes its time.
  testTimeout: 60_000,
  maxWorkers: 2,
};
export default config;
