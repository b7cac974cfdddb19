import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['dist', 'reports', 'test-results', 'node_modules', 'core/recipe/kernel'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser }, globals: globals.browser },
    rules: {
      'vue/no-v-html': 'error',
      'vue/max-attributes-per-line': 'off',
      // One set of controls: what the browser has of its own looks and works otherwise everywhere.
      'vue/no-restricted-html-elements': [
        'error',
        ...['select', 'input', 'textarea', 'dialog', 'progress', 'meter'].map((element) => ({
          element,
          message: `Use Element Plus, or a part of app/parts/field; no <${element}>.`,
        })),
        { element: 'details', message: 'Use app/parts/FoldOut.vue; no <details>.' },
      ],
      'vue/no-restricted-static-attribute': [
        'error',
        { key: 'title', element: '/^[a-z]/', message: 'Use v-tip.' },
      ],
      'vue/no-restricted-v-bind': [
        'error',
        { argument: 'title', element: '/^[a-z]/', message: 'Use v-tip.' },
      ],
    },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  { files: ['app/**/*.ts'], languageOptions: { globals: globals.browser } },
  {
    files: ['scripts/**', 'server/**', 'tests/**', '*.config.*', '*.cjs'],
    languageOptions: { globals: globals.node },
  },
  {
    files: ['**/*.ts', '**/*.vue'],
    rules: {
      'no-undef': 'off',
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { ignoreRestSiblings: true, varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
    },
  },
  {
    files: ['**/*.ts'],
    languageOptions: {
      parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
    },
  },
  // The front door is a list, not logic.
  { files: ['core/index.ts'], rules: { 'max-lines': 'off' } },
  // Workers carry questions to the core; what they decide stands there.
  {
    files: ['app/workers/*.ts'],
    ignores: ['app/workers/*.test.ts'],
    rules: { 'max-lines': ['error', { max: 85, skipBlankLines: true, skipComments: true }] },
  },
  // One place makes workers, and one way asks them.
  {
    files: ['app/**/*.ts', 'app/**/*.vue'],
    ignores: ['app/workers/threads.ts', '**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Worker']",
          message: 'Workers are made in app/workers/threads.ts.',
        },
      ],
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'comlink',
              importNames: ['wrap'],
              message: 'Ask through `threads` (app/workers/threads.ts).',
            },
          ],
        },
      ],
    },
  },
)
