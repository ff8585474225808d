import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';
import regexp from 'eslint-plugin-regexp';

export default tseslint.config(
  { ignores: ['dist', 'coverage', 'test-results', 'playwright-report', 'node_modules'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    // No pattern may try the same letters in more and more ways: a pasted line would stop the tab.
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': 'error',
      'regexp/no-dupe-disjunctions': 'error',
    },
  },
  {
    // Lines are bounded here in length (2,000 letters, plan lines 400): what is quadratic stays small, and is measured in dances/hostile.test.ts.
    files: ['src/core/reading/**/*.ts'],
    rules: { 'regexp/no-super-linear-backtracking': 'off' },
  },
  {
    files: ['src/app/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: hooks.configs.recommended.rules,
  },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      'no-undef': 'off',
      eqeqeq: 'error',
      'max-lines': ['error', { max: 420, skipBlankLines: true, skipComments: true }],
      // These two only ever go down.
      complexity: ['error', 20],
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Math'] > SpreadElement",
          message: 'A list of unknown length overflows the stack: `greatest` and `least` of the core take any.',
        },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    },
  },
  {
    // Tables may be as long as they need to be.
    files: ['src/core/vocabulary/**/*.ts', '**/*.test.{ts,tsx}', '**/test/**/*.ts'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off' },
  },
  {
    // The core is pure: no clock, no chance, no host objects.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core knows no chance.' },
        { object: 'Date', property: 'now', message: 'The core knows no clock.' },
      ],
      'no-restricted-globals': ['error', 'Date', 'window', 'document', 'process', 'console', 'localStorage'],
    },
  },
  {
    files: ['scripts/**/*.mjs', '*.cjs', '*.config.js'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        fetch: 'readonly',
        module: 'writable',
        Buffer: 'readonly',
        performance: 'readonly',
      },
    },
  },
);
