import next from 'eslint-config-next/core-web-vitals';
import nextTs from 'eslint-config-next/typescript';

const config = [
  {
    ignores: [
      '.next/**',
      '.player/**',
      'node_modules/**',
      'next-env.d.ts',
      '.e2e/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...next,
  ...nextTs,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
      'no-var': 'error',
      'prefer-const': 'error',
    },
  },
  {
    // A promise that nobody waits for hides its failure: `void` says that it is meant.
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  {
    // What is longer cannot be read at a glance; flat exhaustive switches say so where they stand.
    files: ['**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test.data.ts', 'e2e/**', 'scripts/**'],
    rules: { 'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['**/*.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 150, skipBlankLines: true, skipComments: true }] },
  },
  {
    // The core is pure: what time it is and what chance brings are arguments.
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'core takes the time as an argument',
        },
        {
          selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
          message: 'core takes a seed as an argument',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core takes the time as an argument',
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'process'],
    },
  },
];

export default config;
