import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['**/dist/**', '**/dist-print/**', '**/node_modules/**', 'server/drizzle/**', '.data/**'] },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    rules: {
      // `!` states what an index or a lookup cannot miss; noUncheckedIndexedAccess makes us say it.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // A Nest module is a class with nothing in it.
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true }],
      // A room adds its rules to the union of reasons by merging (core/src/units/reason.ts).
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      eqeqeq: 'error',
      'no-console': 'off',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['core/src/**/*.test.ts', 'core/src/testing/**'],
    rules: {
      'no-restricted-globals': ['error', 'process', 'console', 'setTimeout', 'fetch', 'window', 'document'],
      'no-restricted-syntax': [
        'error',
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'core has no clock' },
        {
          selector: 'MemberExpression[object.name="Date"][property.name="now"]',
          message: 'core has no clock',
        },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core takes a seed' },
      ],
    },
  },
  {
    files: ['core/src/**/*.ts', 'server/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: { 'max-lines-per-function': ['error', 60], complexity: ['error', 20] },
  },
  {
    // Published algorithms, each named with its source where it stands.
    files: [
      'core/src/cut/division/sideRays.ts',
      'core/src/lay/grow.ts',
      'core/src/pair/set.ts',
      'core/src/solve/enumerate.ts',
      'core/src/solve/search.ts',
    ],
    rules: { 'max-lines-per-function': ['error', 140] },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', '**/testing/**'],
    rules: { 'max-lines-per-function': ['error', 100], complexity: ['error', 20] },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    // The rules of its compiler, which we do not use, take a third of the lint.
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
    languageOptions: { globals: globals.browser },
  },
  {
    // A promise that nobody waits for loses what went wrong. By types, so only where promises are.
    files: ['server/src/**/*.ts', 'web/src/**/*.{ts,tsx}', 'e2e/src/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
    },
  },
  {
    files: ['**/*.{mjs,cjs}', 'e2e/**'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
  {
    files: ['e2e/**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[property.name='getText']",
          message: 'What was found may be drawn anew before it is read: ask shop.text or shop.texts.',
        },
      ],
    },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
);
