import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import svelte from 'eslint-plugin-svelte'
import globals from 'globals'
import ts from 'typescript-eslint'
import { noKinds } from './scripts/lint/no-kinds.mjs'
import svelteConfig from './svelte.config.js'

export default ts.config(
  { ignores: ['build/', '.svelte-kit/', 'node_modules/', '.cache/', 'data/', 'test-results/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      'no-undef': 'off',
      eqeqeq: 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'svelte/no-navigation-without-resolve': 'off',
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: {
      parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig },
    },
  },
  {
    files: ['src/**/*.ts'],
    ignores: ['**/*.svelte.ts', '**/*.test.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: false, requireDefaultForNonUnion: true },
      ],
      '@typescript-eslint/no-unnecessary-condition': 'off',
    },
  },
  {
    files: ['src/lib/core/{review,scene,what-if,needs}/**/*.ts'],
    ignores: ['**/*.test.ts'],
    plugins: { own: { rules: { 'no-kinds': noKinds } } },
    rules: {
      'own/no-kinds': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    files: ['src/lib/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...[
          'window',
          'document',
          'navigator',
          'process',
          'fetch',
          'setTimeout',
          'performance',
          'localStorage',
          'crypto',
        ],
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core has no randomness: seeds come in as arguments.' },
        { object: 'Date', property: 'now', message: 'core has no clock: times come in as arguments.' },
      ],
    },
  },
)
